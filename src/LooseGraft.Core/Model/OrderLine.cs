using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Packs of one offer in an order, as it was offered at that moment.</summary>
/// <param name="What">How the seller calls it.</param>
/// <param name="Price">What a pack cost, in the seller's currency.</param>
/// <param name="Packs">How many packs, 1 or more.</param>
public sealed record OrderLine(string What, Money Price, int Packs)
{
    /// <summary>What is in a pack.</summary>
    public ValueList<OfferContent> Contents { get; init; } = [];

    /// <summary>What state it is in.</summary>
    public WareCondition Condition { get; init; }

    /// <summary>Who says that it fits.</summary>
    public FitWord Fit { get; init; } = FitWord.SellersWord;

    /// <summary>What it was ordered for.</summary>
    public ValueList<OrderAim> For { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
