using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Groups;
using LooseGraft.Core.Wire.Nets;

namespace LooseGraft.Core.Wire;

/// <summary>The Wire stage: every joint judged, and every contact that must be connected accounted for.</summary>
public static class WireStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Wire, input => Review(input.Graft, input.Before?.Reviews.Find<WireReview>()), StageDefinition.RulesIn(typeof(WireRules)));

    /// <summary>Reviews the wiring of a graft.</summary>
    /// <remarks>Joints that name a port the graft does not have are passed over; a graft file with such a joint is refused when read.</remarks>
    /// <param name="graft">The graft.</param>
    /// <param name="before">A review of the same graft before an edit, whose untouched joints are taken over; the result is the same without it, only
    /// later.</param>
    public static WireReview Review(Graft graft, WireReview? before = null)
    {
        var memo = new JointMemo(before);
        var ends = (from part in graft.Parts from port in part.Ports select new JointEnd(part, port)).ToDictionary(end => end.Id);
        var judged = graft.Joints.Where(joint => ends.ContainsKey(joint.From) && ends.ContainsKey(joint.To))
            .Select(joint => memo.Find(joint, ends[joint.From], ends[joint.To]) ?? JointJudge.Review(joint, ends[joint.From], ends[joint.To]))
            .ToImmutableArray();
        var joints = judged.Select(review => LeadGate.Apply(graft, review)).ToImmutableArray();
        return new WireReview(
            [.. joints.OrderByDescending(review => review.Worst ?? (Severity)(-1)).ThenByDescending(review => review.Verdict.Kind)],
            [.. joints.SelectMany(review => review.Findings), .. Unserved(ends.Values, joints), .. TakenTwice(joints), .. NetFindings.Of(graft, ends, joints),
                .. FanStrings.Of(graft, ends.Values, joints), .. AudioRules.Loops(graft, joints), .. Lookalikes.Of(ends.Values, joints)])
        { Judged = judged };
    }

    // A header may be served by several small plugs, so a needed contact is only missed when no joint at all reaches it.
    private static IEnumerable<Finding> Unserved(IEnumerable<JointEnd> ends, ImmutableArray<JointReview> joints)
    {
        var served = new HashSet<(PortId, int)>();
        foreach (var review in joints)
        {
            foreach (var contact in review.Decided)
            {
                if (review.To.At(contact.To) is { Conducts: true, Signal.IsMeaningful: true }) served.Add((review.From.Id, contact.From));
                if (review.From.At(contact.From) is { Conducts: true, Signal.IsMeaningful: true }) served.Add((review.To.Id, contact.To));
            }

            foreach (var (tie, _) in review.Ties.Where(tied => tied.Judgement.IsRight))
            {
                var end = tie.One.IsFrom ? review.From : review.To;
                served.UnionWith([(end.Id, tie.One.Position), (end.Id, tie.Other.Position)]);
            }
        }

        var joined = joints.SelectMany(review => new[] { review.From.Id, review.To.Id }).ToHashSet();
        return from end in ends
               from terminal in end.Terminals
               where terminal.Pin.NeededFor is not null && terminal.Conducts && !served.Contains((end.Id, terminal.Pin.Position))
               let missing = joined.Contains(end.Id) ? "no joint connects it" : "this port has no joint yet"
               select Finding.Of(WireRules.NeededUnconnected, new PinSubject(end.Id, terminal.Pin.Position),
                   $"{end.Port.Name} of {end.Part.Name}, position {terminal.Pin.Position} ({terminal.Signal}): {missing}, and it is needed: {terminal.Pin.NeededFor}.",
                   terminal.Pin.Signal.Evidence, "connect it in a joint, or change what it is needed for if that is not so");
    }

    private static IEnumerable<Finding> TakenTwice(ImmutableArray<JointReview> joints)
        => from claim in joints.Where(review => review.Joint.Method != JointMethod.LeaveOff)
               .SelectMany(review => review.Decided.Select(contact => (Pin: (review.From.Id, contact.From), review.From, Review: review))
                   .Concat(review.Decided.Select(contact => (Pin: (review.To.Id, contact.To), From: review.To, Review: review)))
                   .DistinctBy(entry => entry.Pin))
           group claim by claim.Pin into claims
           where claims.Select(claim => claim.Review.Joint.Id).Distinct().Count() > 1
           select Finding.Of(WireRules.ContactTakenTwice, new PinSubject(claims.Key.Id, claims.Key.Item2),
               $"{claims.First().From.Port.Name} of {claims.First().From.Part.Name}, position {claims.Key.Item2}: "
               + $"{string.Join(" and ", claims.Select(claim => claim.Review.Joint.Id).Distinct())} both claim it.",
               Evidence.Measured, "give each joint contacts of its own, or join both by one lead");
}
