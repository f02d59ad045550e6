using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>Which plugs of the supplies are free, and which parts want one and have none.</summary>
/// <param name="Free">Plugs that nothing takes, each with its supply and written string/plug.</param>
/// <param name="Wanting">Power sockets of parts that no joint and no plug serves.</param>
public sealed record PlugCount(ImmutableArray<FreePlug> Free, ImmutableArray<WantingPort> Wanting)
{
    /// <summary>Counts the plugs of a graft. Wanted are sockets of the shapes that only bring power in; which plug goes where best is not decided
    /// here.</summary>
    internal static PlugCount Of(Graft graft, FeedFlows flows)
    {
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        // What is meant counts only until a joint says how it is.
        var wired = flows.All.Where(flow => flow.Hold == FeedHold.Joined).Select(flow => flow.Consumer).ToHashSet();
        var meant = graft.Loads.Where(load => load.Meant is not null && !wired.Contains(load.Part)).Select(load => (load.Part, Way: load.Meant!)).ToArray();
        var ways = meant.ToLookup(each => each.Part, each => each.Way);
        var taken = meant.Where(each => each.Way.Plug is not null).Select(each => (each.Way.Supply, each.Way.Plug!))
            .Concat(graft.Supplies.Where(supply => supply.Meant?.Plug is not null && !wired.Contains(supply.Part))
                .Select(supply => (supply.Meant!.Supply, supply.Meant.Plug!))).ToHashSet();
        var all = (from supply in graft.Supplies
                   from lead in supply.Leads
                   from plug in lead.Plugs
                   select (Supply: supply, Name: $"{lead.Id}/{plug.Id}", Plug: plug)).ToArray();
        var free = from each in all
                   where !taken.Contains((each.Supply.Id, each.Name)) && !(each.Plug.Port is { } port && joined.Contains(new PortId(each.Supply.Part, port)))
                   select new FreePlug(each.Supply.Id, each.Name, each.Plug.Type, each.Plug.Parts);
        var types = all.ToLookup(each => (each.Supply.Id, each.Name), each => each.Plug.Type);
        var wanting = graft.Parts.Where(part => part.Kind is PartKind.Drive or PartKind.Card or PartKind.Board)
            .SelectMany(part => Unserved(part, joined, [.. ways[part.Id]], types));
        // Without a single plug described nobody can say that one is missing.
        return new PlugCount([.. free], graft.Supplies.Any(supply => !supply.Leads.IsEmpty) ? [.. wanting] : []);
    }

    // Each way that is meant serves one socket: one of its own kind, or the first that is left.
    private static List<WantingPort> Unserved(Part part, HashSet<PortId> joined, MeantWay[] meant, ILookup<(string, string), ConnectorType> types)
    {
        var left = part.Ports.Where(port => port.Type.Housing == Housing.Power && port.Gender == Gender.Male && port.Type.Pinout.Count > 0
            && !joined.Contains(new PortId(part.Id, port.Id))).ToList();
        foreach (var (supply, plug) in meant.Where(way => way.Plug is not null || way.Through is not null).Select(way => (way.Supply, way.Plug)).Distinct())
        {
            var type = plug is null ? null : types[(supply, plug)].FirstOrDefault();
            if ((left.FirstOrDefault(port => port.Type == type) ?? left.FirstOrDefault()) is { } served) left.Remove(served);
        }

        return [.. left.Select(port => new WantingPort(part, port))];
    }

    /// <summary>How each wanting socket fares: a free plug of its own kind, one that parts, an adapter on one plug or several, or none. Plugs are given out in
    /// order, each once.</summary>
    public IEnumerable<(WantingPort Port, FreePlug? Plug, AdapterOffer? Adapter)> Served(Graft graft)
    {
        var left = Free.ToList();
        foreach (var port in Wanting)
        {
            var own = left.FirstOrDefault(plug => plug.Type == port.Port.Type) ?? left.FirstOrDefault(plug => plug.Serves(port.Port.Type) == true)
                ?? left.FirstOrDefault(plug => plug.Serves(port.Port.Type) is null);
            var adapter = own is null ? AdapterOffer.For(graft, port, left) : null;
            left.RemoveAll(plug => plug == own || adapter?.Plugs.Contains(plug) == true);
            yield return (port, own, adapter);
        }
    }
}
