using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Standing;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>Two things that want the same room, or come closer than they should.</summary>
/// <param name="One">The one.</param>
/// <param name="Other">The other.</param>
/// <param name="Gap">Millimetres between them; negative by as much as the least move that parts them.</param>
/// <param name="Needed">What should be between them: the clearances and tolerances of both.</param>
/// <param name="Aside">The least move of the second within the plan that parts them.</param>
/// <param name="Upright">The least move of the second up or down that parts them.</param>
public sealed record Clash(SolidBody One, SolidBody Other, double Gap, double Needed, ClashMove Aside, ClashMove Upright)
{
    /// <summary>The shorter of the two.</summary>
    public ClashMove Move => Math.Abs(Upright.Up) < Math.Sqrt((Aside.X * Aside.X) + (Aside.Y * Aside.Y)) ? Upright : Aside;

    /// <summary>
    /// Finds all of them: boxes are swept from left to right and only those whose spans overlap are compared, by separating axes. O(n log n + overlapping
    /// spans). A notched footprint counts by its convex pieces. Gaps are exact; a move of notched things may be longer than the least.
    /// </summary>
    public static ImmutableArray<Clash> Of(ImmutableArray<SolidBody> bodies)
    {
        var found = ImmutableArray.CreateBuilder<Clash>();
        var order = bodies.OrderBy(body => body.Bounds.X - body.Clearance).ToArray();
        var active = new List<SolidBody>();
        foreach (var body in order)
        {
            var left = body.Bounds.X - body.Clearance;
            active.RemoveAll(other => other.Bounds.X + other.Bounds.Width + other.Clearance < left);
            foreach (var other in active)
            {
                if (Between(other, body) is { } clash) found.Add(clash);
            }

            active.Add(body);
        }

        return [.. found.OrderBy(clash => clash.Gap - clash.Needed).ThenBy(clash => clash.One.Id, StringComparer.Ordinal)
            .ThenBy(clash => clash.Other.Id, StringComparer.Ordinal)];
    }

    /// <summary>What is the matter between two things; null when nothing is.</summary>
    public static Clash? Between(SolidBody one, SolidBody other)
    {
        if (one.Plane != other.Plane || Belong(one, other)) return null;
        var (needed, bent) = (one.Clearance + other.Clearance, Bends(one, other) ? Beneath.FlexMm : 0);
        var (rise, fall) = (other.From - one.To, one.From - other.To);
        var height = Math.Max(rise, fall);
        if (height >= Math.Max(needed, bent) && height > 0) return null;
        if (Math.Abs(one.Bounds.Middle.Y - other.Bounds.Middle.Y) - ((one.Bounds.Depth + other.Bounds.Depth) / 2) >= needed + 1e-9) return null;
        var (plan, axis) = one.Pieces.SelectMany(_ => other.Pieces, Apart).MinBy(apart => apart.Apart);
        if (plan <= 0) needed = Math.Max(needed, bent);
        // Side against side that is the distance; corner against corner it is less.
        var straight = plan > 0 ? one.Shape.Distance(other.Shape) : plan;
        var gap = straight > 0 && height > 0 ? Math.Sqrt((straight * straight) + (height * height)) : Math.Max(straight, height);
        if (gap >= needed - 1e-9 && gap >= -1e-9) return null;
        if (one.Pieces.Length + other.Pieces.Length > 2) (plan, axis) = Apart(Hull(one), Hull(other));
        var (aside, upright) = (needed - plan, rise >= fall ? needed - height : height - needed);
        return new Clash(one, other, gap, needed, new ClashMove(axis.X * aside, axis.Y * aside, 0), new ClashMove(0, 0, upright));
    }

    /// <summary>Whether bare metal touches a board where the two meet.</summary>
    public bool Shorts => Gap < 0 && Bends(One, Other);

    /// <summary>Millimetres between two things on one plane, exact; 0 or less when they meet.</summary>
    public static double Distance(SolidBody one, SolidBody other)
    {
        var height = Math.Max(other.From - one.To, one.From - other.To);
        var plan = one.Shape.Distance(other.Shape);
        return plan > 0 && height > 0 ? Math.Sqrt((plan * plan) + (height * height)) : Math.Max(plan, height);
    }

    // Bare metal above or below a board is kept off it, should either bend.
    private static bool Bends(SolidBody one, SolidBody other) => (one.IsMetal && IsLive(other)) || (other.IsMetal && IsLive(one));

    private static bool IsLive(SolidBody body) => body.Kind is BodyKind.Board or BodyKind.Zone;

    private static ImmutableArray<PlanPoint> Hull(SolidBody body)
        => body.Pieces.Length == 1 ? body.Pieces[0] : Shapes.Corners(body.Shape.ConvexHull());

    // What stands on one tray is compared there. A board and what stands on it grew together; so did the plugs of one board. Boxes of one part are one thing.
    internal static bool Belong(SolidBody one, SolidBody other)
        => (one.Via is not null && one.Via == other.Via)
            || (one.Box is null && other.Box is null && one.Owner == other.Owner)
            || (one.Box?.Part is { } part && part == other.Box?.Part)
            || (one.Box is not null && other.Id == one.Owner)
            || (other.Box is not null && one.Id == other.Owner);

    // The separating axis theorem: the axis on which they are farthest apart is a normal of one of the sides.
    private static (double Apart, PlanPoint Axis) Apart(ImmutableArray<PlanPoint> one, ImmutableArray<PlanPoint> other)
    {
        var (most, axis) = (double.NegativeInfinity, new PlanPoint(1, 0));
        foreach (var (shape, sign) in new[] { (one, 1.0), (other, -1.0) })
        {
            for (var index = 0; index < shape.Length; index++)
            {
                var side = shape[(index + 1) % shape.Length] - shape[index];
                var length = Math.Sqrt((side.X * side.X) + (side.Y * side.Y));
                if (length < 1e-9) continue;
                var normal = new PlanPoint(sign * side.Y / length, -sign * side.X / length);
                var apart = Least(other, normal) - Most(one, normal);
                if (apart > most) (most, axis) = (apart, normal);
            }
        }

        return (most, axis);
    }

    private static double Least(ImmutableArray<PlanPoint> shape, PlanPoint along)
    {
        var least = double.PositiveInfinity;
        foreach (var corner in shape) least = Math.Min(least, (corner.X * along.X) + (corner.Y * along.Y));
        return least;
    }

    private static double Most(ImmutableArray<PlanPoint> shape, PlanPoint along) => -Least(shape, new PlanPoint(-along.X, -along.Y));
}
