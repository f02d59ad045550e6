namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>One who sells.</summary>
/// <param name="Postage">What a parcel costs, in millionths of the graft's currency, tax included.</param>
/// <param name="FreeFrom">From which worth of goods on, in millionths of the seller's own currency and above 0, it costs nothing; null for never.</param>
/// <param name="Days">Days until the parcel is here, at most.</param>
public sealed record ChoiceSeller(long Postage, long? FreeFrom, int Days)
{
    /// <summary>What goods of that worth cost, in millionths of the graft's currency with tax.</summary>
    public long FreeCost { get; init; } = FreeFrom ?? 0;
}
