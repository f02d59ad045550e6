using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says of what wires a lead of a supply is made, and which rails they come from.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Lead">The lead.</param>
/// <param name="Awg">Gauge of its wires.</param>
/// <param name="Length">Its length to the last plug; null when not measured.</param>
/// <param name="WiresEach">Wires side by side for each supply.</param>
/// <param name="Rails">Names of the rails they come from, as far as somebody looked.</param>
/// <param name="RailWires">Wires of single rails that have another number of them.</param>
/// <param name="Parts">Whether those of its plugs that may part in two do; null when nobody looked.</param>
public sealed record DescribeLead(
    string Supply, string Lead, int Awg, Millimetres? Length, int WiresEach, ValueList<string> Rails, ValueList<RailWires> RailWires, bool? Parts) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is not { } found) return graft;
        var names = found.Rails.Select(rail => rail.Name).ToHashSet();
        return !Rails.All(names.Contains) || !RailWires.All(few => few.Rail == Model.RailWires.Ground || names.Contains(few.Rail))
            || found.Rails.GroupBy(rail => rail.Output).Any(same => same.Count(rail => Rails.Contains(rail.Name)) > 1)
            ? graft
            : graft.WithSupply(Supply, supply => supply with { Leads = [.. supply.Leads.Select(lead => lead.Id == Lead ? Described(lead) : lead)] });
    }

    public override string Words(Graft graft) => Said(Described(new SupplyLead(Lead, Lead)));

    public override string Standing(Graft graft)
        => graft.Supplies.FirstOrDefault(supply => supply.Id == Supply)?.Leads.FirstOrDefault(lead => lead.Id == Lead) is { } lead
            ? Said(lead) : "this lead is not there any more";

    private SupplyLead Described(SupplyLead lead) => lead with
    {
        Awg = Awg,
        Length = Length,
        WiresEach = WiresEach,
        Rails = Rails,
        RailWires = RailWires,
        Plugs = [.. lead.Plugs.Select(plug => plug.Type.PartsInto is null ? plug : plug with { Parts = Parts })],
    };

    private static string Said(SupplyLead lead)
        => $"{lead.Id}: {lead.Awg} AWG, {lead.WiresEach.Counted("wire")} each{(lead.Length is { } length ? $", {length}" : "")}{(lead.Rails.IsEmpty ? "" : $", on {string.Join(" and ", lead.Rails)}")}";
}
