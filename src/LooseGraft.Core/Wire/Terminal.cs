using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>A pin as the contact rules see it: with the direction that applies to it on its kind of part.</summary>
/// <param name="Pin">The pin.</param>
/// <param name="PartKind">The kind of part it is on.</param>
public readonly record struct Terminal(Pin Pin, PartKind PartKind)
{
    /// <summary>What it carries.</summary>
    public Signal Signal => Pin.Signal.Value;

    /// <summary>The family of what it carries.</summary>
    public SignalFamily Family => Signal.Family;

    /// <summary>Who drives it: as stated, or as usual for the signal on this kind of part.</summary>
    public SignalDirection Direction
        => Pin.Direction != SignalDirection.Unstated ? Pin.Direction : Signal.Entry?.UsualDirection(PartKind) ?? SignalDirection.Unstated;

    /// <summary>Whether something solid stands at the position, conductor or not.</summary>
    public bool HasBody => Pin.Contact is ContactState.Wired or ContactState.Unwired;

    /// <summary>Whether current could flow through it to somewhere.</summary>
    public bool Conducts => Pin.Contact == ContactState.Wired && Family != SignalFamily.None;

    /// <summary>The same terminal, should it turn out to carry something else.</summary>
    public Terminal Carrying(Signal other) => this with { Pin = Pin with { Signal = Pin.Signal with { Value = other } } };
}
