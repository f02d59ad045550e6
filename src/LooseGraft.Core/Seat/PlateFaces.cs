using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>The faces of a board's rear ports in the opening that they look out of, as one sees them from outside, from its left lower corner.</summary>
internal static class PlateFaces
{
    public static IEnumerable<(Port Port, PlanRectangle Face)> Of(SeatedBoard board, PortWindow window)
    {
        var (area, wall) = (window.Opening.Area, window.Opening.Wall);
        // From outside one looks at these walls the other way round.
        var isTurned = wall is PlaneWall.Rear or PlaneWall.Right;
        foreach (var port in board.Board.Ports.Where(port => port.Place is { Faces: PortFacing.Rear }))
        {
            var (from, to) = Walls.Span(board.Outlook.Seat(board.Seat), port.Place!, wall);
            yield return (port, new PlanRectangle(isTurned ? area.X + area.Width - to : from - area.X,
                board.Outlook.Rise + board.Top - area.Y, to - from, port.Place!.Height.Value));
        }
    }
}
