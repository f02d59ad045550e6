using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Holding;
using LooseGraft.Core.Seat.Standing;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat;

/// <summary>A board on its plane: everything of it in the plane's frame.</summary>
public sealed class SeatedBoard
{
    private const double LeastSlackMm = 0.2;

    // The best shift often lies at the very rim of a hole's slack.
    private const double RoundingMm = 1e-6;

    private readonly Lazy<BoardStanding> _standing;

    private SeatedBoard(Part board, MountPlane plane, BoardSeat seat, Outlook outlook)
    {
        (Board, Plane, Seat, Outlook) = (board, plane, seat, outlook);
        Outline = Around(board, seat);
        Shape = Shapes.Polygon(Outline);
        var meetings = board.Holes.Select((hole, index) => Meet(hole, index + 1)).ToArray();
        // One mount takes one screw: of two holes that lie over it, the nearer meets it.
        Holes = [.. meetings.Select(one => meetings.Any(other => IsNearer(other, one)) ? one with { Mount = null } : one)];
        Underside = new Underside(this);
        _standing = new Lazy<BoardStanding>(() => new BoardStanding(Spacer, Holes, Plain(), Shape));
    }

    /// <summary>The board.</summary>
    public Part Board { get; }

    /// <summary>The plane.</summary>
    public MountPlane Plane { get; }

    /// <summary>Where it sits.</summary>
    public BoardSeat Seat { get; }

    /// <summary>What its ports look at.</summary>
    public Outlook Outlook { get; }

    /// <summary>Its outline in the plane's frame; without a described one, a margin round its holes and ports.</summary>
    public ImmutableArray<PlanPoint> Outline { get; }

    /// <summary>Its holes and what meets each.</summary>
    public ImmutableArray<HoleMeeting> Holes { get; }

    /// <summary>How high its solder side stands above the plane, place by place.</summary>
    public BoardStanding Standing => _standing.Value;

    /// <summary>How high its solder side stands where it stands highest.</summary>
    public Millimetres Rise => new(Standing.Highest);

    /// <summary>Where its outline is known from.</summary>
    public Evidence Evidence => Board.Body?.Evidence ?? Evidence.Assumed;

    /// <summary>How thick it is, in millimetres.</summary>
    public double Thickness => (Board.Body?.Thickness ?? UsualBoard.Thickness).Value;

    /// <summary>How tall what holds it is made where no mount stands, in millimetres: as the lowest mount that it meets, or as was said where it
    /// meets none.</summary>
    public double Spacer => Holes.Select(hole => hole.Mount?.Height.Value).OfType<double>().DefaultIfEmpty(Seat.Rise.Value).Min();

    /// <summary>How high its component side stands.</summary>
    public double Top => Rise.Value + Thickness;

    internal Geometry Shape { get; }

    internal Underside Underside { get; }

    /// <summary>Every board that sits, in the order of the seats.</summary>
    public static ImmutableArray<SeatedBoard> Of(Graft graft)
        => [.. graft.Seating.Seats.Select(seat => At(graft, seat)).OfType<SeatedBoard>()];

    /// <summary>A board at a seat; null when the part or the plane is missing, or nothing is known of its shape.</summary>
    public static SeatedBoard? At(Graft graft, BoardSeat seat)
        => graft.FindPart(seat.Part) is { } board && graft.Seating.FindPlane(seat.Plane) is { } plane && (board.Body is not null || !board.Holes.IsEmpty)
            ? new SeatedBoard(board, plane, seat, Outlook.Of(graft, plane))
            : null;

    /// <summary>The outline of a board at a seat, in the plane's frame; without a described one, a margin round its holes and ports.</summary>
    internal static ImmutableArray<PlanPoint> Around(Part board, BoardSeat seat) => [.. (board.Body?.Outline ?? Around(board)).Select(seat.Place)];

    /// <summary>How far the middle of a mount may be from the middle of one of its holes.</summary>
    public double Slack(MountHole hole) => Slack(hole, Seat, Plane);

