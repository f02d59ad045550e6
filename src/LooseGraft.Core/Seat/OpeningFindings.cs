using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on ports and the openings they look out of.</summary>
internal static class OpeningFindings
{
    // What a face may reach beyond its opening: a file takes that much off in a minute.
    private const double FitMm = 0.5;

    // A spring plate takes up about so much between a board's edge and the wall (common practice).
    private const double PlateMm = 3;

    public static IEnumerable<Finding> Of(Graft graft, IReadOnlyCollection<SeatedBoard> boards) => boards.SelectMany(Of).Concat(Unused(graft, boards));

    private static IEnumerable<Finding> Of(SeatedBoard board)
    {
        // A port matters where its plug would have to go through the wall.
        var looks = PortLook.Of(board).Where(look => look.Far < look.Port.Place!.PlugRoom.Value).ToArray();
        return looks.Where(look => look.Opening is null).Select(look => Closed(board, look))
            .Concat(looks.Where(look => look.Beyond > FitMm).GroupBy(look => look.Opening!).Select(missed => Missed(board, missed.Key, [.. missed])))
            .Concat(PortWindow.Of(board) is { } window ? Plate(board, window) : []);
    }

    private static Finding Closed(SeatedBoard board, PortLook look)
    {
        var id = new PortId(board.Board.Id, look.Port.Id);
        return Finding.Of(SeatRules.PortWithoutOpening, new PortSubject(id), new PortWithoutOpening(id, look.Wall, new Millimetres(look.Far)),
            $"No opening lies before the {look.Port.Name} of {board.Board.Name}: the {look.Wall.ToString().ToLowerInvariant()} wall{(board.Outlook.Stand is null ? "" : $" of {board.Outlook.Plane.Name}")} is {Mm(look.Far)} away.",
            board.Evidence, "cut an opening there, or write the one that is there down", "lead it out by an extension");
    }

    private static Finding Missed(SeatedBoard board, Opening opening, PortLook[] looks)
    {
        var (least, most) = (looks.Max(look => look.Least), looks.Min(look => look.Most));
        var beyond = looks.Max(look => look.Beyond);
        var (along, which) = (Math.Clamp(0, Math.Min(least, most), Math.Max(least, most)), looks.Length == 1 ? looks[0].Port.Name : "ports");
        return Finding.Of(SeatRules.PortsMissOpening, new SeatSubject(board.Board.Id), new PortsMissOpening(opening.Name, new Millimetres(beyond)),
            $"Of the {which} of {board.Board.Name} up to {Mm(beyond)} lies beyond {opening.Name}.", board.Evidence,
            least <= most && Math.Abs(along) > FitMm ? $"move the board {Mm(Math.Abs(along))} along the wall" : "stand the board higher or lower",
            "cut the opening larger");
    }

    private static IEnumerable<Finding> Plate(SeatedBoard board, PortWindow window)
    {
        var subject = new SeatSubject(board.Board.Id);
        if (board.Seat.Plate is null)
            yield return Finding.Of(SeatRules.PlateUndecided, subject, new PlateUndecided(window.Opening.Name, new Millimetres(window.EdgeGap)),
                $"Nothing is decided for {window.Opening.Name} round the ports; the board's edge is {Mm(window.EdgeGap)} from it.", board.Evidence,
                "choose: keep, bend, cut from the old case, make, or leave open");
        else if (board.Seat.Plate is IoPlate.Kept or IoPlate.Made && window.EdgeGap > PlateMm)
            yield return Finding.Of(
                SeatRules.PortsMissOpening, subject, new PlateTooShort(window.Opening.Name, new Millimetres(window.EdgeGap), new Millimetres(PlateMm)),
                $"The board's edge is {Mm(window.EdgeGap)} from {window.Opening.Name}: a plate bridges about {Mm(PlateMm)}.", board.Evidence,
                "move the board to the wall");
    }

    // Openings for ports on planes where boards sit, that no port looks out of.
    private static IEnumerable<Finding> Unused(Graft graft, IReadOnlyCollection<SeatedBoard> boards)
        => from plane in graft.Seating.Planes
           where boards.Any(board => board.Outlook.Plane.Id == plane.Id)
           from opening in plane.Openings
           where opening.Kind == OpeningKind.Ports && !boards.Any(board => board.Outlook.Plane.Id == plane.Id && LooksOut(board, opening))
           select Finding.Of(SeatRules.OpeningWithoutPort, new PlaneSubject(plane.Id), new OpeningEmpty(opening.Name, plane.Id),
               $"No port looks out of {opening.Name} in {plane.Name}.", Evidence.Assumed, "close it with a blank of sheet or tape",
               "give the ports that look out there their place");

    private static bool LooksOut(SeatedBoard board, Opening opening)
    {
        var seat = board.Outlook.Seat(board.Seat);
        return board.Board.Ports.Any(port => port.Place is { Faces: not PortFacing.Up } place
            && Walls.Facing(seat, place.Faces) == opening.Wall && Walls.Span(seat, place, opening.Wall) is var (from, to)
            && from < opening.Area.X + opening.Area.Width && to > opening.Area.X);
    }
}
