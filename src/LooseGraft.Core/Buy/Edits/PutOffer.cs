using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down an offer, or says anew what is known of it.</summary>
/// <param name="Terms">The offer; one without an id gets one from what it is called.</param>
public sealed record PutOffer(Offer Terms) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Buying.FindSeller(Terms.Seller) is null ? graft : graft.WithBuying(buying => buying with
    {
        Offers = buying.Offers.Put(
            offer => offer.Id, Terms.Id, Terms.What, (id, was) => Terms with { Id = id, Unknown = was?.Unknown ?? Terms.Unknown }),
    });

    public override string Words(Graft graft) => $"{Terms.What}: {Said(graft, Terms)}";

    public override string Standing(Graft graft)
        => graft.Buying.FindOffer(Terms.Id) is { } found ? Said(graft, found) : Terms.Id.Length > 0 ? "this offer is not there any more"
            : graft.Buying.Offers.Length.Counted("offer");

    private static string Said(Graft graft, Offer offer)
    {
        var seller = graft.Buying.FindSeller(offer.Seller);
        var contents = offer.Contents.IsEmpty ? "nobody said what it is"
            : string.Join(", ", offer.Contents.Select(content => $"{(content.Count == 1 ? "" : $"{content.Count} × ")}{content.Ware}"));
        return $"{offer.Price.In(seller?.Currency ?? graft.Currency)} at {seller?.Name ?? offer.Seller}; {contents}";
    }
}
