using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using LooseGraft.SlowJudge;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Slips of a hand put into every joint of the demo grafts: two wires exchanged, a plug one position off, a blob of solder between neighbours. Each is
/// found, or the second judge says that it harms nothing.</summary>
public sealed class FaultInjectionTests(ITestOutputHelper output)
{
    // By hand all of them: PROPERTY_TIMES=2.
    private static readonly int EachOf = Environment.GetEnvironmentVariable("PROPERTY_TIMES") is null ? 6 : 1;

    public static TheoryData<string> Demos
        => [.. Directory.EnumerateFiles(House.Root.Folder("demo"), "*.json").Order().Select(Path.GetFileNameWithoutExtension).OfType<string>()];

    [Theory]
    [MemberData(nameof(Demos))]
    public void Every_slip_in_a_joint_of_a_demo_is_found_or_harms_nothing(string demo)
    {
        var sound = Explicit(GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), demo + ".json"))).Graft!);
        var (before, already) = Judge.Of(Written(sound));
        Assert.True(before != SlowVerdict.Harm, already);
        var known = Found(sound).ToHashSet();
        var (stopped, told, harmless, turn) = (0, 0, 0, 0);
        foreach (var (slip, graft) in sound.Joints.SelectMany(joint => Slips(sound, joint)))
        {
            var worst = Found(graft).Except(known).Select(found => (Severity?)found.Severity).Max();
            if (worst == Severity.Stop)
            {
                stopped++;
                continue;
            }

            // The slow judge is asked about what could have been missed; a graft of this size takes it half a second.
            if (turn++ % EachOf != 0) continue;
            var (verdict, why) = Judge.Of(Written(graft));
            Assert.True(verdict <= before || (verdict == SlowVerdict.Dead && worst >= Severity.Check), $"{slip}: {verdict} ({why}), but {worst?.ToString() ?? "green"}");
            if (verdict > before) told++;
            else harmless++;
        }

        output.WriteLine($"{demo}: {stopped} slips are a stop, {told} more do not work and are told and {harmless} harm nothing, one in {EachOf} of the rest tried");
        Assert.True(stopped > 0);
    }

    // That a meter sheet is not read yet says nothing of a slip.
    private static IEnumerable<(Severity Severity, string Message)> Found(Graft graft) => WireStage.Review(graft).Findings
        .Where(finding => finding.Rule.Code != "WIRE-040").Select(finding => (finding.Severity, finding.Message));

    // The graft with every contact written down, every joint by its wires, and those that are wrong already left out.
    private static Graft Explicit(Graft graft)
    {
        var before = WireStage.Review(graft);
        var wrong = before.Circuit.Conflicts.Hard().SelectMany(conflict => conflict.Way).Select(contact => contact.Id.Port).ToHashSet();
        var joints = before.Joints.Where(review => !(review.Worst >= Severity.Fix) && review.Joint.Method != JointMethod.LeaveOff
                && !wrong.Contains(review.From.Id) && !wrong.Contains(review.To.Id))
            .Select(review => review.Joint with
            {
                Method = JointMethod.Rebuild,
                Wires = [.. review.Decided.Where(contact => contact.Judgement.Outcome != ContactOutcome.Idle)
                    .Select(contact => new Conductor(contact.From, contact.To))],
            });
        return graft with
        {
            Joints = [.. joints],
            Parts = [.. graft.Parts.Select(part => part with { Ports = [.. part.Ports.Select(port => port with { Pins = [.. port.AllPins()] })] })],
        };
    }

    private static IEnumerable<(string Slip, Graft Graft)> Slips(Graft graft, Joint joint)
    {
        for (var one = 0; one < joint.Wires.Length; one++)
        {
            for (var other = one + 1; other < joint.Wires.Length; other++)
            {
                var (first, second) = (joint.Wires[one], joint.Wires[other]);
                yield return ($"{joint.Id}: {first.To} and {second.To} exchanged", With([.. joint.Wires.Select(wire
                    => wire == first ? first with { To = second.To } : wire == second ? second with { To = first.To } : wire)]));
            }
        }

        var count = graft.FindPort(joint.To)!.PositionCount;
        foreach (var step in new[] { -1, 1 })
        {
            yield return ($"{joint.Id}: shifted by {step}", With([.. joint.Wires.Select(wire => wire with { To = wire.To + step })
                .Where(wire => wire.To >= 1 && wire.To <= count)]));
        }

        for (var position = 1; position < count; position++)
        {
            yield return ($"{joint.Id}: {position} and {position + 1} tied", graft.WithJoint(joint.Id, made => made with
            {
                Ties = made.Ties.Add(new LeadTie(new LeadEnd(false, position), new LeadEnd(false, position + 1))),
            }));
        }

        Graft With(ValueList<Conductor> wires) => graft.WithJoint(joint.Id, made => made with { Wires = wires });
    }

    private static string Written(Graft graft) => Encoding.UTF8.GetString(GraftFile.Write(graft));
}
