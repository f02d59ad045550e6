using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says how likely an offer does, and what it sells for again when it does not.</summary>
/// <param name="Offer">Its id.</param>
/// <param name="ChancePercent">How likely, in hundredths, 0 to 100; null for as likely as who says so is taken to be right.</param>
/// <param name="ResalePercent">What share of its price it sells for again, in hundredths, 0 to 100; null where nobody says.</param>
public sealed record SetOdds(string Offer, int? ChancePercent, int? ResalePercent) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Buying.FindOffer(Offer) is not { } found ? graft
        : graft.WithBuying(buying => buying with
        {
            Offers = buying.Offers.With(found with { ChancePercent = ChancePercent, ResalePercent = ResalePercent }, offer => offer.Id == Offer),
        });

    public override string Words(Graft graft) => $"{graft.Buying.FindOffer(Offer)?.What ?? Offer}: {Said(ChancePercent, ResalePercent)}";

    public override string Standing(Graft graft)
        => graft.Buying.FindOffer(Offer) is { } found ? Said(found.ChancePercent, found.ResalePercent) : "this offer is not there any more";

    private static string Said(int? chance, int? resale)
        => (chance is { } likely ? $"does at {likely} %, " : "does as likely as who says so, ")
            + (resale is { } share ? $"sells again for {share} %" : "nothing said of selling it again");
}
