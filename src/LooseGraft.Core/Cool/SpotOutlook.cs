using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>How hot a thing gets.</summary>
/// <param name="Spot">The thing.</param>
/// <param name="Temperature">Its temperature: likely, and what nine draws in ten lie between; null where nobody knows its watts.</param>
/// <param name="ChanceWarm">Share of the draws beyond what is comfortable.</param>
/// <param name="ChanceThrottles">Share of the draws beyond where it slows down.</param>
/// <param name="ChanceHarmed">Share of the draws beyond where it is harmed.</param>
public sealed record SpotOutlook(HotSpot Spot, Spread<Celsius>? Temperature, double ChanceWarm, double ChanceThrottles, double ChanceHarmed)
{
    /// <summary>What is likely; null where nobody knows its watts.</summary>
    public HeatBand? Likely => Temperature is { } known ? BandOf(known.Likely) : null;

    /// <summary>What it stays under is judged by its upper bound.</summary>
    public HeatBand? Worst => Temperature is { } known ? BandOf(known.High) : null;

    /// <summary>The chance of a band or a worse one, 0 to 1.</summary>
    public double ChanceOf(HeatBand band) => band switch
    {
        HeatBand.Warm => ChanceWarm,
        HeatBand.Throttles => ChanceThrottles,
        HeatBand.Harmed => ChanceHarmed,
        _ => 1,
    };

    /// <summary>The limit that a band lies beyond, in degrees Celsius; of the comfortable one that which it keeps.</summary>
    public double LimitOf(HeatBand band) => band switch
    {
        HeatBand.Throttles => Spot.Limit.Throttles,
        HeatBand.Harmed => Spot.Limit.Never,
        _ => Spot.Limit.Comfortable,
    };

    /// <summary>A band in words, such as <c>beyond 95 °C, where it slows down</c>.</summary>
    public string Words(HeatBand band)
        => band == HeatBand.Comfortable ? $"stays under {LimitOf(band):0} °C" : $"beyond {LimitOf(band):0} °C, {Spot.Limit.Beyond[(int)band - 1]}";

    private HeatBand BandOf(Celsius temperature) => temperature.Value switch
    {
        var hot when hot > Spot.Limit.Never => HeatBand.Harmed,
        var hot when hot > Spot.Limit.Throttles => HeatBand.Throttles,
        var hot when hot > Spot.Limit.Comfortable => HeatBand.Warm,
        _ => HeatBand.Comfortable,
    };
}
