using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Leads;

namespace LooseGraft.Core.Wire;

/// <summary>Holds back joints with leads that are parts of their own and were made by hand, until the meter has proven them.</summary>
internal sealed class PartLeadGate
{
    private readonly Dictionary<string, (PartLead Lead, bool CarriesSupply)> _open;
    private readonly Dictionary<string, Part> _undescribed;

    /// <summary>The gate for the leads of a graft that something is joined to.</summary>
    public PartLeadGate(Graft graft, CircuitReview circuit)
    {
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From.Part, joint.To.Part })
            .ToHashSet();
        var inUse = graft.Parts.Where(part => joined.Contains(part.Id)).ToArray();
        _undescribed = inUse.Where(PartLead.IsUndescribed).ToDictionary(part => part.Id);
        _open = inUse.Select(PartLead.Of).OfType<PartLead>().Where(lead => !lead.IsSettled)
            .ToDictionary(lead => lead.Part.Id, lead => (lead, CarriesSupply(lead.Part, circuit)));
    }

    /// <summary>What is still to be read of them, or reads wrong.</summary>
    public IEnumerable<Finding> Findings => _open.Values.Select(open => Of(open.Lead, open.CarriesSupply)).Concat(_undescribed.Values.Select(Undescribed));

    /// <summary>The joint with what the leads at its ends add to its verdict.</summary>
    public JointReview Apply(JointReview review)
    {
        foreach (var end in new[] { review.From, review.To })
        {
            if (_undescribed.ContainsKey(end.Part.Id)) review = HeldBack(review, $"nobody said what {end.Part.Name} joins inside");
            if (!_open.TryGetValue(end.Part.Id, out var open)) continue;
            if (open.Lead.Wrong is not null)
                return review with { Verdict = SheetFindings.Verdict($"{open.Lead.Part.Name} is wrong inside", open.CarriesSupply) };
            review = HeldBack(review, $"no power before the meter sheet of {open.Lead.Part.Name} is read");
        }

        return review;
    }

    private static JointReview HeldBack(JointReview review, string because)
        => review.Verdict.Kind is JointVerdictKind.GoesStraightIn or JointVerdictKind.Joined
            ? review with { Verdict = new JointVerdict(JointVerdictKind.ProveFirst, "prove it first", because) } : review;

    private static bool CarriesSupply(Part part, CircuitReview circuit)
    {
        foreach (var contact in circuit.Netlist.ContactsOf(part.Id))
        {
            if (contact.Signal.SupplyVoltage is not null || circuit.ActorsWith(contact).Any(actor => actor.Role.Feeds)) return true;
        }

        return false;
    }

    private static Finding Of(PartLead lead, bool carriesSupply)
    {
        var subject = new PartSubject(lead.Part.Id);
        if (lead.Wrong?.Test is { } wrong)
        {
            return SheetFindings.Wrong(subject, $"{lead.Part.Name} is wrong inside", carriesSupply, wrong.MustBeep, Words(lead.Part, wrong.One),
                Words(lead.Part, wrong.Other));
        }

        var lines = SheetFindings.Unread(lead.OpenLines, lead.Sheet.Length);
        return lead.Making == PartMaking.ByHand
            ? Finding.Of(WireRules.LeadUntested, subject, $"{lead.Part.Name}: {lines}", Evidence.Measured, "read its meter sheet before it meets anything")
            : Finding.Of(WireRules.LeadUntested, subject, $"{lead.Part.Name}: nobody said whether it was bought or made by hand, and {lines}",
                Evidence.Assumed, "read its meter sheet before it meets anything", "say on its meter sheet that it was bought, if it was");
    }

    // Makers wire standard bodies their own way: what came out of a machine is taken by its labels only once somebody beeped it out.
    private static Finding Undescribed(Part part)
        => Finding.Of(WireRules.LeadUntested, new PartSubject(part.Id),
            $"{part.Name}: nobody said which of its contacts are joined inside, nor that it was bought; it is taken by its labels, and no power before it is beeped out.",
            Evidence.Assumed, "describe its wires under “Inside the part”, and read its meter sheet before it meets anything",
            "say on its meter sheet that it was bought, if it was");

    private static string Words(Part part, InnerEnd end)
        => $"position {end.Position} of {part.Ports.FirstOrDefault(port => port.Id == end.Port)?.Name ?? end.Port}";
}
