using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>Orders unproven facts by what proving them could change: the rules are run again with each plausible alternative in the fact's place.</summary>
/// <remarks>
/// Each alternative is put in as if it had been measured, and the findings are held against those of the graft as it stands. Only the rules that a
/// fact can reach are run again: joints and the circuit for a pin, the feed, or the seating. What is left out is the same on both sides and cancels;
/// a test holds this against the full review. The time is that of one small review for each alternative; facts beyond <see cref="MostWork"/> are
/// listed unweighed, last.
/// </remarks>
public static class ProveList
{
    /// <summary>Bound on the work of one list, in contacts and pairs of contacts: a few seconds on a small machine. An ordinary graft needs a thirtieth
    /// of it.</summary>
    public const long MostWork = 1_000_000;

    /// <summary>The list, most telling first.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="facts">Its unproven facts.</param>
    /// <param name="rulesOf">The rules that facts of a field can reach.</param>
    /// <param name="doing">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static ImmutableArray<ProveEntry> Of(
        Graft graft, IEnumerable<UnprovenFact> facts, Func<FactField, Func<Graft, IEnumerable<Finding>>> rulesOf, ReviewWork doing)
    {
        var work = 0L;
        var entries = new List<ProveEntry>();
        foreach (var group in doing.Each(facts.GroupBy(fact => FactAlternatives.Scope(fact.Subject)).ToArray(), "place with unproven facts"))
        {
            var scene = FactAlternatives.Scene(graft, group.Key);
            var rules = rulesOf(group.Key.Field);
            if (group.Key.Port is { } port && !FactAlternatives.IsJoined(scene, port))
            {
                // What no joint touches changes no verdict, whatever it is.
                entries.AddRange(group.Select(fact => new ProveEntry(fact, [], FactAlternatives.Count(scene, port))));
                continue;
            }

            var cost = FactAlternatives.Cost(scene, group.Key);
            var before = work + cost <= MostWork ? rules(scene).Where(IsHeavy).ToArray() : [];
            foreach (var fact in group)
            {
                doing.ThrowIfGivenUp();
                var alternatives = FactAlternatives.Of(scene, fact.Subject);
                work += cost * Math.Max(1, alternatives.Length);
                entries.Add(work > MostWork ? new ProveEntry(fact, [], 0) : Weigh(graft, scene, fact, alternatives, before, rules));
            }
        }

        return
        [
            .. entries.OrderByDescending(entry => entry.Weight ?? (Severity)(-1))
                .ThenByDescending(entry => entry.Alternatives == 0 ? 0 : (double)entry.Telling / entry.Alternatives)
                .ThenByDescending(entry => entry.Worst?.AtRisk.Amount ?? 0)
                .ThenBy(entry => entry.Fact.Evidence),
        ];
    }

    private static ProveEntry Weigh(
        Graft graft, Graft scene, UnprovenFact fact, ImmutableArray<Alternative> alternatives, Finding[] before, Func<Graft, IEnumerable<Finding>> rules)
    {
        var consequences = alternatives.Select(alternative => Change(graft, alternative.Words, before, [.. rules(alternative.Graft).Where(IsHeavy)]))
            .OfType<Consequence>()
            .OrderByDescending(consequence => consequence.Comes).ThenByDescending(consequence => consequence.Finding.Severity)
            .ThenByDescending(consequence => consequence.AtRisk.Amount);
        return new ProveEntry(fact, [.. consequences], alternatives.Length);
    }

    // What comes weighs more than what goes; "prove it first" on the fact itself goes by being proven, which is no news.
    private static Consequence? Change(Graft graft, string words, Finding[] before, Finding[] after)
    {
        var (had, has) = (before.Select(Key).ToHashSet(), after.Select(Key).ToHashSet());
        if (after.Where(finding => !had.Contains(Key(finding))).MaxBy(finding => finding.Severity) is { } comes)
            return new Consequence(words, comes, Comes: true, AtRisk(graft, comes.Subject));
        return before.Where(finding => !has.Contains(Key(finding)) && finding.Severity > Severity.Check).MaxBy(finding => finding.Severity) is { } goes
            ? new Consequence(words, goes, Comes: false, AtRisk(graft, goes.Subject))
            : null;
    }

    private static (string, Subject, Severity) Key(Finding finding) => (finding.Rule.Code, finding.Subject, finding.Severity);

    private static bool IsHeavy(Finding finding) => finding.Severity > Severity.Note;

    // What a builder would have to buy again: the parts at both ends of the joints that the finding's port or joint takes part in.
    private static Money AtRisk(Graft graft, Subject subject)
    {
        var ports = subject switch
        {
            _ when FactAlternatives.Scope(subject).Port is { } port => Touching(graft, port),
            JointSubject(var joint) => graft.Joints.Where(found => found.Id == joint).SelectMany(found => new[] { found.From.Part, found.To.Part }),
            HoleSubject { Board: var board } => [board],
            SeatSubject(var board) => [board],
            MountSubject { Plane: var plane } => graft.Seating.Seats.Where(seat => seat.Plane == plane).Select(seat => seat.Part),
            SupplyPartSubject { Supply: var supply } => FedBy(graft, supply),
            _ => [],
        };
        return ports.Distinct().Aggregate(Money.Zero, (sum, part) => sum + (graft.FindPart(part)?.Cost ?? Money.Zero));
    }

    // The parts that a plug of it is joined to, and those that are meant to hang on it.
    private static IEnumerable<string> FedBy(Graft graft, string supply)
        => graft.Supplies.Where(found => found.Id == supply).SelectMany(found => graft.Joints.SelectMany(
            joint => joint.From.Part == found.Part ? [joint.To.Part] : joint.To.Part == found.Part ? [joint.From.Part] : Array.Empty<string>()))
            .Concat(graft.Loads.Where(load => load.Meant?.Supply == supply).Select(load => load.Part));

    private static IEnumerable<string> Touching(Graft graft, PortId port)
        => graft.Joints.Where(joint => joint.From == port || joint.To == port).SelectMany(joint => new[] { joint.From.Part, joint.To.Part }).Append(port.Part);
}
