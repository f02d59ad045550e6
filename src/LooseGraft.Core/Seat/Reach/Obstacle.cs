using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Reach;

/// <summary>A convex footprint that a lead goes round, already grown by its bend.</summary>
/// <param name="Corners">Its corners, counter-clockwise.</param>
internal sealed record Obstacle(ImmutableArray<PlanPoint> Corners)
{
    private const double Rim = 1e-6;

    /// <summary>Whether no lead may end within it either.</summary>
    public bool IsFirm { get; init; }

    /// <summary>The rectangle round it.</summary>
    public PlanRectangle Bounds { get; } = PlanRectangle.Round(Corners);

    // Each side as its outward normal and how far out it lies along it: asked for thousands of times in a map.
    private readonly (double X, double Y, double Out)[] _sides = [.. Corners.Select((corner, index) =>
    {
        var outward = Outward(corner, Corners[(index + 1) % Corners.Length]);
        return (outward.X, outward.Y, (corner.X * outward.X) + (corner.Y * outward.Y));
    })];

    /// <summary>A convex footprint, every side moved out.</summary>
    public static Obstacle Grown(ImmutableArray<PlanPoint> footprint, double by)
    {
        var count = footprint.Length;
        return new Obstacle([.. footprint.Select((corner, index) =>
        {
            var (one, other) = (Outward(footprint[(index + count - 1) % count], corner), Outward(corner, footprint[(index + 1) % count]));
            var share = by / Math.Max(0.1, 1 + (one.X * other.X) + (one.Y * other.Y));
            return corner + new PlanPoint((one.X + other.X) * share, (one.Y + other.Y) * share);
        })]);
    }

    /// <summary>Whether a place lies truly inside.</summary>
    public bool HoldsInside(PlanPoint place)
    {
        foreach (var side in _sides)
        {
            if (Inside(side, place) <= Rim) return false;
        }

        return true;
    }

    /// <summary>Whether a straight line runs through the inside: clipped against every side in turn (Cyrus and Beck, 1978).</summary>
    public bool Cuts(PlanPoint from, PlanPoint to)
    {
        if (Math.Max(from.X, to.X) <= Bounds.X || Math.Min(from.X, to.X) >= Bounds.X + Bounds.Width
            || Math.Max(from.Y, to.Y) <= Bounds.Y || Math.Min(from.Y, to.Y) >= Bounds.Y + Bounds.Depth) return false;
        var (enter, leave) = (0.0, 1.0);
        foreach (var side in _sides)
        {
            var (atFrom, atTo) = (Inside(side, from), Inside(side, to));
            if (atFrom <= Rim && atTo <= Rim) return false;
            if (atFrom <= Rim) enter = Math.Max(enter, (Rim - atFrom) / (atTo - atFrom));
            else if (atTo <= Rim) leave = Math.Min(leave, (atFrom - Rim) / (atFrom - atTo));
            if (enter >= leave) return false;
        }

        return true;
    }

    // Positive inside, in millimetres from the side.
    private static double Inside((double X, double Y, double Out) side, PlanPoint place) => side.Out - (place.X * side.X) - (place.Y * side.Y);

    private static PlanPoint Outward(PlanPoint from, PlanPoint to)
    {
        var along = to - from;
        var length = Math.Max(1e-9, Math.Sqrt((along.X * along.X) + (along.Y * along.Y)));
        return new PlanPoint(along.Y / length, -along.X / length);
    }
}
