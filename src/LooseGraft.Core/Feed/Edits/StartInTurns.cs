using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says of several loads that each starts when no other of them is starting.</summary>
/// <param name="Loads">Their ids.</param>
public sealed record StartInTurns(ValueList<string> Loads) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Loads = [.. graft.Loads.Select(load => Loads.Contains(load.Id) ? load with { StartsInTurn = true } : load)],
    };

    public override string Words(Graft graft) => $"{string.Join(", ", Loads)}: start in turn";

    public override string Standing(Graft graft)
        => $"starting in turn: {string.Join(", ", graft.Loads.Where(load => load.StartsInTurn).Select(load => load.Id).DefaultIfEmpty("none"))}";
}
