using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What acts on a leg of a switch, a light or a loudspeaker that is wired to it.</summary>
internal static class LegRules
{
    // A switch the builder gives a job of its own belongs wherever it is put.
    private const string SpareSwitch = "spare-switch";

    /// <summary>What comes of the two by themselves, taking it that the other leg is returned; null when that hangs on the other leg alone.</summary>
    public static NetVerdict? Judge(Terminal acts, Terminal leg)
    {
        if (acts.IsSignal) return OnLine(acts, leg);
        if (leg.Family == SignalFamily.Light && acts.Role.Feeds) return OnSupply(acts.Role.Gives!.Value, leg);
        // Pressed, it would short what it is fed with; a switch the builder gives a job of its own may be put into a feed.
        if (IsSwitched(leg.Signal) && leg.Signal.Name != SpareSwitch && acts.Role.Feeds)
            return new NetVerdict(ConflictKind.SupplyBeyondSignal, Severity.Stop, IsSwapped: false);
        return acts.Is(RoleKind.Ground) && (IsSwitched(leg.Signal) || leg.Signal.Polarity < 0) ? Fine : null;
    }

    /// <summary>Whether a leg is that of a contact that closes: a switch, or what senses a lid or a plug.</summary>
    public static bool IsSwitched(Signal signal) => signal.Family is SignalFamily.Switch or SignalFamily.Sense;

    /// <summary>Whether a light would burn on so many volts between its legs: one that states none is bare.</summary>
    public static bool Burns(Volts across, Terminal leg)
        => leg.Pin.Level is not { } made || Math.Abs(across.Value) > VoltSpan.Around(made, Tolerances.Rail).High.Value;

    /// <summary>Whether a light glows, and burns, either way round.</summary>
    public static bool ConductsBothWays(Terminal leg) => leg.PartKind == PartKind.Lamp || leg.Signal.Entry is { Filament: true };

    private static NetVerdict Fine => new(null, Severity.Note, IsSwapped: false);

    private static NetVerdict? OnLine(Terminal acts, Terminal leg)
    {
        if (leg.Signal == acts.Signal) return Fine;
        if (leg.Signal.Name == SpareSwitch) return null;
        // A loudspeaker the wrong way round is out of step with its neighbour, and no more.
        if (leg.Signal.Entry?.Drive == SignalDrive.Bridge && acts.Role.Drive == SignalDrive.Bridge) return Fine;
        return leg.Signal.Polarity != 0 && leg.Signal.Function == acts.Signal.Function
            ? new NetVerdict(ConflictKind.LightReversed, Severity.Check, IsSwapped: false)
            : new NetVerdict(ConflictKind.OtherSignal, Severity.Fix, IsSwapped: false);
    }

    private static NetVerdict? OnSupply(VoltSpan gives, Terminal leg)
        => leg.Signal.Polarity <= 0 && !ConductsBothWays(leg) ? null
            : (gives.Low < Volts.Zero && !ConductsBothWays(leg)) || Burns(gives.High, leg)
                ? new NetVerdict(ConflictKind.LightBurns, Severity.Stop, IsSwapped: false) : Fine;
}
