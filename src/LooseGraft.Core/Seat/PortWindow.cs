using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>The ports of a board's rear edge against the openings they look out of.</summary>
/// <param name="Opening">The opening that most of them look out of; where none does yet, the nearest.</param>
/// <param name="EdgeGap">From the board's rear edge to the wall, in millimetres; negative when it reaches through.</param>
/// <param name="Shift">How far the board would have to be moved along the wall for every port to lie in its opening, in millimetres: 0 when they do; where no
/// move does it, the one that shares what is left to both sides.</param>
/// <param name="Correction">How the board would have to be moved in all, on its own plane.</param>
public sealed record PortWindow(Opening Opening, double EdgeGap, double Shift, PlanPoint Correction)
{
    /// <summary>Both together, in millimetres.</summary>
    public double Offset => Math.Sqrt((EdgeGap * EdgeGap) + (Shift * Shift));

    /// <summary>The window of a seated board; null when no wall that its rear edge faces has an opening for ports, or the board has no ports that look out
    /// there.</summary>
    public static PortWindow? Of(SeatedBoard board) => Of(board.Board, board.Outlook, board.Seat);

    internal static PortWindow? Of(Part board, Outlook outlook, BoardSeat onPlane)
    {
        var (plane, seat) = (outlook.Plane, outlook.Seat(onPlane));
        if (Walls.Facing(seat, PortFacing.Rear) is not { } wall) return null;
        var ports = board.Ports.Where(port => port.Place is { Faces: PortFacing.Rear });
        var spans = ports.Select(port => Walls.Span(seat, port.Place!, wall)).ToArray();
        var openings = plane.Openings.Where(opening => opening.Kind == OpeningKind.Ports && opening.Wall == wall).ToArray();
        if (spans.Length == 0 || openings.Length == 0) return null;
        var pairs = spans.Select(span => (Span: span, Opening: openings.MaxBy(opening => Shared(opening.Area, span))!)).ToArray();
        var least = pairs.Max(pair => pair.Opening.Area.X - pair.Span.From);
        var most = pairs.Min(pair => pair.Opening.Area.X + pair.Opening.Area.Width - pair.Span.To);
        var along = least <= most ? Math.Clamp(0, least, most) : (least + most) / 2;
        var edge = Walls.Distance(SeatedBoard.Around(board, seat), plane, wall);
        var (inward, side) = (Walls.Inward(wall), wall is PlaneWall.Rear or PlaneWall.Front ? new PlanPoint(1, 0) : new PlanPoint(0, 1));
        return new PortWindow(pairs.GroupBy(pair => pair.Opening).MaxBy(same => same.Count())!.Key, edge, along,
            outlook.Back(new PlanPoint((side.X * along) - (inward.X * edge), (side.Y * along) - (inward.Y * edge))));
    }

    // Negative by how far they are apart.
    private static double Shared(PlanRectangle area, (double From, double To) span)
        => Math.Min(span.To, area.X + area.Width) - Math.Max(span.From, area.X);
}
