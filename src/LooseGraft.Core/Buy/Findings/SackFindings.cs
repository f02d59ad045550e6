using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of all that is chosen of one seller.</summary>
internal static class SackFindings
{
    public static IEnumerable<Finding> Of(Graft graft, Sack sack, DateOnly? today)
        => new[] { NoRate(graft, sack), PostageHeavy(sack), Late(graft, sack, today) }.OfType<Finding>();

    private static Finding? NoRate(Graft graft, Sack sack) => sack.Rate is not null ? null
        : Finding.Of(BuyRules.NoRate, Subject(sack), new RateMissing(sack.Seller.Id, sack.Seller.Currency),
            $"{sack.Seller.Name} asks {sack.Total.In(sack.Seller.Currency)}, and nobody said what 1 {sack.Seller.Currency} is worth in {graft.Currency}: the sum is without it.",
            Evidence.Measured, "type the rate and its day");

    private static Finding? PostageHeavy(Sack sack) => sack.Postage.Amount <= sack.Goods.Amount ? null
        : Finding.Of(BuyRules.PostageHeavy, Subject(sack), new PostageOverGoods(sack.Seller.Id, sack.Postage, sack.Goods),
            $"{sack.Seller.Name} sends {sack.Goods.In(sack.Seller.Currency)} of goods for {sack.Postage.In(sack.Seller.Currency)}: the postage is more than what is in the parcel.",
            Evidence.Measured, "look for the same at a seller whose parcel comes anyway");

    private static Finding? Late(Graft graft, Sack sack, DateOnly? today)
    {
        if (graft.Buying.WishedBy is not { } wished || today is not { } day) return null;
        if (sack.Seller.Days is not { } days)
            return Told(null, $"Nobody said how long the parcel of {sack.Seller.Name} takes, and everything shall be here by {wished:yyyy-MM-dd}.");
        var late = day.DayNumber + days.To - wished.DayNumber;
        return late <= 0 ? null
            : Told(late, $"The parcel of {sack.Seller.Name} takes {days}: ordered today it may come {late.Counted("day")} after {wished:yyyy-MM-dd}, by which everything shall be here.");

        Finding Told(int? tooLate, string message) => Finding.Of(BuyRules.Late, Subject(sack), new ParcelLate(sack.Seller.Id, tooLate),
            message, Evidence.Assumed, "take it from a nearer seller", "put the wished day off");
    }

    private static SellerSubject Subject(Sack sack) => new(sack.Seller.Id);
}
