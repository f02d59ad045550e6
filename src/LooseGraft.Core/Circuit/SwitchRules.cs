using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>A switch of which one leg alone was described: its other leg is taken to be returned, as most are.</summary>
internal static class SwitchRules
{
    /// <summary>What feeds such a leg is shorted, or put on an input, by the first press.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState state)
    {
        var switched = netlist.Joins.Where(join => join.Kind is JoinKind.Switch or JoinKind.Throw or JoinKind.Inside)
            .SelectMany(join => new[] { join.One, join.Other })
            .Concat(netlist.Elements.SelectMany(element => new[] { element.One.Index, element.Other.Index })).ToHashSet();
        return from leg in netlist.Contacts
               where leg.Role.Kind == RoleKind.Passive && LegRules.IsSwitched(leg.Signal) && !leg.Part.Kind.OnlyConducts() && !switched.Contains(leg.Index)
               let feed = state.Of(leg)?.Feed
               where feed is not null
               select new Clash(ConflictKind.SupplyBeyondSignal, Severity.Stop, feed, leg);
    }
}
