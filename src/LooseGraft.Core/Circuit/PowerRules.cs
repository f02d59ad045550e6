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
        => from net in closed.Nets
           where net.Actors.Length > 1 && (net.Has(RoleKind.Driver) || net.Has(RoleKind.Input))
           from pin in net.Actors
           where pin.Terminal.IsSignal
           from giver in net.Actors
           where giver.Part.Id != pin.Part.Id
           let weight = Weight(giver, pin)
           where weight is not null && power.CanOutlast(giver.Part.Id, pin.Part.Id)
           orderby weight descending
           select new Clash(ConflictKind.FedWhileOff, weight.Value, giver, pin);

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
