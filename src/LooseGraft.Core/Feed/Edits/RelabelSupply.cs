using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Types the label of a supply anew. What stands as it stood keeps its evidence and its notes.</summary>
/// <param name="Supply">The supply.</param>
/// <param name="Label">What its label says: rails, what they share, and the total.</param>
public sealed record RelabelSupply(string Supply, Supply Label) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is not { } old) return graft;
        var names = Label.Rails.Select(rail => rail.Name).ToHashSet();
        var relabelled = graft.WithSupply(Supply, supply => supply with
        {
            Rails = [.. Label.Rails.Select(rail => Kept(
                supply.Rails, rail, other => (other.Name, other.Output, other.Limit.Value) == (rail.Name, rail.Output, rail.Limit.Value)))],
            Combined = [.. Label.Combined.Select(shared => Kept(
                supply.Combined, shared, other => (other.Rails, other.Limit.Value) == (shared.Rails, shared.Limit.Value)))],
            Total = Label.Total is { } total && supply.Total is { } known && known.Limit.Value == total.Limit.Value ? known : Label.Total,
            Leads = [.. supply.Leads.Select(lead => lead with
            {
                Rails = lead.Rails.RemoveAll(rail => !names.Contains(rail)),
                RailWires = lead.RailWires.RemoveAll(few => few.Rail != RailWires.Ground && !names.Contains(few.Rail)),
            })],
        });
        return relabelled with
        {
            Loads = [.. relabelled.Loads.Select(load => load.Meant is { Rail: { } rail } meant && meant.Supply == Supply && !names.Contains(rail)
                ? load with { Meant = meant with { Rail = null } } : load)],
        };
    }

    public override string Words(Graft graft) => $"{graft.NameOfSupply(Supply)}: {Said(Label)}";

    public override string Standing(Graft graft)
        => graft.Supplies.FirstOrDefault(supply => supply.Id == Supply) is { } supply ? Said(supply) : "this supply is not there any more";

    private static T Kept<T>(ValueList<T> old, T made, Predicate<T> isSame)
        where T : class
        => old.FirstOrDefault(each => isSame(each)) ?? made;

    private static string Said(Supply label)
        => $"{string.Join(", ", label.Rails.Select(rail => $"{rail.Name} {rail.Limit.Value}"))}{(label.Total is { } total ? $", {total.Limit.Value} in all" : "")}";
}
