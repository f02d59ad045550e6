using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit.Elements;

/// <summary>Windings that give alternating current: to a lamp made for it, one leg on ground if need be, and to nothing else.</summary>
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
            var met = net.Actors.FirstOrDefault(IsNoMatchFor);
            if (met is not null) yield return Told(ConflictKind.WindingOnCircuit, Severity.Stop, met);
            else if (net.Actors.FirstOrDefault(actor => actor.Role.Kind == RoleKind.Unknown) is { } unknown)
                yield return Told(ConflictKind.NotKnown, Severity.Check, unknown) with { Flow = null };
        }

        foreach (var clash in Across(netlist, winding, state).Concat(Crests.Of(netlist, winding, state))) yield return clash;

        Clash Told(ConflictKind kind, Severity severity, CircuitContact taker) => new(kind, severity, winding.One, taker) { Flow = flow };
    }

    /// <summary>Whether alternating current has no business at a contact.</summary>
    public static bool IsNoMatchFor(CircuitContact actor) => !actor.Role.IsReturn && actor.Role.Kind is not (RoleKind.Unknown or RoleKind.Passive);

    private static IEnumerable<Clash> Across(Netlist netlist, Element winding, NetState state)
    {
        if (winding.Link.Figures.Volts is not { } volts) yield break;
        foreach (var other in netlist.Elements.Where(element
            => element != winding && element.Link.Kind == LinkKind.Winding && IsAcross(element.One, element.Other, winding, state)))
        {
            yield return new Clash(ConflictKind.WindingOnCircuit, Severity.Stop, winding.One, other.One)
            {
                Flow = new ElementFlow(other.Link, volts, Amps.Zero),
            };
        }

        // Lamps that are known by what is written on their legs.
        foreach (var (plus, minus) in LightRules.Pairs(netlist).Where(legs => legs.Minus is { } minus && IsAcross(legs.Plus, minus, winding, state)))
        {
            var isReversed = !LegRules.ConductsBothWays(plus.Terminal) && volts.Value * Math.Sqrt(2) > ElementRules.MostReverseVolts;
            if (!isReversed && !LegRules.Burns(volts, plus.Terminal)) continue;
            var flow = new ElementFlow(winding.Link, volts, Amps.Zero);
            yield return new Clash(ConflictKind.WindingBurnsLamp, Severity.Stop, winding.One, plus) { Flow = flow };
        }
    }

    private static bool IsAcross(CircuitContact one, CircuitContact other, Element winding, NetState state)
        => (Same(one, winding.One, state) && Same(other, winding.Other, state)) || (Same(one, winding.Other, state) && Same(other, winding.One, state));

    private static bool Same(CircuitContact one, CircuitContact other, NetState state)
        => one == other || (state.Of(one) is { } net && net == state.Of(other));
}
