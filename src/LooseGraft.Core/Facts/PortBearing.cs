namespace LooseGraft.Core.Facts;

/// <summary>What a port of a kind bears as a whole, where its maker says nothing; each figure null where nothing is usual.</summary>
/// <param name="Amps">Of each supply, in amperes: about 1 A for a fan header (common practice), 75 and 150 W at 12 V for card power.</param>
/// <param name="RailAmps">Of single supplies, by their names, in amperes.</param>
/// <param name="GivenAmps">What a board gives on out of such a port, in amperes: 0.5 A from each USB 2.0 port, 0.9 A from each USB 3 port (USB specifications).
/// It says nothing of a board that is fed through one.</param>
/// <param name="Watts">Of all supplies together, in watts.</param>
/// <param name="WattsAtBest">The same where the standard allows more than is often given; null where that is <paramref name="Watts"/>.</param>
public sealed record PortBearing(
    double? Amps = null, IReadOnlyDictionary<string, double>? RailAmps = null, double? GivenAmps = null, double? Watts = null, double? WattsAtBest = null)
{
    /// <summary>The same at a supply, which gives what its label says.</summary>
    public PortBearing OfSupply => this with { GivenAmps = null };

    /// <summary>Of one supply, in amperes.</summary>
    /// <param name="rail">Its name.</param>
    public double? AmpsOf(string rail) => RailAmps is not null && RailAmps.TryGetValue(rail, out var own) ? own : Amps;
}
