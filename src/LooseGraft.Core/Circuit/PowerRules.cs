using LooseGraft.Core.Circuit.Elements;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>Lines that lead from a part that has power into one that has none: a supply off while another is on, or on standby only.</summary>
/// <remarks>The protection diodes of a pin feed the dead part's own supply from whatever lifts the pin (makers' absolute maximum ratings: no input above the
/// supply): a few tenths of a volt conduct. What only pulls down, or swings less than a diode, does nothing.</remarks>
internal static class PowerRules
{
    public static IEnumerable<Clash> Of(Netlist netlist, NetState closed)
    {
        var power = new PartPower(netlist, closed);
        return ByWire(closed, power).Concat(netlist.Elements.IsEmpty ? [] : BehindElements.WhileOff(netlist, closed, power.CanOutlast));
    }

    private static IEnumerable<Clash> ByWire(NetState closed, PartPower power)
        => closed.Nets.Where(net => net.Actors.Length > 1 && (net.Has(RoleKind.Driver) || net.Has(RoleKind.Input)))
            .SelectMany(net => Into(net, power)).OrderByDescending(clash => clash.Severity);

    private static IEnumerable<Clash> Into(Net net, PartPower power)
    {
        foreach (var pin in net.Actors)
        {
            if (!pin.Terminal.IsSignal) continue;
            foreach (var giver in net.Actors)
            {
                if (giver.Part.Id != pin.Part.Id && Weight(giver, pin) is { } weight && power.CanOutlast(giver.Part.Id, pin.Part.Id))
                    yield return new Clash(ConflictKind.FedWhileOff, weight, giver, pin);
            }
        }
    }

    private static Severity? Weight(CircuitContact giver, CircuitContact pin)
    {
        if (pin.Role.Kind == RoleKind.Driver && pin.Role.Drive == SignalDrive.Bridge) return null;
        if (giver.Role.Kind == RoleKind.Source) return giver.Role.Gives!.Value.High > Volts.Zero ? Severity.Fix : null;
        if (giver.Signal.Family is SignalFamily.Audio or SignalFamily.Video or SignalFamily.Lane || giver.Role.Level == Volts.Zero) return null;
        return giver.Role switch
        {
            { Kind: RoleKind.Driver, Drive: SignalDrive.PushPull } => Severity.Fix,
            // Through a resistor: the pull-up of 1.5 kilohm that tells a host of a device (USB 2.0 specification, 7.1.5), or that before an indicator, of a few
            // hundred ohms as a rule. Milliamperes; whether a pin bears them for long nobody states.
            { Kind: RoleKind.Driver, Drive: SignalDrive.InTurn or SignalDrive.ThroughResistor } or { MayDrive: true } => Severity.Check,
            _ => null,
        };
    }
}
