using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>The Prove stage: what was measured and seen, held against what is said.</summary>
public static class ProveStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(Stage.Prove, input => Review(input.Graft), StageDefinition.RulesIn(typeof(ProveRules)));

    // Two readings of one voltage by one hand agree within a tenth, or within what a meter drifts by itself.
    private const double AgreeShare = 0.10;
    private const double AgreeVolts = 0.3;

    /// <summary>Reviews what was proven. Readings of ports that the graft no longer has are passed over; a graft file with such a reading is refused when
    /// read.</summary>
    public static ProveReview Review(Graft graft)
    {
        var readings = Readings(graft);
        ImmutableArray<DonorLife> life = [.. ProofOfLife.Of(graft)];
        return new ProveReview(readings, life, UnprovenFacts.Of(graft),
            [.. Contradictions(graft, readings), .. Disagreements(graft, readings), .. Irreversible(graft, life), .. NoSign(graft, life)]);
    }

    private static ImmutableArray<JudgedReading> Readings(Graft graft)
    {
        var newest = graft.Readings.GroupBy(SetUp).ToDictionary(group => group.Key, group => group.Last().Id);
        return [.. from reading in graft.Readings
                   let part = graft.FindPart(reading.Port.Part)
                   let port = graft.FindPort(reading.Port)
                   where port is not null
                   select new JudgedReading(reading, ReadingJudge.Judge(port, part.Kind, reading), newest[SetUp(reading)] == reading.Id)];
    }

    private static (PortId, MeterMode, int?, int?, PowerState, SwitchAct) SetUp(Reading reading)
        => (reading.Port, reading.Mode, reading.Red, reading.Black, reading.Power, reading.Act);

    private static IEnumerable<Finding> Contradictions(Graft graft, ImmutableArray<JudgedReading> readings)
        => from judged in readings
           where judged.IsNewest && judged.Judgement.Verdict == ReadingVerdict.Contradicts
           let reading = judged.Reading
           let said = reading.Red is { } red ? graft.FindPort(reading.Port)!.PinAt(red) : null
           let fact = said is null ? "its pitch" : $"{said.Signal.Value} ({said.Signal.Evidence.Words()})"
           select Finding.Of(ProveRules.ReadingContradicts, new ReadingSubject(reading.Id),
               new ReadingContradicts(reading.Id, said?.Signal.Value, reading.Text, judged.Judgement.Suggests),
               $"{Where(graft, reading)}: said to be {fact}, but {reading.Text} was read. {judged.Judgement.Words}", Evidence.Measured,
               judged.Judgement.Suggests is { } instead ? $"take the reading's word: {instead}" : "correct what is said of it",
               "read it again: a probe may have slipped, or the meter stood on another mode");

    private static IEnumerable<Finding> Disagreements(Graft graft, ImmutableArray<JudgedReading> readings)
        => from pair in readings.Select(judged => judged.Reading).GroupBy(SetUp).Where(alike => alike.Count() > 1)
           let last = pair.Last()
           let before = pair.SkipLast(1).Last()
           let now = last.Value
           let then = before.Value
           where now is not null && then is not null && !Agree(now.Value, then.Value)
           select Finding.Of(ProveRules.ReadingsDisagree, new ReadingSubject(last.Id), new ReadingsDisagree(before.Id, then.Value, last.Id, now.Value),
               $"{Where(graft, last)}: {before.Text} was read first and {last.Text} after, in the same way.", Evidence.Measured,
               "read it once more and take out the one that was a slip");

    private static bool Agree(SpokenReading one, SpokenReading other)
    {
        if (one.IsJoined is { } joined && other.IsJoined is { } alsoJoined) return joined == alsoJoined;
        var difference = Math.Abs(one.Value - other.Value);
        return one.Kind == other.Kind && difference <= Math.Max(AgreeVolts, AgreeShare * Math.Max(Math.Abs(one.Value), Math.Abs(other.Value)));
    }

    private static IEnumerable<Finding> Irreversible(Graft graft, ImmutableArray<DonorLife> life)
    {
        var unsure = life.Where(each => each.Verdict != LifeVerdict.Alive && graft.Parts.Any(graft.FindDonor(each.Donor)!.GaveBoard))
            .Select(each => each.Donor).ToArray();
        foreach (var joint in graft.Joints.Where(joint => joint.Method is JointMethod.Splice or JointMethod.Bridge))
        {
            var cut = Donors(graft, joint).Intersect(unsure).Select(graft.CallDonor).ToArray();
            if (cut.Length == 0) continue;
            var act = joint.Method == JointMethod.Bridge ? "a link is soldered on the board" : "a lead is cut";
            yield return Finding.Of(ProveRules.IrreversibleBeforeLife, new JointSubject(joint.Id), new IrreversibleBeforeLife(joint.Id, joint.Method),
                $"Joint {joint.Id}: {act}, and that cannot be taken back, but {string.Join(" and ", cut)} {(cut.Length == 1 ? "is" : "are")} not proven alive yet.", Evidence.Measured,
                "run the bare board on the bench first and write down what you see");
        }
    }

    // Whose the boards are that it touches; where it touches none, nobody knows for which board it is.
    private static IEnumerable<string?> Donors(Graft graft, Joint joint)
    {
        var own = new[] { joint.From, joint.To }.Select(port => graft.FindPart(port.Part))
            .Where(part => part is { Kind: PartKind.Board, Origin: PartOrigin.Donor })
            .Select(part => part!.Donor).Distinct().ToArray();
        return own.Length > 0 ? own : graft.Donors().Select(donor => donor.Id);
    }

    private static IEnumerable<Finding> NoSign(Graft graft, ImmutableArray<DonorLife> life)
        => from each in life
           where each.Verdict == LifeVerdict.NoSign
           select Finding.Of(ProveRules.NoSignOfLife, new LifeSubject(each.Donor), new NoSignOfLife(),
               $"When the bare board{graft.OfDonor(each.Donor)} was last started it gave no picture and no answer.",
               Evidence.Measured,
               "strip it to the least it should start with and try again: the bench sheet says what that is", "clear the settings memory and check its 3 V cell");

    private static string Where(Graft graft, Reading reading)
    {
        var name = graft.FindPort(reading.Port)?.Name ?? reading.Port.ToString();
        return reading.Red is { } red ? $"{name}, position {red}" : name;
    }
}
