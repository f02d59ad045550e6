using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>A switch of which one leg alone was described: its other leg is taken to be returned, as most are.</summary>
internal static class SwitchRules
{
    /// <summary>What feeds such a leg is shorted, or put on an input, by the first press.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState state)
        => from leg in netlist.Contacts
           where leg.Role.Kind == RoleKind.Passive && LegRules.IsSwitched(leg.Signal) && !leg.Part.Kind.OnlyConducts()
           let feed = state.Of(leg)?.Feed
           where feed is not null && !LeadsOn(netlist, leg)
           select new Clash(ConflictKind.SupplyBeyondSignal, Severity.Stop, feed, leg);

    private static bool LeadsOn(Netlist netlist, CircuitContact leg)
        => netlist.JoinsAt(leg.Index).ToArray().Any(join => join.Kind is JoinKind.Switch or JoinKind.Throw or JoinKind.Inside)
            || netlist.Elements.Any(element => element.One == leg || element.Other == leg);
}
