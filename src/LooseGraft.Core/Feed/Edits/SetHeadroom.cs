using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Says what the card's maker recommends, and what share is kept above the summed peak.</summary>
/// <param name="CardTotal">The total that is recommended; null when there is none.</param>
/// <param name="Headroom">The share.</param>
public sealed record SetHeadroom(Watts? CardTotal, double Headroom) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft with { CardTotal = CardTotal is { } watts ? new Known<Watts>(watts, Evidence.Document) : null, Headroom = Headroom };

    public override string Words(Graft graft) => $"The card's maker recommends {Said(CardTotal, Headroom)}";

    public override string Standing(Graft graft) => Said(graft.CardTotal?.Value, graft.Headroom);

    private static string Said(Watts? total, double headroom) => $"{total?.ToString() ?? "nothing"}, headroom {100 * headroom:0.##} %";
}
