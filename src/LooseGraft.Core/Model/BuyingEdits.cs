namespace LooseGraft.Core.Model;

/// <summary>Edits of what buying is told.</summary>
public static class BuyingEdits
{
    /// <summary>Changes what buying is told.</summary>
    public static Graft WithBuying(this Graft graft, Func<Buying, Buying> change) => graft with { Buying = change(graft.Buying) };

    /// <summary>Changes what is said of the worth of a graft.</summary>
    public static Graft WithWorth(this Graft graft, Func<WorthTerms, WorthTerms> change)
        => graft.WithBuying(buying => buying with { Worth = change(buying.Worth) });

    /// <summary>Without some offers, and without what was chosen of them.</summary>
    internal static Buying WithoutOffers(this Buying buying, Predicate<Offer> isMeant)
    {
        var gone = buying.Offers.Where(offer => isMeant(offer)).Select(offer => offer.Id).ToHashSet();
        return buying with { Offers = buying.Offers.RemoveAll(isMeant), Basket = buying.Basket.RemoveAll(line => gone.Contains(line.Offer)) };
    }
}
