using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a fan blows through, and how fast.</summary>
/// <param name="Part">The fan, or the supply or card that has it.</param>
public sealed record FanPlace(string Part)
{
    /// <summary>The way or opening that it is mounted in, an opening written plane/opening; null for one that only stirs the air of its space.</summary>
    public string? Way { get; init; }

    /// <summary>Which way it blows.</summary>
    public AirDirection Blows { get; init; }

    /// <summary>How it is built.</summary>
    public FanKind Kind { get; init; }

    /// <summary>The side of its frame; null for what its box in Seat says.</summary>
    public Millimetres? Size { get; init; }

    /// <summary>How thick it is; null for what its box in Seat says.</summary>
    public Millimetres? Thickness { get; init; }

    /// <summary>The volts that it gets; null for those of what feeds it, or those that it is made for.</summary>
    public Volts? Volts { get; init; }

    /// <summary>The volts that it is made for; null for 12.</summary>
    public Volts? Rated { get; init; }

    /// <summary>What decides its speed; null for what its joint says: a fan header is a board's, anything else is full.</summary>
    public FanRun? Run { get; init; }

    /// <summary>What its label says that it moves against no pressure; null for what fans of its size do.</summary>
    public LitresPerSecond? FreeAir { get; init; }

    /// <summary>What its label says that it gives with no flow.</summary>
    public Pascals? Blocked { get; init; }

    /// <summary>Its curve at full speed as its maker prints it, from no flow to no pressure; empty for a straight line.</summary>
    public ValueList<FanPoint> Curve { get; init; } = [];

    /// <summary>The gap between its face and the next wall or box; null for more than it minds.</summary>
    public Millimetres? Gap { get; init; }

    /// <summary>Whether a guard is before its blades; null where nobody said.</summary>
    public bool? HasGuard { get; init; }

    /// <summary>What holds it; null where nobody said.</summary>
    public FanHold? Hold { get; init; }

    /// <summary>Whether it stands behind another fan of the same way, which it then helps against pressure; otherwise it stands beside it.</summary>
    public bool IsBehind { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
