using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Elements;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire;

/// <summary>What happens at an element of the circuit, in the builder's words.</summary>
internal static class ElementWords
{
    public static string Of(Conflict conflict, ElementFlow flow)
    {
        var (supply, name, volts) = (conflict.Giver.Signal, "the" + flow.Link.Words[1..], Figure(flow.Across.Value, "V"));
        return conflict.Kind switch
        {
            ConflictKind.WindingShorted => $"{name} would be shorted: both its legs are on one net",
            ConflictKind.WindingOnCircuit when conflict.Taker.Role.Kind == RoleKind.Passive => $"{name} on a winding: it is not made for alternating current",
            ConflictKind.WindingOnCircuit => $"{name} on {conflict.Taker.Signal}, which is not made for alternating current",
            ConflictKind.WindingNotIsolated when flow.Link.Figures.IsIsolated is null
                => $"nobody has proven that {name} is joined to nothing else in its transformer: one leg of it may be mains",
            ConflictKind.WindingNotIsolated => $"{name} is not isolated: what is wired to it is wired to the mains",
            ConflictKind.WindingBurnsLamp => $"{name} is more than the {conflict.Taker.Terminal.Pin.Level?.ToString() ?? "bare"} {conflict.Taker.Signal.Function} bears",
            ConflictKind.LightBurns when flow.Link.Kind == LinkKind.Lamp && supply.IsMeaningful => $"{name} would get {volts} of {supply} and burn out",
            ConflictKind.LightBurns when flow.Link.Kind == LinkKind.Lamp => $"{name} would get {volts} and burn out",
            ConflictKind.LightBurns when !supply.IsMeaningful
                => $"{name} would take {Amps(flow)} at the crest of each wave and burn out: on for half of the time it bears {2 * ElementRules.MostLightAmps * 1000:0} mA",
            ConflictKind.LightBurns => $"{name} would take {Amps(flow)} of {supply} and burn out: it is made for about 20 mA, and bears {ElementRules.MostLightAmps * 1000:0} mA at the most",
            ConflictKind.LightReversed => $"{name} lies the wrong way round: dark, harmless",
            ConflictKind.ElementBurns => Burns(flow, name, volts),
            ConflictKind.ElementUnknown when !supply.IsMeaningful => $"nothing is known of {name} that says what it does",
            ConflictKind.ElementUnknown => $"nothing is known of {name} that says what {supply} does to it, and through it",
            ConflictKind.SupplyThroughElement => $"{supply} would send {Amps(flow)} through {name} into {conflict.Taker.Signal}",
            ConflictKind.PinThroughElement
                => $"{supply} would bring {volts} through {name} to {conflict.Taker.Signal}, which bears {conflict.Taker.Role.Bears}: {Amps(flow)} would flow into it",
            ConflictKind.FedWhileOff
                => $"{supply} would feed the part behind {conflict.Taker.Signal} through {name} while its own supply is off: {Amps(flow)}",
            ConflictKind.OutputOverloaded => $"{supply} would have to drive {Amps(flow)} through {name}, and an output bears about 20 mA",
            ConflictKind.FedThroughElement
                => $"{conflict.Taker.Signal} comes through {name}: how much is left hangs on what is taken",
            ConflictKind.BelowLoad => $"{name} leaves {volts} of {supply}, less than the {conflict.Taker.Signal} it is made for",
            ConflictKind.BeyondLoad => $"{name} leaves {volts} of {supply} on what is made for {conflict.Taker.Signal}",
            ConflictKind.CoilWithoutDiode => $"{name} has no diode across it: switched off, it throws a hundred volts and more into {supply}",
            ConflictKind.CoilWeak => $"{name} gets {volts} of {supply}: too little to pull for sure",
            ConflictKind.CoilHolds => $"{name} goes on pulling from {supply} while the machine is off, and what its contacts feed stays fed",
            ConflictKind.ContactTooSmall => $"{name} bears {flow.Link.Figures.Volts}, and {supply} is on it",
            _ => throw new ArgumentOutOfRangeException(nameof(conflict), conflict.Kind, null),
        };
    }

    private static string Burns(ElementFlow flow, string name, string volts) => flow.Link.Kind switch
    {
        LinkKind.Resistor => $"{name} would turn {Figure(flow.Heat.Value, "W")} into heat, and bears "
            + $"{(flow.Link.Figures.Power is { } watts ? Figure(watts.Value, "W") : $"{ElementRules.UsualResistorWatts} W, as most do")}",
        LinkKind.Light => $"{name} would get {volts} the wrong way round, and bears 5 V",
        LinkKind.Coil when flow.Through.Value < 0 => $"{name} lies the wrong way round: its diode is a short",
        LinkKind.Coil => $"{name} gets {volts}, and would grow too hot in the long run",
        _ => $"{name} would have to carry {Amps(flow)}: that is a short",
    };

    private static string Amps(ElementFlow flow) => flow.Through.Value is var amps && Math.Abs(amps) < 1
        ? Figure(amps * 1000, "mA") : Figure(amps, "A");

    // Two digits are what a reckoning with stated figures is worth.
    private static string Figure(double value, string unit)
    {
        var size = Math.Abs(value);
        if (size == 0) return $"0 {unit}";
        var places = Math.Clamp(1 - (int)Math.Floor(Math.Log10(size)), 0, 6);
        return QuantityText.Write(Math.Round(size, places), unit);
    }
}
