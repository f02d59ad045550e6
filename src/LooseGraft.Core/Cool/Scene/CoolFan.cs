using LooseGraft.Core.Cool.Air;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>A fan as it is computed.</summary>
/// <param name="Part">The fan.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Class">What fans of its size do.</param>
/// <param name="Space">Index of the space whose air it stirs.</param>
/// <param name="Way">Index of the way that it is mounted in; null for one that only stirs.</param>
/// <param name="Blows">Which way it blows along it.</param>
/// <param name="Volts">The volts that it gets.</param>
/// <param name="Board">The board that slows it; null for one that always runs in full.</param>
public sealed record CoolFan(string Part, string Name, FanClass Class, int Space, int? Way, AirDirection Blows, double Volts, string? Board)
{
    /// <summary>The side of its frame, in millimetres.</summary>
    public double SizeMm { get; init; }

    /// <summary>Whether it stands behind the fan before it in the same way.</summary>
    public bool IsBehind { get; init; }

    /// <summary>Its curve at full speed where somebody typed it; null for a straight line between the two figures below.</summary>
    public FanCurve? Curve { get; init; }

    /// <summary>Index of its flow against no pressure at full speed, in cubic metres per second.</summary>
    internal int FreeAir { get; init; }

    /// <summary>Index of the pressure that it gives with no flow at full speed, in pascals.</summary>
    internal int Blocked { get; init; }

    /// <summary>The volts that it is made for.</summary>
    public double Rated { get; init; } = FanClass.FullVolts;

    /// <summary>The volts at which it may be counted on to start.</summary>
    public double StartVolts => Rated * FanClass.StartVolts / FanClass.FullVolts;

    /// <summary>Whether so few volts turn no fan of its sort.</summary>
    public bool NeverTurns => Volts < Rated * FanClass.NeverTurnsVolts / FanClass.FullVolts;

    /// <summary>The share of its full speed at which somebody saw it turn; null for what its volts leave it.</summary>
    public double? SeenShare { get; init; }

    /// <summary>The share of its full speed that its volts leave it: proportional to them (common practice); none where no fan of its sort
    /// turns.</summary>
    public double VoltsShare => SeenShare ?? (NeverTurns ? 0 : Volts / Rated);
}
