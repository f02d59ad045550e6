using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Pins and loads that something reaches through elements.</summary>
internal static class BehindElements
{
    /// <summary>The protection of a pin bears so much and no more (makers' absolute maximum ratings of logic: 20 mA into an input's clamp).</summary>
    public const double MostClampAmps = 0.02;

    /// <summary>So little does nothing to a pin (makers' data sheets: injected current of a milliampere is borne for ever).</summary>
    public const double HarmlessClampAmps = 0.001;

    /// <summary>Through so much and more a part that is off is hardly fed (common practice: a kilohm in series protects a pin).</summary>
    public const double HarmlessOhms = 1000;

    /// <summary>An output dies of more (makers' absolute maximum ratings: 25 to 40 mA for one pin).</summary>
    public const double MostOutputAmps = 0.04;

    /// <summary>Out of its range by a few hundredths, as behind a diode on +12 V, a load most likely works; whether it does is to be proven. Below so many of
    /// its least it is not made to (common practice: drives that state ±5 % run at −10 %).</summary>
    public const double RunsFrom = 0.95;

    // What a small board or fan takes at least, to see whether what feeds it gives way.
    private const double TestAmps = 0.1;
    private const double Below = -0.5;

    private static readonly bool[] OffAndOn = [false, true];

    /// <summary>Pins that get more than they bear, weighed by what flows into them then.</summary>
    public static IEnumerable<Clash> Pins(Netlist netlist, NetState state, ElementNetwork network, bool areDriversUp)
    {
        foreach (var leg in Legs(netlist, network))
        {
            if (state.Of(leg) is not { } net) continue;
            var volts = network.VoltsAt(leg)!.Value;
            foreach (var pin in net.Actors.Where(actor => actor.Terminal.IsSignal))
            {
                var bears = volts < 0 ? Below : pin.Role.Bears.Value;
                if (volts >= Below && volts <= bears) continue;
                var node = network.NodeOf(leg);
                var clamped = new ElementNetwork(netlist, state, areDriversUp, new Dictionary<int, double> { [node] = bears });
                var amps = Math.Abs(clamped.Into(node));
                if (network.Giver(leg, besides: node) is not { } giver) continue;
                var severity = amps > MostClampAmps ? Severity.Stop : amps > HarmlessClampAmps ? Severity.Fix : Severity.Check;
                yield return new Clash(ConflictKind.PinThroughElement, severity, giver.Contact, pin)
                {
                    Flow = new ElementFlow(network.ElementAt(leg).Link, new Volts(volts), new Amps(amps)),
                    Via = giver.Leg,
                };
            }
        }
    }

    /// <summary>Pins of parts that are off, fed through elements by what is on.</summary>
    /// <param name="netlist">The circuit.</param>
    /// <param name="state">Its nets.</param>
    /// <param name="canOutlast">Whether a contact may give while a part has no power.</param>
    public static IEnumerable<Clash> WhileOff(Netlist netlist, NetState state, Func<CircuitContact, string, bool> canOutlast)
        => from areDriversUp in OffAndOn
           let network = new ElementNetwork(netlist, state, areDriversUp)
           from leg in Legs(netlist, network)
           let node = network.NodeOf(leg)
           let volts = network.VoltsAt(leg)!.Value
           where volts > Branch.DiodeVolts
           let giver = network.Giver(leg, besides: node)
           where giver is not null
           from pin in state.Of(leg)?.Actors ?? []
           where pin.Terminal.IsSignal && canOutlast(giver.Value.Contact, pin.Part.Id)
           let amps = new ElementNetwork(netlist, state, areDriversUp, new Dictionary<int, double> { [node] = Branch.DiodeVolts }).Into(node)
           let ohms = (volts - Branch.DiodeVolts) / amps
           select new Clash(ConflictKind.FedWhileOff,
               amps > MostClampAmps ? Severity.Stop : ohms < HarmlessOhms ? Severity.Fix : Severity.Check, giver.Value.Contact, pin)
           {
               Flow = new ElementFlow(network.ElementAt(leg).Link, new Volts(volts), new Amps(amps)),
               Via = giver.Value.Leg,
           };

