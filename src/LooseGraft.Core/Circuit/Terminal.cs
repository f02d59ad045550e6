using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>A pin with what it is to a circuit.</summary>
/// <param name="Pin">The pin.</param>
/// <param name="PartKind">The kind of part it is on.</param>
/// <param name="Role">Its role.</param>
public readonly record struct Terminal(Pin Pin, PartKind PartKind, ContactRole Role)
{
    /// <summary>A pin of a part of which nothing else is known.</summary>
    public Terminal(Pin pin, PartKind partKind)
        : this(pin, partKind, RoleTable.Of(partKind, pin, isLinked: false, outputs: []))
    {
    }

    /// <summary>What it is said to carry.</summary>
    public Signal Signal => Pin.Signal.Value;

    /// <summary>The family of what it is said to carry.</summary>
    public SignalFamily Family => Signal.Family;

    /// <summary>Whether something solid stands at the position, conductor or not.</summary>
    public bool HasBody => Pin.Contact is ContactState.Wired or ContactState.Unwired;

    /// <summary>Whether there is a conductor that is meant for something. What is called none conducts like any metal, and is worth joining to
    /// nothing.</summary>
    public bool Conducts => Pin.Contact == ContactState.Wired && Family != SignalFamily.None;

    /// <summary>The same terminal, should it turn out to carry something else.</summary>
    public Terminal Carrying(Signal other)
    {
        var pin = Pin with { Signal = Pin.Signal with { Value = other } };
        var keepsRole = Role.Kind == RoleKind.Passive ? Signal.IsMeaningful : PartKind.OnlyConducts();
        return keepsRole ? this with { Pin = pin } : new Terminal(pin, PartKind);
    }

    /// <summary>What only conducts, as if its label were true: it gives or returns what is written on it.</summary>
    internal Terminal AsLabelled => Role.Kind != RoleKind.Passive ? this : Signal switch
    {
        { SupplyVoltage: { } volts } supply => this with { Role = ContactRole.Rail(volts, supply.IsStandby) },
        { Family: SignalFamily.Ground } => this with { Role = ContactRole.Ground },
        _ => this,
    };

    /// <summary>Whether it is a contact of a lead or adapter that leads on and no more, so that what is written on it is a label.</summary>
    internal bool IsLabel => Role.Kind == RoleKind.Passive && PartKind.OnlyConducts();

    internal bool Is(RoleKind kind) => Role.Kind == kind;

    internal bool IsSignal => Role.Kind is RoleKind.Driver or RoleKind.Input;

    internal bool Drives(SignalDrive drive) => Role.Kind == RoleKind.Driver && Role.Drive == drive;
}
