using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>What an indicator or lamp sees between its two legs.</summary>
/// <remarks>A light that states no volts is a bare one: it draws what a supply can give until it burns (diode law). A board's own feed has its resistor on the
/// board.</remarks>
internal static class LightRules
{
    public static IEnumerable<Clash> Of(Netlist netlist, NetState state)
    {
        foreach (var legs in netlist.Contacts.Where(
            contact => contact is { Role.Kind: RoleKind.Passive, Signal: { Family: SignalFamily.Light, Polarity: not 0 } })
            .GroupBy(contact => (contact.Id.Port, contact.Signal.Function)))
        {
            if (legs.FirstOrDefault(leg => leg.Signal.Polarity > 0) is not { } plus || Return(netlist, legs, plus) is not { } minus) continue;
            foreach (var clash in Through(plus, minus, state).Concat(Through(minus, plus, state))) yield return clash;
            if (state.Of(plus)?.Held is not { } above || state.Of(minus)?.Held is not { } below) continue;
            var across = above.High - below.Low;
            var feed = state.Of(across > Volts.Zero ? plus : minus)!.Feed;
            if (feed is null || across == Volts.Zero) continue;
            if (across < Volts.Zero)
                yield return new Clash(ConflictKind.LightReversed, Severity.Check, feed, minus);
            else if (plus.Pin.Level is not { } made || across > VoltSpan.Around(made, Tolerances.Rail).High)
                yield return new Clash(ConflictKind.LightBurns, Severity.Stop, feed, plus);
        }
    }

    // What feeds one leg reaches whatever is on the other, as long as nothing there holds it down.
    private static IEnumerable<Clash> Through(CircuitContact fed, CircuitContact other, NetState state)
        => state.Of(fed) is { Feed: { } feed } && state.Of(other) is { Feed: null } behind && !behind.Of(RoleKind.Ground).Any()
            && behind.Actors.FirstOrDefault(actor => actor.Role.Kind is RoleKind.Driver or RoleKind.Input && !NetRules.BearsSupply(actor.Role, feed.Role.Gives!.Value))
                is { } pin ? [new Clash(ConflictKind.SupplyThroughLight, Severity.Stop, feed, pin)] : [];

    // Its other leg, or the return beside it.
    private static CircuitContact? Return(Netlist netlist, IEnumerable<CircuitContact> legs, CircuitContact plus)
        => legs.FirstOrDefault(leg => leg.Signal.Polarity < 0)
            ?? netlist.Contacts.FirstOrDefault(contact => contact.Id.Port == plus.Id.Port && contact.Signal.Family == SignalFamily.Ground);
}
