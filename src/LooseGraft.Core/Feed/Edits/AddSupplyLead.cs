using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Gives a supply a string of plugs.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Lead">The string; its id is made anew from its name.</param>
public sealed record AddSupplyLead(string Supply, SupplyLead Lead) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.WithSupply(Supply,
            supply => supply with { Leads = supply.Leads.Add(Lead with { Id = GraftEdits.FreshId(Lead.Name, supply.Leads.Select(lead => lead.Id)) }) });

    public override string Words(Graft graft) => $"{graft.NameOfSupply(Supply)}: {Lead.Name} with {Lead.Plugs.Length.Counted("plug")}";

    public override string Standing(Graft graft) => (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply)?.Leads.Length ?? 0).Counted("lead");
}
