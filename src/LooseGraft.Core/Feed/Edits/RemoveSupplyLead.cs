using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Takes a string of plugs off a supply, with the ports that nothing is joined to. What was meant to hang on its plugs hangs on the supply
/// itself.</summary>
public sealed record RemoveSupplyLead(string Supply, string Lead) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => PortsOf(graft).Where(port => !graft.Joints.Any(joint => joint.From == port || joint.To == port))
            .Aggregate(WithoutLead(graft), (left, port) => left.WithoutPort(port));

    private PortId[] PortsOf(Graft graft)
        => [.. from supply in graft.Supplies
               where supply.Id == Supply
               from lead in supply.Leads
               where lead.Id == Lead
               from plug in lead.Plugs
               where plug.Port is not null
               select new PortId(supply.Part, plug.Port!)];

    private Graft WithoutLead(Graft graft) => graft with
    {
        Loads = [.. graft.Loads.Select(
            load => load.Meant is { } meant && meant.Supply == Supply && IsOn(meant.Plug) ? load with { Meant = meant with { Plug = null } } : load)],
        Supplies = [.. graft.Supplies.Select(
            supply => supply.Meant is { } input && input.Supply == Supply && IsOn(input.Plug) ? supply with { Meant = input with { Plug = null } } : supply)
            .Select(supply => supply.Id == Supply ? supply with { Leads = supply.Leads.RemoveAll(lead => lead.Id == Lead) } : supply)],
    };

    public override string Words(Graft graft) => $"{graft.NameOfSupply(Supply)}: {Lead} taken out";

    public override string Standing(Graft graft) => (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply)?.Leads.Length ?? 0).Counted("lead");

    private bool IsOn(string? plug) => plug?.StartsWith(Lead + "/", StringComparison.Ordinal) == true;
}
