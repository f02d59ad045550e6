using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Gives a supply a string of plugs. Each plug becomes a port of the supply's part as well, with the usual contacts of its kind, so that it can be
/// joined.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Lead">The string; its id is made anew from its name.</param>
public sealed record AddSupplyLead(string Supply, SupplyLead Lead) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is not { } found || graft.FindPart(found.Part) is not { } part) return graft;
        var (ports, plugs) = (new List<Port>(part.Ports), new List<SupplyPlug>());
        foreach (var (index, plug) in Lead.Plugs.Index())
        {
            var name = Lead.Plugs.Length == 1 ? Lead.Name : $"{Lead.Name}, plug {index + 1}";
            var id = GraftEdits.FreshId(name, ports.Select(port => port.Id));
            ports.Add(new Port(id, name, plug.Type, plug.Type.BoardGender == Gender.Male ? Gender.Female : Gender.Male)
            {
                LeadLength = Lead.Length,
                Pins = [.. Pin.UsualFor(plug.Type)],
            });
            plugs.Add(plug with { Port = id });
        }

        var lead = Lead with { Id = GraftEdits.FreshId(Lead.Name, found.Leads.Select(other => other.Id)), Plugs = [.. plugs] };
        return graft.WithPart(part.Id, _ => part with { Ports = [.. ports] }).WithSupply(Supply, supply => supply with { Leads = supply.Leads.Add(lead) });
    }

    public override string Words(Graft graft) => $"{graft.NameOfSupply(Supply)}: {Lead.Name} with {Lead.Plugs.Length.Counted("plug")}";

    public override string Standing(Graft graft) => (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply)?.Leads.Length ?? 0).Counted("lead");
}
