using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>The ports of a board's rear edge against the opening they look out of.</summary>
/// <param name="Opening">The opening.</param>
/// <param name="EdgeGap">From the board's rear edge to the wall, in millimetres; negative when it reaches through.</param>
/// <param name="Shift">How far the ports reach beyond the opening along the wall; negative to one side, 0 when they lie in it.</param>
/// <param name="Correction">How the board would have to be moved.</param>
public sealed record PortWindow(Opening Opening, double EdgeGap, double Shift, PlanPoint Correction)
{
    /// <summary>Both together, in millimetres.</summary>
    public double Offset => Math.Sqrt((EdgeGap * EdgeGap) + (Shift * Shift));

    /// <summary>The window of a seated board; null when no wall that its rear edge faces has an opening for ports, or the board has no ports that look out
    /// there.</summary>
    public static PortWindow? Of(SeatedBoard board)
    {
        var ports = board.Board.Ports.Where(port => port.Place is { Faces: PortFacing.Rear }).ToArray();
        if (ports.Length == 0 || Walls.Facing(board.Seat, PortFacing.Rear) is not { } wall) return null;
        if (board.Plane.Openings.FirstOrDefault(opening => opening.Kind == OpeningKind.Ports && opening.Wall == wall) is not { } window) return null;
        var spans = ports.Select(port => Walls.Span(board.Seat, port.Place!, wall)).ToArray();
        var (from, to) = (spans.Min(span => span.From), spans.Max(span => span.To));
        var over = Math.Max(0, to - (window.Area.X + window.Area.Width)) - Math.Max(0, window.Area.X - from);
        var edge = Walls.Distance(board.Outline, board.Plane, wall);
        var inward = Walls.Inward(wall);
        var along = wall is PlaneWall.Rear or PlaneWall.Front ? new PlanPoint(1, 0) : new PlanPoint(0, 1);
        return new PortWindow(window, edge, over, new PlanPoint((-inward.X * edge) - (along.X * over), (-inward.Y * edge) - (along.Y * over)));
    }
}
