using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Puts so many packs of an offer into the basket.</summary>
/// <param name="Offer">Its id.</param>
/// <param name="Packs">How many; none takes it out.</param>
public sealed record ChooseOffer(string Offer, int Packs) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Buying.FindOffer(Offer) is null ? graft
        : graft.WithBuying(buying => buying with
        {
            Basket = Packs <= 0 ? buying.Basket.RemoveAll(line => line.Offer == Offer)
                : buying.Basket.With(new BasketLine(Offer, Packs), line => line.Offer == Offer),
        });

    public override string Words(Graft graft) => $"{graft.Buying.FindOffer(Offer)?.What ?? Offer}: {Said(Packs)}";

    public override string Standing(Graft graft) => Said(graft.Buying.Basket.FirstOrDefault(line => line.Offer == Offer)?.Packs ?? 0);

    private static string Said(int packs) => packs <= 0 ? "not in the basket" : $"{packs.Counted("pack")} in the basket";
}
