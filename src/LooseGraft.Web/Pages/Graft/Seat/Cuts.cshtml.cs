using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Cuts;
using LooseGraft.Core.Seat.Drawing;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace LooseGraft.Web.Pages;

/// <summary>What is drilled, cut and taken off; templates at true size; and marks made through the holes, checked.</summary>
public sealed class CutsModel(GraftStore store, ReviewDesk reviews) : GraftPageModel(store, reviews)
{
    /// <summary>The board whose marks are checked.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Board { get; set; }

    /// <summary>Marks as typed, a line each: hole, from left, from rear.</summary>
    [BindProperty(SupportsGet = true)]
    public string? Marks { get; set; }

    public ImmutableArray<Cut> Cuts => CutList.Of(Graft, Review.Seat);

    public SeatedBoard? Marked => Review.Seat.Boards.FirstOrDefault(board => board.Board.Id == Board) ?? Review.Seat.Boards.FirstOrDefault();

    /// <summary>Walls in which something is to be cut.</summary>
    public IEnumerable<(MountPlane Plane, string Wall)> WallsToCut
        => Graft.Seating.Planes.SelectMany(plane => WallTemplate.WallsToCut(plane), (plane, wall) => (plane, wall.ToString().ToLowerInvariant()));

    public IEnumerable<SeatedBoard> WithPlate => Review.Seat.Boards.Where(board => TemplateSheet.Plate(board) is not null);

    /// <summary>What the marks say; null while none is typed.</summary>
    public MarkCheck? Checked { get; private set; }

    protected override void OnShown()
    {
        if (string.IsNullOrWhiteSpace(Marks) || Marked is not { } board) return;
        var marks = new Dictionary<int, PlanPoint>();
        foreach (var line in Marks.ReplaceLineEndings("\n").Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .Take(Core.Files.GraftFileLimits.Holes))
        {
            var cells = line.Split([' ', ';', '\t'], StringSplitOptions.RemoveEmptyEntries);
            if (cells is [var hole, var x, var y]
                && board.Holes.FirstOrDefault(found => string.Equals(found.Name, hole, StringComparison.OrdinalIgnoreCase)) is { } found && Place(x) is { } left
                && Place(y) is { } rear)
                marks[found.Number] = new PlanPoint(left, rear);
            else
                ModelState.AddModelError(
                    "marks", $"{line.Quoted()} is not a mark. Type a hole and two distances, such as h1 45.3 20.1.");
        }

        Checked = MarkCheck.Of(board, marks);
    }

    private static double? Place(string text) => FigureText.TryRead(text, "mm") is { } value && Math.Abs(value) <= 10_000 ? value : null;
}
