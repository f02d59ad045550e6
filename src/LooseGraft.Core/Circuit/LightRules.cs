using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What an indicator or lamp sees between its two legs, and what reaches on through it, or through a loudspeaker.</summary>
/// <remarks>A light that states no volts is a bare one: it draws what a supply can give until it burns (diode law). A board's own feed has its resistor on the
/// board. A leg that nobody described is taken to be returned; one that is described and joined to nothing is open.</remarks>
internal static class LightRules
{
    /// <summary>What is wrong with them, and with what they reach, in one state of the nets.</summary>
    /// <param name="pairs">The legs, from <see cref="Pairs"/>.</param>
    /// <param name="state">The nets.</param>
    public static IEnumerable<Clash> Of(IEnumerable<(CircuitContact Plus, CircuitContact? Minus)> pairs, NetState state)
        => pairs.SelectMany(legs => legs switch
        {
            ({ Signal.Family: SignalFamily.Light } plus, { } minus)
                => Across(plus, minus, state).Concat(Through(plus, minus, state)).Concat(Through(minus, plus, state)),
            ({ Signal.Family: SignalFamily.Light } plus, null) => Alone(plus, state),
            // What a loudspeaker makes of a supply is heard; what stands behind it may not bear it.
            ({ } plus, { } minus) => Through(plus, minus, state).Concat(Through(minus, plus, state)),
            _ => [],
        });

    /// <summary>The two legs of each light, lamp and loudspeaker that is known by what is written on them.</summary>
    public static ImmutableArray<(CircuitContact Plus, CircuitContact? Minus)> Pairs(Netlist netlist)
        => [.. from leg in netlist.Contacts
               where leg is { Role.Kind: RoleKind.Passive, Signal.Polarity: not 0 } && !leg.Part.Kind.OnlyConducts()
                   && !netlist.Elements.Any(element => element.One == leg || element.Other == leg)
               group leg by (leg.Id.Port, leg.Signal.Function) into legs
               let plus = legs.FirstOrDefault(leg => leg.Signal.Polarity > 0)
               where plus is not null
               select (plus, legs.FirstOrDefault(leg => leg.Signal.Polarity < 0) ?? GroundBeside(netlist, plus))];

    private static CircuitContact? GroundBeside(Netlist netlist, CircuitContact plus)
        => Array.Find(netlist.ContactsOf(plus.Id.Port).ToArray(), contact => contact.Signal.Family == SignalFamily.Ground);

    private static IEnumerable<Clash> Across(CircuitContact plus, CircuitContact minus, NetState state)
    {
        if (state.Of(plus) is not { Held: { } above } over || state.Of(minus) is not { Held: { } below } under) yield break;
        var across = above.High - below.Low;
        if (across > Volts.Zero && over.Feed is { } feed && LegRules.Burns(across, plus.Terminal))
            yield return new Clash(ConflictKind.LightBurns, Severity.Stop, feed, plus);
        if (across >= Volts.Zero || under.Feed is not { } reversed) yield break;
        if (!LegRules.ConductsBothWays(plus.Terminal)) yield return new Clash(ConflictKind.LightReversed, Severity.Check, reversed, minus);
        else if (LegRules.Burns(across, plus.Terminal)) yield return new Clash(ConflictKind.LightBurns, Severity.Stop, reversed, minus);
    }

    private static IEnumerable<Clash> Alone(CircuitContact plus, NetState state)
        => state.Of(plus)?.Feed is { Role.Gives.High: var given } feed && given > Volts.Zero && LegRules.Burns(given, plus.Terminal)
            ? [new Clash(ConflictKind.LightBurns, Severity.Stop, feed, plus)] : [];

    // What feeds one leg reaches whatever is on the other, as long as nothing there holds it down.
    private static IEnumerable<Clash> Through(CircuitContact fed, CircuitContact other, NetState state)
        => state.Of(fed)?.Feed is { Role.Gives: { } given } feed && state.Of(other) is { Feed: null } behind && !behind.Of(RoleKind.Ground).Any()
            && behind.Actors.FirstOrDefault(actor => actor.Terminal.IsSignal && !NetRules.BearsSupply(actor.Role, given)) is { } pin
                ? [new Clash(ConflictKind.SupplyThroughLight, Severity.Stop, feed, pin) { Via = fed }] : [];
}
