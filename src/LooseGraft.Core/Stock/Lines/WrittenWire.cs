using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>A conductor inside a part as a line describes it.</summary>
/// <param name="One">Name of a connector.</param>
/// <param name="Position">Its position, from 1.</param>
/// <param name="Other">Name of a connector, the same or another.</param>
/// <param name="OtherPosition">Its position, from 1.</param>
public sealed record WrittenWire(string One, int Position, string Other, int OtherPosition)
{
    /// <summary>Such conductors between the connectors of a part; those of connectors that it has not are left out.</summary>
    public static ValueList<PartLink> Links(IEnumerable<Port> ports, IEnumerable<WrittenWire> wires)
    {
        var ids = ports.GroupBy(port => port.Name, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(same => same.Key, same => same.First().Id, StringComparer.OrdinalIgnoreCase);
        return [.. wires.Where(wire => ids.ContainsKey(wire.One) && ids.ContainsKey(wire.Other))
            .Select(wire => new PartLink(new InnerEnd(ids[wire.One], wire.Position), new InnerEnd(ids[wire.Other], wire.OtherPosition), LinkKind.Wire))];
    }
}
