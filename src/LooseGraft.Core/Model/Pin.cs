using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>One contact of a port.</summary>
/// <param name="Position">Its number, counted from 1 the way the port counts.</param>
public sealed record Pin(int Position)
{
    /// <summary>What it carries and how that is known.</summary>
    public Known<Signal> Signal { get; init; } = new(Model.Signal.Unknown, Evidence.Assumed);

    /// <summary>What is physically there.</summary>
    public ContactState Contact { get; init; } = ContactState.Wired;

    /// <summary>Who drives it, where that differs from the usual for its signal.</summary>
    public SignalDirection Direction { get; init; } = SignalDirection.Unstated;

    /// <summary>The level of a signal in volts, where known. Supplies carry theirs in the signal.</summary>
    public Volts? Level { get; init; }

    /// <summary>The least that what it feeds works on, where its maker states a range; null for the usual tolerance of its supply.</summary>
    public Volts? LeastVolts { get; init; }

    /// <summary>The most it works on; null for the usual tolerance.</summary>
    public Volts? MostVolts { get; init; }

    /// <summary>The range that its maker states; null when none is stated.</summary>
    public VoltSpan? WorksOn => LeastVolts is { } least && MostVolts is { } most && least <= most ? new VoltSpan(least, most) : null;

    /// <summary>Why this contact must be connected for the part to work; null when it need not be.</summary>
    public string? NeededFor { get; init; }

    /// <summary>Colour of the wire behind it, where there is one.</summary>
    public string? WireColour { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>Whether a wrong guess about it would matter: there is a conductor, and what it carries is not proven.</summary>
    public bool IsUnproven => Contact == ContactState.Wired && !Signal.IsProven;

    /// <summary>The usual pins of a connector, position 1 first, with the evidence of its pinout.</summary>
    public static IEnumerable<Pin> UsualFor(ConnectorType type) => type.Pinout.Select((text, index) => text == "absent"
        ? new Pin(index + 1) { Contact = ContactState.Absent, Signal = new Known<Signal>(Model.Signal.None, type.Evidence) }
        : new Pin(index + 1)
        {
            Signal = new Known<Signal>(
                Model.Signal.Parse(text) ?? throw new InvalidOperationException($"{type.Id} names an impossible signal: {text}"), type.Evidence),
        });
}
