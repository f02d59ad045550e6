using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>Which plugs of the supplies are free, and which parts want one and have none.</summary>
/// <param name="Free">Plugs that nothing takes, each with its supply and written string/plug.</param>
/// <param name="Wanting">Power sockets of parts that no joint and no plug serves.</param>
public sealed record PlugCount(ImmutableArray<FreePlug> Free, ImmutableArray<WantingPort> Wanting)
{
    /// <summary>Counts the plugs of a graft. Wanted are sockets of the shapes that only bring power in; which plug goes where best is not decided
    /// here.</summary>
    public static PlugCount Of(Graft graft)
    {
        var taken = graft.Loads.Where(load => load.Plug is not null).Select(load => (load.Supply, load.Plug!))
            .Concat(graft.Supplies.Where(supply => supply.Input?.Plug is not null).Select(supply => (supply.Input!.Supply, supply.Input.Plug!))).ToHashSet();
        var free = (from supply in graft.Supplies
                    from lead in supply.Leads
                    from plug in lead.Plugs
                    let name = $"{lead.Id}/{plug.Id}"
                    where !taken.Contains((supply.Id, name))
                    select new FreePlug(supply.Id, name, plug.Type)).ToImmutableArray();
        var joined = graft.Joints.Where(joint => joint.Method != JointMethod.LeaveOff).SelectMany(joint => new[] { joint.From, joint.To }).ToHashSet();
        var fed = graft.Loads.Where(load => load.Plug is not null || load.Through is not null).Select(load => load.Part).ToHashSet();
        var wanting = from part in graft.Parts
                      where part.Kind is PartKind.Drive or PartKind.Card or PartKind.Board && !fed.Contains(part.Id)
                      from port in part.Ports
                      where port.Type.Housing == Housing.Power && port.Gender == Gender.Male && port.Type.Pinout.Count > 0
                          && !joined.Contains(new PortId(part.Id, port.Id))
                      select new WantingPort(part, port);
        // Without a single plug described nobody can say that one is missing.
        return new PlugCount(free, graft.Supplies.Any(supply => !supply.Leads.IsEmpty) ? [.. wanting] : []);
    }

    /// <summary>How each wanting socket fares: a free plug of its own kind, one by an adapter, or none. Plugs are given out in order, each once.</summary>
    public IEnumerable<(WantingPort Port, FreePlug? Plug, PartTemplate? Adapter)> Served()
    {
        var left = Free.ToList();
        foreach (var port in Wanting)
        {
            var own = left.FirstOrDefault(plug => plug.Type.Id == port.Port.Type.Id);
            var adapted = own is null
                ? left.Select(plug => (Plug: plug, Adapter: AdapterFor(plug.Type.Id, port.Port.Type.Id))).FirstOrDefault(pair => pair.Adapter is not null)
                : default;
            if ((own ?? adapted.Plug) is { } used) left.Remove(used);
            yield return (port, own ?? adapted.Plug, adapted.Adapter);
        }
    }

    private static PartTemplate? AdapterFor(string plug, string socket)
        => PartTemplate.All.FirstOrDefault(
            template
            => template.Kind == PartKind.Adapter && template.Ports is [{ Gender: Gender.Male } inner, .., { Gender: Gender.Female } outer]
            && inner.Connector == plug && outer.Connector == socket);
}
