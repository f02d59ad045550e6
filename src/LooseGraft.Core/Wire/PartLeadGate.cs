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

    /// <summary>The gate for the leads of a graft that something is joined to.</summary>
    public PartLeadGate(Graft graft, CircuitReview circuit)
    {
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From.Part, joint.To.Part })
            .ToHashSet();
        _open = graft.Parts.Where(part => joined.Contains(part.Id)).Select(PartLead.Of).OfType<PartLead>().Where(lead => !lead.IsSettled)
            .ToDictionary(lead => lead.Part.Id, lead => (lead, CarriesSupply(lead.Part, circuit)));
    }

    /// <summary>What is still to be read of them, or reads wrong.</summary>
    public IEnumerable<Finding> Findings => _open.Values.Select(open => Of(open.Lead, open.CarriesSupply));

    /// <summary>The joint with what the leads at its ends add to its verdict.</summary>
    public JointReview Apply(JointReview review)
    {
        foreach (var end in new[] { review.From, review.To })
        {
            if (!_open.TryGetValue(end.Part.Id, out var open)) continue;
            if (open.Lead.Wrong is not null)
                return review with { Verdict = SheetFindings.Verdict($"{open.Lead.Part.Name} is wrong inside", open.CarriesSupply) };

            if (review.Verdict.Kind is not (JointVerdictKind.GoesStraightIn or JointVerdictKind.Joined)) continue;
            review = review with
            {
                Verdict = new JointVerdict(JointVerdictKind.ProveFirst, "prove it first", $"no power before the meter sheet of {open.Lead.Part.Name} is read"),
            };
        }

        return review;
    }

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

    private static string Words(Part part, InnerEnd end)
        => $"position {end.Position} of {part.Ports.FirstOrDefault(port => port.Id == end.Port)?.Name ?? end.Port}";
}
