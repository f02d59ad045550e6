using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>What an unproven contact might carry instead of what is said of it.</summary>
/// <remarks>
/// A diagram is usually wrong by being drawn from the other side or counted from the other end, so any signal of the same port may sit on any
/// of its contacts, and ground is never far. An assumption on a part that gives power may also hide one of the two usual supplies.
/// </remarks>
public static class PlausibleSignals
{
    private static readonly Signal[] UsualSupplies = [Signal.Supply(new Volts(5)), Signal.Supply(new Volts(12))];

    /// <summary>Every signal that the contacts of <paramref name="port"/> may turn out to carry while they are unproven.</summary>
    /// <param name="port">The port.</param>
    /// <param name="kind">The kind of part it is on.</param>
    public static IReadOnlyList<Signal> On(Port port, PartKind kind)
    {
        var signals = port.Pins.Where(pin => pin.Contact == ContactState.Wired).Select(pin => pin.Signal.Value)
            .Where(signal => signal.IsMeaningful)
            .Append(Signal.Ground);
        var guessed = port.AllPins().Any(pin => pin.Contact == ContactState.Wired && pin.Signal.Evidence == Evidence.Assumed);
        return [.. (guessed && GivesPower(kind) ? signals.Concat(UsualSupplies) : signals).Distinct()];
    }

    private static bool GivesPower(PartKind kind)
        => kind is PartKind.Board or PartKind.Supply or PartKind.Brick or PartKind.Converter or PartKind.Adapter or PartKind.Microcontroller;
}
