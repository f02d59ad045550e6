using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Drawing;

/// <summary>A connector drawn to scale, standing upright: its long side runs down the page.</summary>
/// <param name="Body">Width and height of its body in millimetres.</param>
/// <param name="Positions">The centre of each position, position 1 first, from the body's upper left corner.</param>
/// <param name="IsMirrored">Whether the view is the mirror image of the frame in which positions are counted.</param>
/// <param name="KeySide">On which side the wall's notch or the rib stands: −1 left, +1 right, 0 when there is none.</param>
public sealed record ConnectorScene(PointMm Body, ImmutableArray<PointMm> Positions, bool IsMirrored, int KeySide)
{
    // From the centre of the outermost position to the edge of the body, as a share of the pitch; a bare header's plastic is about that wide.
    private const double Margin = 0.65;

    /// <summary>Draws a port from one side.</summary>
    /// <remarks>
    /// Positions are counted on the mating face of the male half, which is the wire side of the female half. Turning that frame a quarter
    /// clockwise stands it upright (row r, column c comes to x = rows − 1 − r, y = c); the other two views mirror it left to right.
    /// </remarks>
    public static ConnectorScene Of(Port port, ConnectorView view)
    {
        var grid = new PortGrid(port);
        var isMirrored = (port.Gender == Gender.Male) == (view == ConnectorView.WireSide);
        var (pitch, rowPitch) = (port.Pitch.Value, port.RowPitch.Value);
        var positions = Enumerable.Range(1, port.PositionCount).Select(position =>
        {
            var cell = grid[position];
            var across = isMirrored ? cell.Row : port.Rows - 1 - cell.Row;
            return new PointMm((across + Margin) * rowPitch, (cell.Column + Margin) * pitch);
        });
        var body = new PointMm((port.Rows - 1 + (2 * Margin)) * rowPitch, (port.Columns - 1 + (2 * Margin)) * pitch);
        // The notch of a wall lies beside the first row: right of the upright frame, left of its mirror image.
        var keySide = PlugFit.IsWalled(port) ? (isMirrored ? -1 : 1) : 0;
        return new ConnectorScene(body, [.. positions], isMirrored, keySide);
    }
}
