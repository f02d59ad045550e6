using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What was ordered of one seller, as it stood when it was ordered: what is offered or decided later does not change it.</summary>
/// <param name="Seller">The id of the seller, by which its terms are found while it is there.</param>
/// <param name="Name">What the builder called it.</param>
/// <param name="Currency">In which it asks.</param>
/// <param name="Day">The day on which it was ordered.</param>
/// <param name="Lines">What was ordered; an arrival counts them from 0.</param>
public sealed record Order(string Seller, string Name, string Currency, DateOnly Day, ValueList<OrderLine> Lines)
{
    /// <summary>The seller's number of it; null where there is none.</summary>
    public string? Number { get; init; }

    /// <summary>What sending cost, in the seller's currency.</summary>
    public Money Postage { get; init; } = Money.Zero;

    /// <summary>What came on top of goods and postage, in the seller's currency.</summary>
    public Money Tax { get; init; } = Money.Zero;

    /// <summary>What one of the seller's currency was worth in the graft's.</summary>
    public decimal Rate { get; init; } = 1;

    /// <summary>Days until its parcel is here, at least and at most; null where nobody knew.</summary>
    public DaySpan? Days { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
