using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;
using LooseGraft.Core.Wire.Drawing;

namespace LooseGraft.Web.Drawing;

/// <summary>The contacts of a port as rows of positions, lying along the page.</summary>
public static class GridLayout
{
    /// <summary>The rows, the first above, as seen from a side.</summary>
    /// <remarks>Positions are counted on the mating face of the male half; the mating face of the female half, and the wire side of the male, show it
    /// mirrored.</remarks>
    public static IReadOnlyList<IReadOnlyList<int>> Of(Port port, ConnectorView view)
    {
        var grid = new PortGrid(port);
        var isMirrored = (port.Gender == Gender.Male) == (view == ConnectorView.WireSide);
        var columns = Enumerable.Range(0, port.Columns);
        return [.. Enumerable.Range(0, port.Rows)
            .Select(row => (isMirrored ? columns.Reverse() : columns).Select(column => grid.PositionAt(new Cell(row, column))!.Value).ToArray())];
    }
}