    /// <summary>Outputs that must give, up, or take, down, more through elements than they can.</summary>
    public static IEnumerable<Clash> Outputs(Netlist netlist, NetState state)
    {
        var any = new ElementNetwork(netlist, state, areDriversUp: false);
        foreach (var leg in Legs(netlist, any))
        {
            var drivers = state.Of(leg)?.Of(RoleKind.Driver) ?? [];
            if (drivers.FirstOrDefault(actor => actor.Role.Drive is SignalDrive.PushPull or SignalDrive.OpenToGround) is not { } driver) continue;
            var node = any.NodeOf(leg);
            var most = Math.Max(Amps(0), driver.Role.Drive == SignalDrive.PushPull ? -Amps((driver.Role.Level ?? ContactRole.UsualLogic).Value) : 0);
            if (most <= MostClampAmps) continue;
            yield return new Clash(ConflictKind.OutputOverloaded, most > MostOutputAmps ? Severity.Stop : Severity.Fix, driver, leg)
            {
                Flow = new ElementFlow(any.ElementAt(leg).Link, new Volts(any.VoltsAt(leg)!.Value), new Amps(most)),
            };

            double Amps(double volts)
                => new ElementNetwork(netlist, state, areDriversUp: false, new Dictionary<int, double> { [node] = volts }).Into(node);
        }
    }

    /// <summary>Loads that get too much, too little, or what hangs on what they take.</summary>
    public static IEnumerable<Clash> Loads(Netlist netlist, NetState state, ElementNetwork network)
    {
        foreach (var leg in Legs(netlist, network))
        {
            if (state.Of(leg) is not { Feed: null } net || network.Giver(leg, besides: network.NodeOf(leg)) is not { } giver) continue;
            foreach (var load in net.Of(RoleKind.Load))
            {
                var (wants, volts) = (load.Role.Wants!.Value, network.VoltsAt(leg)!.Value);
                var node = network.NodeOf(leg);
                var loaded = new ElementNetwork(netlist, state, areDriversUp: false,
                    drawn: new Dictionary<int, double> { [node] = TestAmps * Math.Sign(volts) }).VoltsAt(leg)!.Value;
                var isStiff = VoltSpan.Around(new Volts(volts), Facts.Tolerances.Rail).Contains(new Volts(loaded));
                (ConflictKind Kind, Severity Severity)? told = Math.Sign(volts) != Math.Sign(wants.High.Value) || Math.Abs(volts) > Most(wants)
                    ? (ConflictKind.BeyondLoad, Severity.Stop)
                    : !isStiff ? (ConflictKind.FedThroughElement, Severity.Check)
                    : Math.Abs(volts) < RunsFrom * Least(wants) ? (ConflictKind.BelowLoad, load.Part.Kind.RunsOnLess() ? Severity.Check : Severity.Fix)
                    : !wants.Contains(new Volts(volts)) ? (ConflictKind.BelowLoad, Severity.Check) : null;
                if (told is not var (kind, severity) || Math.Abs(volts) < Math.Abs(Below)) continue;
                yield return new Clash(kind, severity, giver.Contact, load)
                {
                    Flow = new ElementFlow(network.ElementAt(leg).Link, new Volts(volts), new Amps(TestAmps)),
                    Via = giver.Leg,
                };
            }
        }
    }

    /// <summary>Whether elements bring a voltage to a contact that no supply reaches by conductors.</summary>
    public static bool Reach(CircuitContact contact, ElementNetwork network)
        => network.VoltsAt(contact) is { } volts && Math.Abs(volts) > Math.Abs(Below);

    private static double Most(VoltSpan wants) => Math.Max(Math.Abs(wants.Low.Value), Math.Abs(wants.High.Value));

    private static double Least(VoltSpan wants) => Math.Min(Math.Abs(wants.Low.Value), Math.Abs(wants.High.Value));

    // One leg for each net that elements lead to and nothing holds.
    private static IEnumerable<CircuitContact> Legs(Netlist netlist, ElementNetwork network)
        => netlist.Elements.SelectMany(element => new[] { element.One, element.Other })
            .Where(leg => network.VoltsAt(leg) is not null && !network.Fixed.Contains(network.NodeOf(leg))).DistinctBy(network.NodeOf);
}
