using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Whoever sells something: a shop, a stranger, a market stall.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Currency">In which it asks, a three-letter ISO 4217 code; all amounts of it are in this one.</param>
public sealed record Seller(string Id, string Name, string Currency)
{
    /// <summary>What it asks for sending, however much is in the parcel; null where nobody said.</summary>
    public Money? Postage { get; init; }

    /// <summary>From which worth of goods on it sends for nothing; null for never.</summary>
    public Money? FreeFrom { get; init; }

    /// <summary>What comes on top of goods and postage, tax and duty, in hundredths; 0 where the prices hold it.</summary>
    public decimal TaxPercent { get; init; }

    /// <summary>Days until its parcel is here, at least and at most; null where nobody knows.</summary>
    public DaySpan? Days { get; init; }

    /// <summary>Whether it takes back what does not fit; null where nobody asked.</summary>
    public bool? TakesBack { get; init; }

    /// <summary>What sending something back to it costs; null for as much as its own postage.</summary>
    public Money? SendingBack { get; init; }

    /// <summary>Anything worth remembering.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
