using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on a board's outline and its plane.</summary>
internal static class EdgeFindings
{
    private const double AreaMm2 = 1;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        var subject = new SeatSubject(board.Board.Id);
        var outside = board.Shape.Difference(Shapes.Polygon(board.Plane.Outline));
        if (outside.Area > AreaMm2)
        {
            var beyond = Walls.Beyond(board.Plane, outside);
            yield return Finding.Of(SeatRules.BoardBeyondPlane, subject, new BeyondPlane(board.Board.Id, board.Plane.Id, new Millimetres(beyond)),
                $"{board.Board.Name} reaches up to {Mm(beyond)} beyond {board.Plane.Name}.", board.Evidence, "move or turn it", "measure the base again");
        }

        if (board.Board.Body is null)
            yield return Finding.Of(SeatRules.ShapeUnknown, subject, new ShapeUnknown(board.Board.Id),
                $"The outline of {board.Board.Name} is not known; a margin round its holes stands in for it.", Evidence.Assumed, "measure its width and depth");
    }
}
