using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>Sums of convex shapes.</summary>
internal static class MinkowskiSum
{
    /// <summary>The shifts at which a convex shape meets another: their difference, the sides of both in order of their direction. O(n + m).</summary>
    /// <param name="still">The shape that stays, counter-clockwise.</param>
    /// <param name="moved">The shape that is shifted, counter-clockwise.</param>
    /// <returns>Its corners, counter-clockwise; touching lies on its rim.</returns>
    public static ImmutableArray<PlanPoint> Difference(ImmutableArray<PlanPoint> still, ImmutableArray<PlanPoint> moved)
    {
        var one = FromLowest(still);
        var other = FromLowest([.. moved.Select(corner => new PlanPoint(-corner.X, -corner.Y))]);
        var corners = ImmutableArray.CreateBuilder<PlanPoint>(one.Length + other.Length);
        var (i, j) = (0, 0);
        while (i < one.Length || j < other.Length)
        {
            corners.Add(one[i % one.Length] + other[j % other.Length]);
            var (side, otherSide) = (one[(i + 1) % one.Length] - one[i % one.Length], other[(j + 1) % other.Length] - other[j % other.Length]);
            var turn = (side.X * otherSide.Y) - (side.Y * otherSide.X);
            var (takesOne, takesOther) = (j >= other.Length || (i < one.Length && turn >= 0), i >= one.Length || (j < other.Length && turn <= 0));
            if (takesOne) i++;
            if (takesOther) j++;
        }

        return corners.ToImmutable();
    }

    private static PlanPoint[] FromLowest(ImmutableArray<PlanPoint> corners)
    {
        var lowest = corners.Index().MinBy(pair => (pair.Item.Y, pair.Item.X)).Index;
        return [.. corners.Skip(lowest), .. corners.Take(lowest)];
    }
}
