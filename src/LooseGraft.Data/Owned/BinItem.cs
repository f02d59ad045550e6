using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Data.Owned;

/// <summary>What the bin knows of one sort of thing.</summary>
/// <param name="Name">As a builder says it.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Quantity">How many are owned, promised or free.</param>
/// <param name="Paid">What one of them cost; null when nobody remembers.</param>
/// <param name="Currency">The currency of that, a three-letter code.</param>
/// <param name="Condition">What state it is in.</param>
/// <param name="Place">Where it lies; empty when that is not written down.</param>
/// <param name="Note">Anything worth remembering; may be empty.</param>
/// <param name="Ware">What it is, as a ware is written, by which needs find it; empty while nobody said.</param>
public sealed record BinItem(
    string Name, PartKind Kind, int Quantity, decimal? Paid, string Currency, WareCondition Condition, string Place, string Note, string Ware = "")
{
    /// <summary>What came into the bin by a graft, for example out of a parcel.</summary>
    public static BinItem Of(OwnedThing thing) => new(
        thing.Name, thing.Ware.Template?.Kind ?? PartKind.Other, thing.Free, thing.PaidEach?.Amount, thing.Currency, thing.Condition, thing.Place,
        "", thing.Ware.ToString());

    /// <summary>Characters of the longest name or place.</summary>
    public const int LongestText = 120;

    /// <summary>Characters of the longest note.</summary>
    public const int LongestNote = 1000;

    /// <summary>The most of one thing.</summary>
    public const int MostPieces = 100_000;
}
