using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What is printed on, or measured of, something that lies between two contacts.</summary>
/// <remarks>Each is null where nobody knows it.</remarks>
public sealed record LinkFigures
{
    /// <summary>Nothing known.</summary>
    public static readonly LinkFigures None = new();

    /// <summary>Resistance of a resistor or coil, or of the resistor in series with a light.</summary>
    public Ohms? Resistance { get; init; }

    /// <summary>The voltage that a light, lamp or coil is made for, a winding (effective) or a step gives, a diode loses forward, or a contact or fuse
    /// bears.</summary>
    public Volts? Volts { get; init; }

    /// <summary>The current that a fuse, diode or contact bears, a step gives at most, or a lamp or coil takes.</summary>
    public Amps? Amps { get; init; }

    /// <summary>The share of what a step takes that it gives, above 0 and at most 1.</summary>
    public double? Efficiency { get; init; }

    /// <summary>How much later the far side of a delay follows, in seconds.</summary>
    public double? Seconds { get; init; }

    /// <summary>What a resistor bears.</summary>
    public Watts? Power { get; init; }

    /// <summary>Whether a coil has a diode across it that takes up what it throws back when it is switched off.</summary>
    public bool HasDiode { get; init; }

    /// <summary>Whether a winding has no connection to the mains, nor to anything else of its transformer; null while nobody has proven it.</summary>
    public bool? IsIsolated { get; init; }

    /// <summary>In a builder's words, such as <c>470 ohm, 0.25 W</c>; empty when nothing is known.</summary>
    public string Words => string.Join(", ", new[]
    {
        Resistance?.ToString(), Volts?.ToString(), Amps is { Value: < 1 } less ? QuantityText.Write(less.Value * 1000, "mA") : Amps?.ToString(),
        Power is { } watts ? QuantityText.Write(watts.Value, "W") : null,
        Efficiency is { } share ? QuantityText.Write(share * 100, "%") : null, Seconds is { } seconds ? QuantityText.Write(seconds, "s") : null,
        HasDiode ? "with a diode" : null, IsIsolated switch { true => "isolated", false => "not isolated", _ => null },
    }.OfType<string>());
}
