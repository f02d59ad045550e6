using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>A port of a seated board against the opening that it looks at.</summary>
/// <param name="Port">The port.</param>
/// <param name="Wall">The wall before it.</param>
/// <param name="Far">How far that wall is, in millimetres.</param>
/// <param name="Opening">The opening that most of its face lies in; null when it looks at closed wall.</param>
/// <param name="Least">The least shift along the wall at which its face lies in the opening, in millimetres.</param>
/// <param name="Most">The largest such shift; less than the least when the face is wider than the opening.</param>
/// <param name="Beyond">How far its face reaches beyond the opening along the wall or upwards, in millimetres; 0 when it lies in it.</param>
public sealed record PortLook(Port Port, PlaneWall Wall, double Far, Opening? Opening, double Least, double Most, double Beyond)
{
    /// <summary>Every port that faces a wall.</summary>
    public static ImmutableArray<PortLook> Of(SeatedBoard board)
        => [.. board.Board.Ports.Where(port => port.Place is { Faces: not PortFacing.Up }).Select(port => Of(board, port)).OfType<PortLook>()];

    private static PortLook? Of(SeatedBoard board, Port port)
    {
        var (place, plane, seat) = (port.Place!, board.Outlook.Plane, board.Outlook.Seat(board.Seat));
        if (Walls.Facing(seat, place.Faces) is not { } wall) return null;
        var far = Walls.Distance([seat.Place(place.At)], plane, wall);
        var (from, to) = Walls.Span(seat, place, wall);
        var low = board.Outlook.Rise + board.Top;
        var high = low + place.Height.Value;
        var before = plane.Openings.Where(opening => opening.Kind == OpeningKind.Ports && opening.Wall == wall)
            .Select(opening => (Opening: opening, Shared: Shared(opening.Area, from, to, low, high))).OrderByDescending(pair => pair.Shared).FirstOrDefault();
        if (before.Opening is not { } open || before.Shared <= 0) return new PortLook(port, wall, far, null, 0, 0, 0);
        var (least, most, beyond) = Against(open, from, to, low, high);
        return new PortLook(port, wall, far, open, least, most, beyond);
    }

    private static (double Least, double Most, double Beyond) Against(Opening open, double from, double to, double low, double high)
    {
        var (area, middle) = (open.Area, open.Area.Middle);
        if (!open.IsRound)
        {
            var (least, most) = (area.X - from, area.X + area.Width - to);
            return (least, most, new[] { least, -most, area.Y - low, high - area.Y - area.Depth, 0 }.Max());
        }

        // At the height of its farthest corner a face has so much room to either side.
        var (radius, off) = (area.Width / 2, Math.Max(Math.Abs(low - middle.Y), Math.Abs(high - middle.Y)));
        var half = Math.Sqrt(Math.Max(0, (radius * radius) - (off * off)));
        var aside = Math.Max(Math.Abs(from - middle.X), Math.Abs(to - middle.X));
        return (middle.X - half - from, middle.X + half - to, Math.Max(0, Math.Sqrt((aside * aside) + (off * off)) - radius));
    }

    private static double Shared(PlanRectangle area, double from, double to, double low, double high)
        => Math.Max(0, Math.Min(to, area.X + area.Width) - Math.Max(from, area.X)) * Math.Max(0, Math.Min(high, area.Y + area.Depth) - Math.Max(low, area.Y));
}
