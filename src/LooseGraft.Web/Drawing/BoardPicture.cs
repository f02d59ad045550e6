using LooseGraft.Core.Model;

namespace LooseGraft.Web.Drawing;

/// <summary>A board by itself, seen from above.</summary>
/// <param name="Board">The board; its outline or some of its holes are known.</param>
public sealed record BoardPicture(Part Board) : PlanFrame(Shown(Board))
{
    // Round holes whose board nobody measured yet.
    private const double MarginMm = 15;

    /// <summary>Whether there is anything to draw on.</summary>
    public static bool CanShow(Part board) => board.Body is not null || !board.Holes.IsEmpty;

    private static PlanRectangle Shown(Part board)
    {
        if (board.Body is { } body) return PlanRectangle.Round([.. body.Outline]);
        var holes = PlanRectangle.Round([.. board.Holes.Select(hole => new PlanPoint(hole.X, hole.Y))]);
        return new PlanRectangle(holes.X - MarginMm, holes.Y - MarginMm, holes.Width + (2 * MarginMm), holes.Depth + (2 * MarginMm));
    }
}
