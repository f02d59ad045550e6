using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Leads;

/// <summary>The meter sheets of the leads of a graft: those that are joints, and those that are parts of their own.</summary>
public static class MeterSheets
{
    /// <summary>The sheet of a joint's lead.</summary>
    /// <param name="joint">The joint.</param>
    /// <param name="from">The grid of its first port.</param>
    /// <param name="to">The grid of its second port.</param>
    public static MeterSheet<LeadEnd> Of(Joint joint, PortGrid from, PortGrid to) => MeterSheet<LeadEnd>.For(
        joint.Wires.Select(wire => wire.Ends).Concat(joint.Ties.Select(tie => tie.Ends)),
        Neighbours(from, position => new LeadEnd(true, position)).Concat(Neighbours(to, position => new LeadEnd(false, position))));

    /// <summary>The sheet of a lead that is a part, with any number of plugs.</summary>
    public static MeterSheet<InnerEnd> Of(Part part) => MeterSheet<InnerEnd>.For(
        part.Links.Where(link => link.Kind == LinkKind.Wire).Select(link => (link.One, link.Other)),
        part.Ports.SelectMany(port => Neighbours(new PortGrid(port), position => new InnerEnd(port.Id, position))),
        part.Links.Where(link => link.Kind != LinkKind.Wire).Select(link => (link.One, link.Other)));

    /// <summary>Every pair of positions of a connector that lie side by side in a row or a column.</summary>
    public static IEnumerable<(TEnd One, TEnd Other)> Neighbours<TEnd>(PortGrid grid, Func<int, TEnd> end)
    {
        for (var position = 1; position <= grid.Rows * grid.Columns; position++)
        {
            var cell = grid[position];
            foreach (var beside in new[] { new Cell(cell.Row, cell.Column + 1), new Cell(cell.Row + 1, cell.Column) })
            {
                if (grid.PositionAt(beside) is { } other) yield return (end(position), end(other));
            }
        }
    }
}
