using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on a plate that there is, against the opening and the ports behind it.</summary>
internal static class PlateFindings
{
    // A file takes so much off a cut-out in a minute; a spring rim makes up for so much in an opening (common practice).
    private const double FitMm = 0.5;
    private const double RimMm = 1;

    public static IEnumerable<Finding> Of(SeatedBoard board)
    {
        if (board.Seat is not { Plate: IoPlate.Kept or IoPlate.Bent or IoPlate.CutFromOldCase, PlateSheet: { } plate }
            || PortWindow.Of(board) is not { } window) return [];
        var (area, name) = (window.Opening.Area, window.Opening.Name);
        var wrong = Math.Max(Math.Abs(plate.Width.Value - area.Width), Math.Abs(plate.Height.Value - area.Depth));
        if (wrong > RimMm)
        {
            return [Told(board, name, wrong,
                $"The plate is {Mm(plate.Width.Value)} by {Mm(plate.Height.Value)}, and {name} is {Mm(area.Width)} by {Mm(area.Depth)}.", "cut the larger of the two to the other", "make a plate from the template")];
        }

        return from pair in PlateFaces.Of(board, window)
               let beyond = plate.Cuts.Select(cut => Beyond(cut, pair.Face)).DefaultIfEmpty(pair.Face.Width).Min()
               where beyond > FitMm
               select Told(board, name, beyond, $"Of the {pair.Port.Name} of {board.Board.Name} {Mm(beyond)} lies behind the plate.",
                   "widen its cut-out, off the board: filings short boards", "make a plate from the template", "move the board");
    }

    private static Finding Told(SeatedBoard board, string opening, double beyond, string words, params string[] remedies)
        => Finding.Of(SeatRules.PlateUnsuited, new SeatSubject(board.Board.Id), words, board.Evidence, [.. remedies]) with
        { Case = new PlateUnsuited(opening, new Millimetres(beyond)) };

    // How far a face reaches beyond a cut-out on its worst side.
    private static double Beyond(PlanRectangle cut, PlanRectangle face)
        => new[] { cut.X - face.X, face.X + face.Width - cut.X - cut.Width, cut.Y - face.Y, face.Y + face.Depth - cut.Y - cut.Depth, 0 }.Max();
}
