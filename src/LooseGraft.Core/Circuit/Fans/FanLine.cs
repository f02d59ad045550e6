using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Fans;

/// <summary>By which lines a fan hangs on boards.</summary>
/// <param name="Fan">Id of the fan.</param>
public sealed record FanLine(string Fan)
{
    /// <summary>The header that feeds it; null for one that something else feeds, or nothing.</summary>
    public FanHeader? Header { get; init; }

    /// <summary>The contact that feeds it, of a header or of a supply; null where none is reached.</summary>
    public CircuitContact? FedBy { get; init; }

    /// <summary>The volts between what its two contacts reach: 7 between +12 and +5 V. Null where nothing feeds it, or only through what is no mere
    /// conductor.</summary>
    public Volts? Across { get; init; }

    /// <summary>The header that slows it: the one whose control line reaches it, or that feeds it and has none, and slows by its volts. Null for one that
    /// always runs in full.</summary>
    public PortId? SlowedBy { get; init; }

    /// <summary>Whether it is slowed by its volts and not by a control line of its own.</summary>
    public bool IsByVolts { get; init; }

    /// <summary>The header that hears it turn; null for none.</summary>
    public PortId? HeardBy { get; init; }

    /// <summary>The other fans on the same tacho line: heard together, none is.</summary>
    public ImmutableArray<string> HeardWith { get; init; } = [];
}
