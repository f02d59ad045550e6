using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Fans;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Groups;

namespace LooseGraft.Core.Wire;

/// <summary>The Wire stage: every joint judged, and every contact that must be connected accounted for.</summary>
public static class WireStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(
        Stage.Wire, input => Review(input.Graft, input.Before?.Reviews.Find<WireReview>(), input.Work), StageDefinition.RulesIn(typeof(WireRules)));

    /// <summary>Reviews the wiring of a graft.</summary>
    /// <remarks>Joints that name a port the graft does not have are passed over; a graft file with such a joint is refused when read.</remarks>
    /// <param name="graft">The graft.</param>
    /// <param name="before">A review of the same graft before an edit, whose untouched joints are taken over; the result is the same without it, only
    /// later.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    public static WireReview Review(Graft graft, WireReview? before = null, ReviewWork? work = null)
    {
        var (ends, judged, circuit) = Judged(graft, before, work ?? new ReviewWork());
        var wired = new WiredJoints(circuit);
        var hanging = new Hanging(circuit, judged);
        var leads = new PartLeadGate(graft, circuit);
        var joints = GroupRules.Apply(hanging, judged.Select(wired.Apply)).Select(review => leads.Apply(LeadGate.Apply(graft, review))).ToImmutableArray();
        return new WireReview(
            [.. joints.OrderByDescending(review => review.Worst ?? (Severity)(-1)).ThenByDescending(review => review.Verdict.Kind)],
            [.. joints.SelectMany(review => review.Findings), .. leads.Findings, .. CircuitFindings.Of(circuit, hanging),
                .. NeededContacts.Unserved(circuit, joints), .. TakenTwice(joints), .. FanStrings.Of(FanLines.Of(graft, circuit.Netlist)),
                .. AudioRules.Loops(graft, hanging), .. Lookalikes.Of(ends.Values, joints)])
        { Judged = judged, Circuit = circuit, Of = (graft, ends) };
    }

    /// <summary>What the rules for joints and for the circuit say, without those that no signal of a contact changes: what the prove list asks for again and
    /// again.</summary>
    /// <param name="graft">The graft, with a contact that might be otherwise.</param>
    /// <param name="before">A review of it as it stands.</param>
    public static IEnumerable<Finding> FindingsOfContacts(Graft graft, WireReview before)
    {
        var (_, judged, circuit) = Judged(graft, before, new ReviewWork());
        var wired = new WiredJoints(circuit);
        var hanging = new Hanging(circuit, judged);
        var joints = GroupRules.Apply(hanging, judged.Select(wired.Apply));
        return [.. joints.SelectMany(review => review.Findings), .. CircuitFindings.Of(circuit, hanging), .. NeededContacts.Unserved(circuit, joints)];
    }

    private static (Dictionary<PortId, JointEnd> Ends, ImmutableArray<JointReview> Joints, CircuitReview Circuit) Judged(
        Graft graft, WireReview? before, ReviewWork work)
    {
        // The circuit follows from parts, joints and what supplies give, so that what is drawn, seated or read leaves it as it is.
        if (before?.Of is var (same, known) && same.Parts == graft.Parts && same.Joints == graft.Joints && same.Supplies == graft.Supplies)
            return (known, before.Judged, before.Circuit);
        var (memo, roles) = (new JointMemo(before), new RoleTable(graft));
        var ends = (from part in graft.Parts from port in part.Ports select new JointEnd(part, port, roles)).ToDictionary(end => end.Id);
        var judged = work.Each(graft.Joints, "joint").Where(joint => ends.ContainsKey(joint.From) && ends.ContainsKey(joint.To))
            .Select(joint => memo.Find(joint, ends[joint.From], ends[joint.To]) ?? JointJudge.Review(joint, ends[joint.From], ends[joint.To]))
            .ToImmutableArray();
        return (ends, judged, CircuitReview.Of(graft, judged, roles));
    }

    // Any number of wires may be soldered to one tag; a plug keeps a contact to itself.
    private static IEnumerable<Finding> TakenTwice(ImmutableArray<JointReview> joints)
        => from claims in joints.Where(review => review.Joint.Method != JointMethod.LeaveOff)
               .SelectMany(review => new[] { (End: review.From, Review: review), (End: review.To, Review: review) })
               .GroupBy(claim => claim.End.Id)
           let port = claims.First().End
           where claims.Skip(1).Any() && port.Port.Type.Housing != Housing.Loose
           from taken in claims.SelectMany(claim => Claimed(claim.Review, claim.End).Select(position => (Position: position, claim.Review.Joint.Id))).Distinct()
               .GroupBy(claim => claim.Position, claim => claim.Id)
           where taken.Skip(1).Any()
           select Finding.Of(WireRules.ContactTakenTwice, new PinSubject(claims.Key, taken.Key),
               $"{port.Port.Name} of {port.Part.Name}, position {taken.Key}: {string.Join(" and ", taken)} both claim it.",
               Evidence.Measured, "give each joint contacts of its own, or join both by one lead");

    private static IEnumerable<int> Claimed(JointReview review, JointEnd end)
        => review.Decided.Select(contact => end == review.From ? contact.From : contact.To);
}
