using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down a seller, or says anew what is known of it.</summary>
/// <param name="Terms">The seller; one without an id gets one from its name.</param>
public sealed record PutSeller(Seller Terms) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with
    {
        Sellers = buying.Sellers.Put(
            seller => seller.Id, Terms.Id, Terms.Name, (id, was) => Terms with { Id = id, Unknown = was?.Unknown ?? Terms.Unknown }),
    });

    public override string Words(Graft graft) => $"{Terms.Name}: {Said(Terms)}";

    public override string Standing(Graft graft)
        => graft.Buying.FindSeller(Terms.Id) is { } found ? Said(found) : Terms.Id.Length > 0 ? "this seller is not there any more"
            : graft.Buying.Sellers.Length.Counted("seller");

    private static string Said(Seller seller)
        => string.Join(", ", new[]
        {
            seller.Postage is { } postage ? $"postage {postage.In(seller.Currency)}" : "postage unknown",
            seller.FreeFrom is { } free ? $"free from {free.In(seller.Currency)}" : null,
            seller.Days?.ToString(),
        }.OfType<string>());
}