    /// <summary>How far the middle of a mount may be from the middle of a hole for the screw to go in: the slack round it. Where nobody said which screw, the
    /// thickest that the plane's mounts are known to take, or else M3, the usual one for boards.</summary>
    public static double Slack(MountHole hole, BoardSeat seat, MountPlane plane)
    {
        return Math.Max(LeastSlackMm, (hole.Diameter.Value - ThreadOf(hole, seat, plane).DiameterMm) / 2);
    }

    /// <summary>What holds it at a hole that no mount meets, drilled for the screw that goes through there; null where nothing is decided.</summary>
    public MountMethodFact? HeldBy(HoleMeeting hole) => hole is not { Mount: null, Method: { } method } ? null
        : MountMethodFact.Of(method).With(ThreadOf(hole));

    /// <summary>The screw that goes through one of its holes, said or else usual.</summary>
    public ScrewThread ThreadOf(HoleMeeting hole)
        => Seat.Holes.FirstOrDefault(mounting => mounting.Hole == hole.Number)?.Screw?.Thread ?? ThreadOf(hole.Hole, Seat, Plane);

    /// <summary>How much it weighs that the screw at a hole does not go in there, or is too short or too long; null for one that goes, or that nobody
    /// wrote down.</summary>
    public Severity? ScrewWrong(HoleMeeting hole) => ScrewFindings.Worst(this, hole);

    private static ScrewThread ThreadOf(MountHole hole, BoardSeat seat, MountPlane plane)
        => seat.Screw?.Thread ?? plane.Mounts.Select(mount => mount.Thread).OfType<ScrewThread>().MaxBy(thread => thread.DiameterMm)
            ?? ScrewThread.Through(hole.Diameter.Value);

    private static bool IsNearer(HoleMeeting other, HoleMeeting one)
        => other.Mount is { } mount && mount.Id == one.Mount?.Id
            && (other.NearestOff < one.NearestOff || (other.NearestOff == one.NearestOff && other.Number < one.Number));

    private HoleMeeting Meet(MountHole hole, int number)
    {
        var place = Seat.Place(new PlanPoint(hole.X, hole.Y));
        var nearest = Plane.Mounts.Where(mount => mount.TakesScrew).Select(mount => (Mount: mount, Off: mount.At.To(place))).DefaultIfEmpty()
            .MinBy(pair => pair.Off);
        var isMet = nearest.Mount is not null && nearest.Off <= Slack(hole) + RoundingMm;
        var under = isMet ? null : Plane.Mounts.FirstOrDefault(mount => mount.State != MountState.Removed && !mount.TakesScrew
            && (Underside.IsInRing(place, mount) || mount.At.To(place) <= mount.Across.Value / 2));
        return new HoleMeeting(
            number, hole, place, isMet ? nearest.Mount : null, under, Seat.Holes.FirstOrDefault(mounting => mounting.Hole == number)?.Method,
            nearest.Mount is null ? null : nearest.Off);
    }

    // What stands under bare board and holds it nowhere still carries it.
    private IEnumerable<Mount> Plain()
    {
        var known = Holes.SelectMany(hole => new[] { hole.Mount?.Id, hole.Under?.Id }).OfType<string>().ToHashSet();
        return Plane.Mounts.Where(mount => mount.State != MountState.Removed && !known.Contains(mount.Id) && Underside.CanRestOn(mount));
    }

    // Nothing but the holes is known: the board is at least so large.
    private static ValueList<PlanPoint> Around(Part board)
    {
        const double margin = 6;
        var round = PlanRectangle.Round(
            [.. board.Holes.Select(hole => new PlanPoint(hole.X, hole.Y)), .. board.Ports.Select(port => port.Place?.At).OfType<PlanPoint>()]);
        return [.. new PlanRectangle(round.X - margin, round.Y - margin, round.Width + (2 * margin), round.Depth + (2 * margin)).Corners];
    }
}
