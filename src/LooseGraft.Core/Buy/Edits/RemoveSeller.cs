using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes out a seller with all that it offers.</summary>
/// <param name="Seller">Its id.</param>
public sealed record RemoveSeller(string Seller) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Buying.FindSeller(Seller) is null ? graft
        : graft.WithBuying(buying => buying.WithoutOffers(offer => offer.Seller == Seller) with
        {
            Sellers = buying.Sellers.RemoveAll(seller => seller.Id == Seller),
        });

    public override string Words(Graft graft)
    {
        var offers = graft.Buying.Offers.Count(offer => offer.Seller == Seller);
        return $"{graft.Buying.FindSeller(Seller)?.Name ?? Seller} taken out{(offers > 0 ? $" with {offers.Counted("offer")}" : "")}";
    }

    public override string Standing(Graft graft) => graft.Buying.Sellers.Length.Counted("seller");
}
