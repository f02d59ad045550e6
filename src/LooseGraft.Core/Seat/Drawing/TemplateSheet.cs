using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Cuts;

namespace LooseGraft.Core.Seat.Drawing;

/// <summary>Draws what is stuck on the work: the board, its holes, what is drilled, cut and taken out, and the datum. Whoever prints it adds a ruler.</summary>
public static class TemplateSheet
{
    private const double WordsMm = SheetPen.WordsMm;
    private const double CrossMm = SheetPen.CrossMm;

    /// <summary>The sheet of that name: a plane's id for its template, <c>plane/rear</c> for a wall's, a board's id for the plate round its ports; null when
    /// there is none.</summary>
    public static PlanSheet? Of(Graft graft, SeatReview seat, string name)
    {
        if (graft.Seating.FindPlane(name) is { } plane) return Of(graft, seat, plane);
        if (seat.Boards.FirstOrDefault(board => board.Board.Id == name) is { } board) return Plate(board);
        return name.Split('/') is [var of, var side] && graft.Seating.FindPlane(of) is { } round
            && Enum.TryParse<PlaneWall>(side, ignoreCase: true, out var wall) ? WallTemplate.Of(graft, seat, round, wall) : null;
    }

    /// <summary>The template of one plane, in a frame whose origin is its left rear corner.</summary>
    public static PlanSheet Of(Graft graft, SeatReview seat, MountPlane plane)
    {
        var drawing = new SheetPen(plane);
        drawing.Path(SheetLayer.Outline, plane.Outline);
        foreach (var board in seat.Boards.Where(board => board.Plane.Id == plane.Id)) Board(drawing, board);
        foreach (var cut in CutList.Of(graft, seat).Where(cut => cut.Plane.Id == plane.Id && cut.Wall == PlaneWall.Floor)) Draw(drawing, cut);
        Datum(drawing);
        return drawing.Sheet($"{plane.Name} of {graft.Shell.Name}");
    }

    /// <summary>A plate round a board's rear ports: its outline as the opening, each port's face cut out; null when there is no such opening.</summary>
    public static PlanSheet? Plate(SeatedBoard board)
    {
        if (PortWindow.Of(board) is not { } window) return null;
        var area = window.Opening.Area;
        var drawing = new SheetPen(null);
        drawing.Path(SheetLayer.Cut, [.. new PlanRectangle(0, 0, area.Width, area.Depth).Corners]);
        // What there is already, to see what is missing.
        if (board.Seat.PlateSheet is { } plate)
        {
            drawing.Path(SheetLayer.Outline, [.. new PlanRectangle(0, 0, plate.Width.Value, plate.Height.Value).Corners]);
            foreach (var there in plate.Cuts) drawing.Path(SheetLayer.Outline, [.. there.Corners]);
        }

        foreach (var (port, bare) in PlateFaces.Of(board, window))
        {
            var face = new PlanRectangle(bare.X - 0.5, bare.Y - 0.5, bare.Width + 1, bare.Depth + 1);
            drawing.Path(SheetLayer.Cut, [.. face.Corners]);
            drawing.Words(new PlanPoint(face.X, face.Y - WordsMm - 1), port.Name);
        }

        return drawing.Sheet($"Plate for {window.Opening.Name}, seen from outside");
    }

    private static void Board(SheetPen drawing, SeatedBoard board)
    {
        drawing.Path(SheetLayer.Outline, board.Outline);
        foreach (var hole in board.Holes)
        {
            drawing.Circle(SheetLayer.Hole, hole.At, hole.Hole.Diameter.Value / 2);
            drawing.Cross(SheetLayer.Hole, hole.At);
            drawing.Words(new PlanPoint(hole.At.X + CrossMm, hole.At.Y + 1), hole.Mount is null ? hole.Name : $"{hole.Name} on {hole.Mount.Id}");
        }
    }

    private static void Draw(SheetPen drawing, Cut cut)
    {
        // The cut list counts from the plane's corner already.
        if (cut.Area is { } area)
        {
            drawing.RawPath(SheetLayer.Cut, area.Corners);
            return;
        }

        if (cut.DrillMm > 0)
        {
            drawing.RawCircle(SheetLayer.Cut, cut.At, cut.DrillMm / 2);
            drawing.RawWords(new PlanPoint(cut.At.X + CrossMm, cut.At.Y - WordsMm - 1), cut.Size);
            return;
        }

        drawing.RawCircle(SheetLayer.TakeOut, cut.At, 4);
        drawing.RawWords(new PlanPoint(cut.At.X + 5, cut.At.Y - 1), $"{cut.Act}: {cut.Name}");
    }

    private static void Datum(SheetPen drawing)
    {
        drawing.RawPath(SheetLayer.Datum, [new(-3, 0), new(20, 0)], false);
        drawing.RawPath(SheetLayer.Datum, [new(0, -3), new(0, 20)], false);
        drawing.RawWords(new PlanPoint(1.5, 1.5), "datum: left rear corner");
    }
}
