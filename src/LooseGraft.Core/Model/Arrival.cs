using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A parcel that came, or the news that none will.</summary>
/// <param name="Order">The record of the order, by its id.</param>
/// <param name="Day">The day.</param>
/// <param name="Lines">What came; nothing where none will.</param>
public sealed record Arrival(string Order, DateOnly Day, ValueList<ArrivedLine> Lines)
{
    /// <summary>Whether nothing more of the order will come.</summary>
    public bool IsLast { get; init; }

    /// <summary>What the seller gave back, in its currency.</summary>
    public Money Back { get; init; } = Money.Zero;

    /// <summary>What was wrong, or why nothing comes.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
