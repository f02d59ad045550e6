using LooseGraft.Core.Model;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Clashes;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Web.Drawing;

/// <summary>A plane in pixels, the front up as on a bench: x to the right, y away from the viewer's paper edge.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Seat">What is concluded of it.</param>
public sealed record PlanPicture(MountPlane Plane, SeatReview Seat) : PlanFrame(PlanRectangle.Round(
    [.. Plane.Outline, .. Seat.Boards.Where(board => board.Plane.Id == Plane.Id).SelectMany(board => board.Outline)]))
{
    private const double PixelsPerLetter = 6;

    private readonly Dictionary<string, Beneath> _under = Seat.Boards.Where(board => board.Plane.Id == Plane.Id)
        .SelectMany(board => Seat.Beneath[board.Board.Id]).Where(under => under.Mount is not null).GroupBy(under => under.Id)
        .ToDictionary(group => group.Key, group => group.MaxBy(under => under.Verdict)!);

    /// <summary>Boxes and what stands tall, those low down first, so that what is above is drawn above.</summary>
    public IEnumerable<SolidBody> Bodies
        => Seat.Bodies.Where(body => body.Plane == Plane.Id && !body.IsPlug && body.Id != body.Owner).OrderBy(body => body.From);

    /// <summary>The boards on this plane.</summary>
    public IEnumerable<SeatedBoard> Boards => Seat.Boards.Where(board => board.Plane.Id == Plane.Id);

    /// <summary>What becomes of a mount, and the shape that says so.</summary>
    public (string Shape, string Word) Fate(Mount mount)
    {
        if (mount.State == MountState.Removed) return ("none", "taken out");
        if (Boards.SelectMany(board => board.Holes, (board, hole) => (board, hole)).FirstOrDefault(pair => pair.hole.Mount?.Id == mount.Id)
            is { hole: not null } met) return met.board.ScrewWrong(met.hole) is null ? ("fine", "met") : ("none", "met, and the screw does not go there");
        return _under.GetValueOrDefault(mount.Id)?.Verdict switch
        {
            BeneathVerdict.Shorts => ("stop", "shorts the board: take out"),
            BeneathVerdict.Lifts => ("fix", "lifts the board: take out"),
            BeneathVerdict.Clear => ("note", mount.State == MountState.Insulated ? "covered" : "under the board, clear of it"),
            _ => ("none", "free"),
        };
    }

    /// <summary>The mark of a hole: of what holds the board there and of the screw.</summary>
    public static string Mark(SeatedBoard board, HoleMeeting hole)
        => board.ScrewWrong(hole) is { } wrong ? wrong.ToString().ToLowerInvariant() : hole.Mount is not null ? "fine" : hole.Method is null ? "fix" : "note";

    /// <summary>Turns the name of something narrow and deep, so that it stays within it; null for nothing to turn.</summary>
    public string? Upright(SolidBody body)
        => body.Bounds.Width * Scale < PixelsPerLetter * body.Name.Length && body.Bounds.Depth > body.Bounds.Width
            ? $"rotate(-90 {N(X(body.Bounds.Middle.X))} {N(Y(body.Bounds.Middle.Y))})"
            : null;

    /// <summary>What stays free round something that carries mains, as its rectangle.</summary>
    public IEnumerable<PlanPoint> AwayFrom(SolidBody body)
    {
        const double away = SolidBody.MainsAwayMm;
        return new PlanRectangle(body.Bounds.X - away, body.Bounds.Y - away, body.Bounds.Width + (2 * away), body.Bounds.Depth + (2 * away)).Corners;
    }

    /// <summary>Where a wall's opening is drawn: a stroke along that edge.</summary>
    public (PlanPoint From, PlanPoint To) OnWall(Opening opening)
    {
        var room = Plane.Bounds;
        var (from, to) = (opening.Area.X, opening.Area.X + opening.Area.Width);
        return opening.Wall switch
        {
            PlaneWall.Rear => (new(from, room.Y), new(to, room.Y)),
            PlaneWall.Front => (new(from, room.Y + room.Depth), new(to, room.Y + room.Depth)),
            PlaneWall.Left => (new(room.X, from), new(room.X, to)),
            _ => (new(room.X + room.Width, from), new(room.X + room.Width, to)),
        };
    }
}
