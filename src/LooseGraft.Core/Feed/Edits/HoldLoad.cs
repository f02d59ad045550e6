using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says to what a setting holds a part, and whether it waits for others before it starts.</summary>
/// <param name="Load">The load.</param>
/// <param name="Cap">The watts of all its rails together; null where no setting holds it.</param>
/// <param name="Evidence">Where that is known from.</param>
/// <param name="StartsInTurn">Whether it starts when no other that does the same is starting.</param>
public sealed record HoldLoad(string Load, Watts? Cap, Evidence Evidence, bool StartsInTurn) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Loads = [.. graft.Loads.Select(load => load.Id != Load ? load : load with { Cap = Held(load), StartsInTurn = StartsInTurn })],
    };

    public override string Words(Graft graft) => $"{Load}: {Said(Cap, StartsInTurn)}";

    public override string Standing(Graft graft) => graft.Loads.FirstOrDefault(load => load.Id == Load) is { } load
        ? Said(load.Cap?.Limit.Value, load.StartsInTurn) : "this load is not there any more";

    private PowerCap? Held(Load load)
    {
        if (Cap is not { } watts) return null;
        var limit = new Known<Watts>(watts, Evidence, load.Cap?.Limit.Note);
        return load.Cap is { } known ? known with { Limit = limit } : new PowerCap(limit);
    }

    private static string Said(Watts? cap, bool inTurn) => $"{(cap is { } watts ? $"held to {watts}" : "not held")}{(inTurn ? ", starts in turn" : "")}";
}
