using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Windings that give alternating current: to a lamp made for it, one leg on ground if need be, and to nothing else.</summary>
/// <remarks>What lies between the two nets of a winding is held against its effective volts; a lamp glows as on direct current of as many. A light conducts one
/// half of each wave and bears the peak of the other, √2 times as much.</remarks>
internal static class WindingRules
{
    public static IEnumerable<Clash> Of(Netlist netlist, NetState state)
        => netlist.Elements.Where(element => element.Link.Kind == LinkKind.Winding).SelectMany(winding => Of(netlist, winding, state));

    private static IEnumerable<Clash> Of(Netlist netlist, Element winding, NetState state)
    {
        var (one, other) = (state.Of(winding.One), state.Of(winding.Other));
        var flow = new ElementFlow(winding.Link, winding.Link.Figures.Volts ?? Volts.Zero, Amps.Zero);
        if (one is null && other is null) yield break;
        if (one is not null && other is not null && (one == other || (one.Has(RoleKind.Ground) && other.Has(RoleKind.Ground))))
        {
            yield return Told(ConflictKind.WindingShorted, Severity.Stop, winding.Other);
            yield break;
        }

        if (winding.Link.Figures.IsIsolated == false) yield return Told(ConflictKind.WindingNotIsolated, Severity.Stop, winding.One);
        else if (winding.Link.Figures.IsIsolated is null) yield return Told(ConflictKind.WindingNotIsolated, Severity.Check, winding.One);
        if (winding.Link.Figures.Volts is null) yield return Told(ConflictKind.ElementUnknown, Severity.Check, winding.One);
        foreach (var net in new[] { one, other }.OfType<Net>())
        {
            var met = net.Actors.FirstOrDefault(actor => !actor.Role.IsReturn && actor.Role.Kind is not (RoleKind.Unknown or RoleKind.Passive));
            if (met is not null) yield return Told(ConflictKind.WindingOnCircuit, Severity.Stop, met);
            else if (net.Actors.FirstOrDefault(actor => actor.Role.Kind == RoleKind.Unknown) is { } unknown)
                yield return Told(ConflictKind.NotKnown, Severity.Check, unknown) with { Flow = null };
        }

        foreach (var clash in Across(netlist, winding, state)) yield return clash;

        Clash Told(ConflictKind kind, Severity severity, CircuitContact taker) => new(kind, severity, winding.One, taker) { Flow = flow };
    }

    private static IEnumerable<Clash> Across(Netlist netlist, Element winding, NetState state)
    {
        if (winding.Link.Figures.Volts is not { } volts) yield break;
        foreach (var element in netlist.Elements.Where(element => element != winding && IsAcross(element.One, element.Other, winding, state)))
        {
            var amps = element.Link.Kind == LinkKind.Resistor && element.Link.Figures.Resistance is { } ohms ? volts / ohms : Amps.Zero;
            var flow = new ElementFlow(element.Link, volts, amps);
            (ConflictKind, Severity)? verdict = element.Link.Kind switch
            {
                LinkKind.Winding => (ConflictKind.WindingOnCircuit, Severity.Stop),
                LinkKind.Lamp when element.Link.Figures.Volts is { } made && volts > VoltSpan.Around(made, Tolerances.Rail).High
                    => (ConflictKind.LightBurns, Severity.Stop),
                LinkKind.Lamp when element.Link.Figures.Volts is null => (ConflictKind.ElementUnknown, Severity.Check),
                LinkKind.Light when Peak(volts) > ElementRules.MostReverseVolts => (ConflictKind.ElementBurns, Severity.Fix),
                LinkKind.Coil => (ConflictKind.WindingOnCircuit, Severity.Fix),
                LinkKind.Diode => (ConflictKind.ElementBurns, Severity.Stop),
                LinkKind.Resistor when flow.Heat.Value > (element.Link.Figures.Power?.Value ?? ElementRules.UsualResistorWatts)
                    => (ConflictKind.ElementBurns, Severity.Fix),
                _ => null,
            };
            if (verdict is not var (kind, severity)) continue;
            yield return new Clash(kind, severity, winding.One, element.One) { Flow = flow };
        }

        // Lamps that are known by what is written on their legs.
        foreach (var (plus, minus) in LightRules.Pairs(netlist).Where(legs => legs.Minus is { } minus && IsAcross(legs.Plus, minus, winding, state)))
        {
            var isReversed = !LegRules.ConductsBothWays(plus.Terminal) && Peak(volts) > ElementRules.MostReverseVolts;
            if (!isReversed && !LegRules.Burns(volts, plus.Terminal)) continue;
            var flow = new ElementFlow(winding.Link, volts, Amps.Zero);
            yield return new Clash(ConflictKind.WindingBurnsLamp, Severity.Stop, winding.One, plus) { Flow = flow };
        }
    }

    private static double Peak(Volts effective) => effective.Value * Math.Sqrt(2);

    private static bool IsAcross(CircuitContact one, CircuitContact other, Element winding, NetState state)
        => (Same(one, winding.One, state) && Same(other, winding.Other, state)) || (Same(one, winding.Other, state) && Same(other, winding.One, state));

    private static bool Same(CircuitContact one, CircuitContact other, NetState state)
        => one == other || (state.Of(one) is { } net && net == state.Of(other));
}
