using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>What flows through resistors, diodes, lights, lamps and coils, and what reaches others through them.</summary>
internal static class ElementRules
{
    /// <summary>A light bears so much for long: 20 mA is usual, 30 mA the most (makers' absolute maximum ratings of 3 and 5 mm lights).</summary>
    public const double MostLightAmps = 0.03;

    /// <summary>A light bears so much the wrong way round (makers' absolute maximum ratings).</summary>
    public const double MostReverseVolts = 5;

    /// <summary>A rectifier of which nobody states more bears 1 A (the usual wired kind).</summary>
    public const double UsualDiodeAmps = 1;

    /// <summary>A resistor of which nobody states more bears a quarter of a watt (the usual wired size).</summary>
    public const double UsualResistorWatts = 0.25;

    /// <summary>So much sent into a supply lifts it, as less than any board takes of it.</summary>
    public const double MostReverseAmps = 0.1;

    private const double Noticeable = 0.1;

    /// <summary>What is wrong with the elements in one state of the contacts.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState state)
    {
        if (netlist.Elements.IsEmpty) return [];
        var quiet = new ElementNetwork(netlist, state, areDriversUp: false);
        var driven = new ElementNetwork(netlist, state, areDriversUp: true);
        return Each(netlist, quiet, state).Concat(Each(netlist, driven, state)).Concat(IntoSupplies(netlist, quiet))
            .Concat(BehindElements.Pins(netlist, state, quiet, areDriversUp: false)).Concat(BehindElements.Pins(netlist, state, driven, areDriversUp: true))
            .Concat(BehindElements.Loads(netlist, state, quiet)).Concat(BehindElements.Outputs(netlist, state)).Concat(WindingRules.Of(netlist, state))
            // Of one thing the worst is told.
            .OrderByDescending(clash => clash.Severity);
    }

    private static IEnumerable<Clash> Each(Netlist netlist, ElementNetwork network, NetState state)
    {
        foreach (var element in netlist.Elements)
        {
            if (element.Link.Kind == LinkKind.Coil)
            {
                foreach (var clash in CoilRules.Of(element, network, state)) yield return clash;
            }

            if (network.Giver(element) is not { } giver) continue;
            var flow = network.Flow(element);
            if (Math.Abs(flow.Across.Value) > Noticeable && StatesTooLittle(element.Link))
                yield return Told(ConflictKind.ElementUnknown, Severity.Check);
            if (Verdict(netlist, element, flow, network) is var (kind, severity)) yield return Told(kind, severity);

            Clash Told(ConflictKind what, Severity weight) => new(what, weight, giver.Contact, element.One) { Flow = flow, Via = giver.Leg };
        }
    }

    private static (ConflictKind Kind, Severity Severity)? Verdict(Netlist netlist, Element element, ElementFlow flow, ElementNetwork network)
    {
        var (figures, amps, across) = (element.Link.Figures, flow.Through.Value, flow.Across.Value);
        return element.Link.Kind switch
        {
            LinkKind.Resistor when flow.Heat.Value > (figures.Power?.Value ?? UsualResistorWatts) && figures.Resistance is not null
                => (ConflictKind.ElementBurns, Severity.Fix),
            LinkKind.Diode when amps > (figures.Amps?.Value ?? UsualDiodeAmps) => (ConflictKind.ElementBurns, Severity.Stop),
            // The diode of a coil the wrong way round is a short.
            LinkKind.Coil when figures.HasDiode && amps < -UsualDiodeAmps => (ConflictKind.ElementBurns, Severity.Stop),
            LinkKind.Lamp when figures.Volts is { } made && Math.Abs(across) > VoltSpan.Around(made, Facts.Tolerances.Rail).High.Value
                => (ConflictKind.LightBurns, Severity.Stop),
            LinkKind.Light when amps > MostLightAmps && !MadeFor(figures, across) => (ConflictKind.LightBurns, Severity.Stop),
            LinkKind.Light when across < -MostReverseVolts => (ConflictKind.ElementBurns, Severity.Fix),
            LinkKind.Light when across < -Noticeable && !HasPartner(netlist, element, network) => (ConflictKind.LightReversed, Severity.Check),
            _ => null,
        };
    }

    /// <summary>Whether a light bears the volts across it by itself: one that states volts and no resistance has its resistor inside, and it is the volts that
    /// count.</summary>
    public static bool MadeFor(LinkFigures figures, double across)
        => figures is { Resistance: null, Volts: { Value: > Branch.MostBareVolts } made }
            && across <= VoltSpan.Around(made, Facts.Tolerances.Rail).High.Value;

    // Of two lights back to back one is dark at a time.
    private static bool HasPartner(Netlist netlist, Element light, ElementNetwork network)
        => netlist.Elements.Any(other => other.Link.Kind is LinkKind.Light or LinkKind.Diode && network.NodeOf(other.One) == network.NodeOf(light.Other)
            && network.NodeOf(other.Other) == network.NodeOf(light.One));

    private static bool StatesTooLittle(PartLink link) => link.Kind switch
    {
        LinkKind.Resistor => link.Figures.Resistance is null,
        LinkKind.Lamp => link.Figures.Volts is null,
        LinkKind.Coil => link.Figures.Volts is null || (link.Figures.Resistance is null && link.Figures.Amps is null),
        _ => false,
    };

    // A supply gives, and is lifted by what is sent into it.
    private static IEnumerable<Clash> IntoSupplies(Netlist netlist, ElementNetwork network)
        => from element in netlist.Elements
           from leg in new[] { element.One, element.Other }
           where network.HolderOf(leg) is { Role.Feeds: true } && network.Into(network.NodeOf(leg)) * Math.Sign(network.VoltsAt(leg)!.Value) > MostReverseAmps
           let far = leg == element.One ? element.Other : element.One
           let sends = network.Flow(element).Through.Value * (leg == element.Other ? 1 : -1) * Math.Sign(network.VoltsAt(leg)!.Value)
           where sends > 0
           let giver = network.Giver(far, besides: network.NodeOf(leg))
           where giver is not null
           select new Clash(ConflictKind.SupplyThroughElement, Severity.Stop, giver.Value.Contact, network.HolderOf(leg)!)
           {
               Flow = network.Flow(element),
               Via = giver.Value.Leg,
           };
}
