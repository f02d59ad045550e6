namespace LooseGraft.Core.Model;

/// <summary>Offers with their sellers, as they come from somewhere.</summary>
/// <param name="Sellers">The sellers.</param>
/// <param name="Offers">What they offer.</param>
public sealed record OfferSheet(ValueList<Seller> Sellers, ValueList<Offer> Offers)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
