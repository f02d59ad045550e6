using System.Globalization;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says what a graft may fetch, and what selling it costs. Amounts are in the graft's currency.</summary>
/// <param name="Hoped">The price hoped for; null for a graft that is not sold.</param>
/// <param name="FeePercent">What whoever sells it takes of the price, in hundredths, 0 to 100.</param>
/// <param name="HandingOver">What handing it over costs; null for nothing.</param>
public sealed record SetPrices(Money? Hoped, decimal FeePercent, Money? HandingOver) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with
    {
        HopedPrice = Hoped,
        FeePercent = FeePercent,
        HandingOver = HandingOver,
    });

    public override string Words(Graft graft) => $"Prices: {Said(graft, Hoped, FeePercent, HandingOver)}";

    public override string Standing(Graft graft)
        => graft.Buying.Worth is var worth ? Said(graft, worth.HopedPrice, worth.FeePercent, worth.HandingOver) : "";

    private static string Said(Graft graft, Money? hoped, decimal fee, Money? handing)
        => string.Join(", ", new[]
        {
            hoped is { } price ? $"{price.In(graft.Currency)} hoped for" : "not for sale",
            fee > 0 ? string.Create(CultureInfo.InvariantCulture, $"fee {fee:0.##} %") : null,
            handing is { } cost ? $"handing over {cost.In(graft.Currency)}" : null,
        }.OfType<string>());
}
