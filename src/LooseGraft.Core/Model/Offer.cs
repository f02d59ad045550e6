using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a seller offers, as a pack: one thing, ten of it, or a kit of several.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Seller">Who offers it.</param>
/// <param name="What">How the seller calls it.</param>
/// <param name="Price">What a pack costs, in the seller's currency.</param>
public sealed record Offer(string Id, string Seller, string What, Money Price)
{
    /// <summary>What is in a pack; empty while nobody said what that is, and then it meets no need.</summary>
    public ValueList<OfferContent> Contents { get; init; } = [];

    /// <summary>What state it is in.</summary>
    public WareCondition Condition { get; init; }

    /// <summary>Who says that it fits.</summary>
    public FitWord Fit { get; init; } = FitWord.SellersWord;

    /// <summary>How likely it does, in hundredths, where the builder knows better than who says so; null for as likely as that is taken to be.</summary>
    public int? ChancePercent { get; init; }

    /// <summary>What share of its price it sells for again when it does not do, in hundredths; null where nobody said, and then for nothing.</summary>
    public int? ResalePercent { get; init; }

    /// <summary>What it is beyond its price.</summary>
    public OfferTraits Traits { get; init; } = OfferTraits.None;

    /// <summary>The day on which it was seen; null where nobody wrote that down.</summary>
    public DateOnly? SeenOn { get; init; }

    /// <summary>How many packs there are; null for as many as one likes.</summary>
    public int? Stock { get; init; }

    /// <summary>Anything worth remembering.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
