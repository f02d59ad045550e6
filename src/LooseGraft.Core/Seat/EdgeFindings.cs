using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on a board's outline, its ports and the openings round it.</summary>
internal static class EdgeFindings
{
    private const double AreaMm2 = 1;

    // A spring plate takes up about so much between a board's edge and the wall (common practice).
    private const double PlateMm = 3;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        var subject = new SeatSubject(board.Board.Id);
        var evidence = board.Board.Body?.Evidence ?? Evidence.Assumed;
        var outside = board.Shape.Difference(Shapes.Polygon(board.Plane.Outline));
        if (outside.Area > AreaMm2)
        {
            var beyond = Beyond(board, outside);
            yield return Finding.Of(SeatRules.BoardBeyondPlane, subject, new BeyondPlane(board.Board.Id, board.Plane.Id, new Millimetres(beyond)),
                $"{board.Board.Name} reaches up to {Mm(beyond)} beyond {board.Plane.Name}.", evidence, "move or turn it", "measure the plane again");
        }

        if (board.Board.Body is null)
            yield return Finding.Of(SeatRules.ShapeUnknown, subject, new ShapeUnknown(board.Board.Id),
                $"The outline of {board.Board.Name} is not known; a margin round its holes stands in for it.", Evidence.Assumed, "measure its width and depth");
        foreach (var port in board.Board.Ports.Where(port => port.Place is { Faces: not PortFacing.Up }))
        {
            if (Walls.Facing(board.Seat, port.Place!.Faces) is not { } wall || Near(board, port.Place, wall) is not { } far) continue;
            if (board.Seat.Plate == IoPlate.LeftOpen && port.Place.Faces == PortFacing.Rear) continue;
            if (!board.Plane.Openings.Any(opening => Covers(opening, board, port.Place, wall)))
            {
                var id = new PortId(board.Board.Id, port.Id);
                yield return Finding.Of(SeatRules.PortWithoutOpening, new PortSubject(id), new PortWithoutOpening(id, wall, new Millimetres(far)),
                    $"No opening lies before the {port.Name} of {board.Board.Name}: the {wall.ToString().ToLowerInvariant()} wall is {Mm(far)} away.", evidence,
                    "cut an opening there, or write the one that is there down", "lead it out by an extension");
            }
        }

        if (PortWindow.Of(board) is not { } window) yield break;
        if (Math.Abs(window.Shift) > 0.5)
            yield return Finding.Of(SeatRules.PortsMissOpening, subject, new PortsMissOpening(window.Opening.Name, new Millimetres(Math.Abs(window.Shift))),
                $"The ports of {board.Board.Name} reach {Mm(Math.Abs(window.Shift))} beyond {window.Opening.Name}.", evidence,
                $"move the board {Mm(Math.Abs(window.Shift))} along the wall", "cut the opening wider");
        if (board.Seat.Plate is null)
            yield return Finding.Of(SeatRules.PlateUndecided, subject, new PlateUndecided(window.Opening.Name, new Millimetres(window.EdgeGap)),
                $"Nothing is decided for {window.Opening.Name} round the ports; the board's edge is {Mm(window.EdgeGap)} from it.", evidence,
                "choose: keep, bend, cut from the old case, make, or leave open");
        else if (board.Seat.Plate is IoPlate.Kept or IoPlate.Made && window.EdgeGap > PlateMm)
            yield return Finding.Of(
                SeatRules.PortsMissOpening, subject, new PlateTooShort(window.Opening.Name, new Millimetres(window.EdgeGap), new Millimetres(PlateMm)),
                $"The board's edge is {Mm(window.EdgeGap)} from {window.Opening.Name}: a plate bridges about {Mm(PlateMm)}.", evidence,
                "move the board to the wall");
    }

    /// <summary>Openings for ports on planes where boards sit, that no port looks out of.</summary>
    public static IEnumerable<Finding> OfOpenings(Graft graft, IReadOnlyCollection<SeatedBoard> boards)
        => from plane in graft.Seating.Planes
           where boards.Any(board => board.Plane.Id == plane.Id)
           from opening in plane.Openings
           where opening.Kind == OpeningKind.Ports && !boards.Any(board => board.Plane.Id == plane.Id && LooksOut(board, opening))
           select Finding.Of(SeatRules.OpeningWithoutPort, new PlaneSubject(plane.Id), new OpeningEmpty(opening.Name, plane.Id),
               $"No port looks out of {opening.Name} in {plane.Name}.", Evidence.Assumed, "close it with a blank of sheet or tape",
               "give the ports that look out there their place");

    private static bool LooksOut(SeatedBoard board, Opening opening) => board.Board.Ports.Any(port => port.Place is { Faces: not PortFacing.Up } place
        && Walls.Facing(board.Seat, place.Faces) == opening.Wall && Walls.Span(board.Seat, place, opening.Wall) is var (from, to)
        && from < opening.Area.X + opening.Area.Width && to > opening.Area.X);

    private static double Beyond(SeatedBoard board, NetTopologySuite.Geometries.Geometry outside)
    {
        var plane = Shapes.Polygon(board.Plane.Outline);
        return outside.Coordinates.Max(corner => plane.Distance(Shapes.Point(new PlanPoint(corner.X, corner.Y))));
    }

    // A port matters where its plug would have to go through the wall.
    private static double? Near(SeatedBoard board, PortPlace place, PlaneWall wall)
    {
        var far = Walls.Distance([board.Seat.Place(place.At)], board.Plane, wall);
        return far < place.PlugRoom.Value ? far : null;
    }

    private static bool Covers(Opening opening, SeatedBoard board, PortPlace place, PlaneWall wall)
    {
        if (opening.Wall != wall) return false;
        var (from, to) = Walls.Span(board.Seat, place, wall);
        return opening.Area.X <= from + 0.5 && opening.Area.X + opening.Area.Width >= to - 0.5
            && opening.Area.Y <= board.Top + 0.5 && opening.Area.Y + opening.Area.Depth >= board.Top + place.Height.Value - 0.5;
    }
}
