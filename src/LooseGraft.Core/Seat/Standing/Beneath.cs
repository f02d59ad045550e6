using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>Something that lies under a board and holds it nowhere: a mount, a box, or the plane itself.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Id">Its own id.</param>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Verdict">What it does.</param>
/// <param name="Gap">From what of the board reaches lowest there (the ends of solder tails, or the bare board) to its top, in millimetres; negative when they
/// meet.</param>
/// <param name="Where">What of the board lies above it.</param>
/// <param name="Evidence">The weakest fact it rests on.</param>
public sealed record Beneath(BeneathKind Kind, string Id, string Name, BeneathVerdict Verdict, double Gap, string Where, Evidence Evidence)
{
    // A plug pushed in bends a board by some millimetres (common practice); less air than this under solder is a short that waits.
    internal const double FlexMm = 2.0;
    private const double AreaMm2 = 1e-6;
    private const double RoundingMm = 1e-6;

    /// <summary>What is spoken of where it is a box, or a tray.</summary>
    internal Subject? Body { get; private init; }

    /// <summary>The mount, where it is one.</summary>
    public Mount? Mount { get; init; }

    /// <summary>Everything under a board, worst first; of what holds it only what shorts it as well.</summary>
    /// <param name="board">The board.</param>
    /// <param name="boxes">The boxes of the graft, in no order.</param>
    public static ImmutableArray<Beneath> Of(SeatedBoard board, IEnumerable<Clashes.SolidBody> boxes)
        =>
        [
            .. OfMounts(board).Concat(boxes.Select(box => OfBox(board, box)).OfType<Beneath>()).Append(OfPlane(board))
                .OrderByDescending(beneath => beneath.Verdict).ThenBy(beneath => beneath.Gap),
        ];

    /// <summary>Every mount under a board, worst first; of those that hold it only the ones that short it as well.</summary>
    public static IEnumerable<Beneath> OfMounts(SeatedBoard board)
    {
        var held = board.Holes.Select(hole => hole.Mount?.Id).OfType<string>().ToHashSet();
        return board.Plane.Mounts.Where(mount => mount.State != MountState.Removed && board.Shape.Distance(Shapes.Point(mount.At)) <= mount.Across.Value / 2)
            .Select(mount => OfMount(board, mount)).Where(under => under.Verdict == BeneathVerdict.Shorts || !held.Contains(under.Id))
            .OrderByDescending(under => under.Verdict).ThenBy(under => under.Gap);
    }

    private static Beneath OfMount(SeatedBoard board, Mount mount)
    {
        var evidence = (Evidence)Math.Min((int)mount.Evidence, (int)board.Evidence);
        var disc = Shapes.DiscRound(mount.At, mount.Across.Value / 2);
        var judged = IsFarBelow(board, disc, mount.Height.Value) is { } far ? (Verdict: BeneathVerdict.Clear, Gap: far, Where: "")
            : Judge(board, board.Underside.Over(disc, Underside.IsInRing(board, mount)), mount.Height.Value, mount.CanShort, isRest: false);
        if (board.Underside.CanRestOn(mount))
        {
            // It carries the board; whether it lifts it is for the mounts to say.
            var air = board.Standing.OnMountsAt(mount.At) - mount.Height.Value;
            judged = (air < -RoundingMm ? BeneathVerdict.Lifts : BeneathVerdict.Clear, air, judged.Where);
        }

        return new Beneath(BeneathKind.Mount, mount.Id, $"The {mount.Kind.ToString().ToLowerInvariant()} {mount.Id}", judged.Verdict, judged.Gap, judged.Where, evidence)
        {
            Mount = mount,
        };
    }

    // A box counts as under a board when it begins below it; what begins higher is a matter of room.
    private static Beneath? OfBox(SeatedBoard board, Clashes.SolidBody body)
    {
        if (body.Box is not { } box || body.Plane != board.Plane.Id || body.Owner == board.Board.Id) return null;
        var over = Shapes.Polygon(body.Footprint).Intersection(board.Shape);
        if (over.Area < AreaMm2 || body.From >= board.Standing.LowestOver(over)) return null;
        var top = body.To + box.Tolerance.Value;
        if (IsFarBelow(board, over, top) is { } far) return new Beneath(BeneathKind.Box, box.Id, box.Name,
            BeneathVerdict.Clear, far, "", board.Evidence)
        { Body = body.Subject };
        var (verdict, gap, where) = Judge(board, board.Underside.Over(over, false), top, box.IsMetal ?? true, isRest: false);
        if (box.IsMetal is null && verdict == BeneathVerdict.Shorts) verdict = BeneathVerdict.MayShort;
        return new Beneath(BeneathKind.Box, box.Id, box.Name, verdict, gap, where, board.Evidence) { Body = body.Subject };
    }

    private static Beneath OfPlane(SeatedBoard board)
    {
        var plane = board.Plane;
        if (!plane.IsBareMetal || IsFarBelow(board, board.Shape, 0) is not null)
            return new Beneath(BeneathKind.Plane, plane.Id, plane.Name, BeneathVerdict.Clear, double.PositiveInfinity, "", board.Evidence);
        var sheet = plane.Openings.Where(opening => opening is { Wall: PlaneWall.Floor, IsToCut: false })
            .Aggregate(Shapes.Polygon(plane.Outline), (left, opening) => left.Difference(Shapes.Of(opening)));
        var (verdict, gap, where) = Judge(board, board.Underside.Over(sheet.Intersection(board.Shape), false), 0, conducts: true, isRest: true);
        return new Beneath(BeneathKind.Plane, plane.Id, plane.Name, verdict, gap, where, board.Evidence);
    }

    // Most things lie so far below that nothing need be cut out of the board's underside to see it; the air that is left then.
    private static double? IsFarBelow(SeatedBoard board, Geometry over, double top)
        => board.Standing.LowestOver(over) - board.Underside.Deepest - top is >= FlexMm and var air ? air : null;

    // What it rests on does not lift it.
    private static (BeneathVerdict Verdict, double Gap, string Where) Judge(
        SeatedBoard board, ImmutableArray<UndersidePatch> seen, double top, bool conducts, bool isRest)
    {
        var (verdict, gap, where) = (BeneathVerdict.Clear, double.PositiveInfinity, "");
        foreach (var patch in seen)
        {
            var air = board.Standing.LowestOver(patch.Area) - patch.Reach - top;
            var does = conducts && patch.Conducts && air < FlexMm - RoundingMm ? BeneathVerdict.Shorts
                : air < -RoundingMm && !isRest ? BeneathVerdict.Lifts : BeneathVerdict.Clear;
            if (does > verdict || (does == verdict && air < gap)) (verdict, gap, where) = (does, air, patch.Name);
        }

        return (verdict, gap, where);
    }
}
