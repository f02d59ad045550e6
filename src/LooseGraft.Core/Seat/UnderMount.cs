using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat;

/// <summary>A mount that lies under a board and holds it nowhere.</summary>
/// <param name="Mount">The mount.</param>
/// <param name="Verdict">What it does.</param>
/// <param name="Gap">From the ends of the solder tails (or the bare board) to its top, in millimetres; negative when they meet.</param>
/// <param name="Where">What of the board lies above it.</param>
/// <param name="Evidence">The weakest fact it rests on.</param>
public sealed record UnderMount(Mount Mount, UnderVerdict Verdict, double Gap, string Where, Evidence Evidence)
{
    // A plug pushed in bends a board by some millimetres (common practice); less air than this under solder is a short that waits.
    private const double FlexMm = 2.0;

    // The ring round a hole that boards keep free of solder is about 10 mm across (common practice).
    private const double FreeRingMm = 5.0;

    /// <summary>Every mount under a board that no hole sits on, worst first.</summary>
    public static ImmutableArray<UnderMount> Of(SeatedBoard board)
    {
        var held = board.Holes.Select(hole => hole.Mount?.Id).OfType<string>().ToHashSet();
        return
        [
            .. board.Plane.Mounts.Where(mount => !held.Contains(mount.Id) && mount.State != MountState.Removed)
                .Where(mount => board.Shape.Distance(Shapes.Point(mount.At)) <= mount.Across.Value / 2)
                .Select(mount => Judge(board, mount)).OrderByDescending(under => under.Verdict).ThenBy(under => under.Gap),
        ];
    }

    private static UnderMount Judge(SeatedBoard board, Mount mount)
    {
        var body = board.Board.Body;
        var evidence = (Evidence)Math.Min((int)mount.Evidence, (int)(body?.Evidence ?? Evidence.Assumed));
        var above = board.Rise.Value - mount.Height.Value;
        var touch = Touches(board, mount);
        var zone = body?.Zones.FirstOrDefault(
            zone => zone.Kind != BodyZoneKind.Tall && Shapes.Polygon([.. zone.Area.Corners.Select(board.Seat.Place)]).Covers(touch));
        var ring = board.Holes.Any(hole => hole.At.To(mount.At) + (mount.Across.Value / 2) <= FreeRingMm);
        if (zone is not null || ring)
        {
            return new UnderMount(mount, above < 0 ? UnderVerdict.Lifts : UnderVerdict.Clear, above,
                zone is null
                    ? "the ring round a hole that is free of solder"
                    : $"{zone.Name} ({(zone.Kind == BodyZoneKind.Insulated ? "insulated" : "bare board")})", evidence);
        }

        var gap = above - (body?.Tails ?? UsualBoard.Tails).Value;
        var verdict = !mount.CanShort ? gap < 0 ? UnderVerdict.Lifts : UnderVerdict.Clear
            : gap < FlexMm ? UnderVerdict.Shorts : UnderVerdict.Clear;
        var where = board.Board.Ports.Where(port => port.Place is not null).OrderBy(port => board.Seat.Place(port.Place!.At).To(mount.At)).FirstOrDefault();
        return new UnderMount(mount, verdict, gap, where is null ? "solder" : $"solder near {where.Name}", evidence);
    }

    private static Geometry Touches(SeatedBoard board, Mount mount)
        => Shapes.Point(mount.At).Buffer(mount.Across.Value / 2).Intersection(board.Shape);
}
