using LooseGraft.Core.Cool.Scene;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>A change, and what comes of it at peak.</summary>
/// <param name="Cure">The change.</param>
/// <param name="Before">How hot the thing gets without it.</param>
/// <param name="After">How hot with it; null where it is no longer in the shell.</param>
/// <param name="Kelvins">How much cooler it likely is; negative for warmer.</param>
/// <param name="Decibels">How much louder all fans together are; negative for quieter.</param>
/// <param name="Hotter">What gets too hot by it that did not before; null for nothing.</param>
public sealed record TriedCure(Cure Cure, SpotOutlook Before, SpotOutlook? After, double Kelvins, double Decibels, HotSpot? Hotter)
{
    /// <summary>The worst that it may still come to, by its upper bound.</summary>
    public HeatBand Worst => After?.Worst ?? HeatBand.Comfortable;

    /// <summary>Whether it stays under what is comfortable, by its upper bound.</summary>
    public bool IsUnder => Worst == HeatBand.Comfortable;

    /// <summary>Kelvins for each euro that it likely costs; beyond all for what costs nothing.</summary>
    public double KelvinsForEuro => Cure.Fact.Price.Likely == 0 ? double.PositiveInfinity : Kelvins / (double)Cure.Fact.Price.Likely;
}
