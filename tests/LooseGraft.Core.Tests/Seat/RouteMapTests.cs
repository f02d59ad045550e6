using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Seat.Reach;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>The shortest way of a lead, beside one that holds every corner against every other and every box.</summary>
public sealed class RouteMapTests
{
    private const double Rim = 1e-6;

    private static readonly MountPlane Plane = new("tray", "tray", [.. new PlanRectangle(0, 0, 200, 160).Corners]);

    [Fact]
    public void No_way_is_shorter_than_the_one_that_is_told_and_none_is_missed()
    {
        var found = 0;
        Gen.Select(
            Gen.Select(Gen.Int[-10, 190], Gen.Int[-10, 150], Gen.Int[1, 60], Gen.Int[1, 60]).Array[0, 24],
            Gen.Select(Gen.Int[0, 200], Gen.Int[0, 160]).Array[4, 8], Gen.Int[0, 2].Select(step => step * 3.25)).Hold((boxes, ends, bend) =>
        {
            var boxed = boxes.Select(box => new PlanRectangle(box.Item1, box.Item2, box.Item3, box.Item4)).ToArray();
            var map = new RouteMap(boxed.Select(box => (box.Corners.ToImmutableArray(), 0.0, false)), bend, Plane, isNarrow: false);
            var grown = boxed.Select(box => new PlanRectangle(box.X - bend, box.Y - bend, box.Width + (2 * bend), box.Depth + (2 * bend))).ToArray();
            foreach (var (from, to) in ends.Chunk(2).Where(pair => pair.Length == 2).Select(pair => (At(pair[0]), At(pair[1]))))
            {
                var told = map.Shortest(from, to);
                Assert.Equal(Slowly(from, to, grown), told?.Length ?? double.PositiveInfinity, Rim);
                if (told is not { } way) continue;
                found++;
                Assert.Equal(way.Length, way.Steps.Zip(way.Steps.Skip(1)).Sum(leg => leg.First.At.To(leg.Second.At)), Rim);
            }
        }, iter: 400);
        Assert.True(found > 400, $"{found}");
    }

    private static PlanPoint At((int X, int Y) place) => new(place.X, place.Y);

    private static double Slowly(PlanPoint from, PlanPoint to, PlanRectangle[] boxes)
    {
        var around = boxes.Where(box => Holds(box, from) || Holds(box, to)).ToArray();
        PlanPoint[] places = [from, to, .. boxes.SelectMany(box => box.Corners)
            .Where(corner => corner is { X: >= 0 and <= 200, Y: >= 0 and <= 160 } && !boxes.Any(box => Holds(box, corner)))];
        var best = places.Select(_ => double.PositiveInfinity).ToArray();
        best[0] = 0;
        for (var isBetter = true; isBetter;)
        {
            isBetter = false;
            for (var one = 0; one < places.Length; one++)
            {
                for (var other = 0; other < places.Length; other++)
                {
                    var length = best[one] + places[one].To(places[other]);
                    // What an end lies within the rim of is in the way of that end no more than of a plug that sits there.
                    var inTheWay = one > 1 && other > 1 ? boxes : boxes.Except(around);
                    if (length >= best[other] - 1e-9 || inTheWay.Any(box => IsCut(box, places[one], places[other]))) continue;
                    (best[other], isBetter) = (length, true);
                }
            }
        }

        return best[1];
    }

    private static bool Holds(PlanRectangle box, PlanPoint place)
        => place.X > box.X + Rim && place.X < box.X + box.Width - Rim && place.Y > box.Y + Rim && place.Y < box.Y + box.Depth - Rim;

    // Whether some part of the line lies within: where it does, it does so between two of the places at which it passes a side.
    private static bool IsCut(PlanRectangle box, PlanPoint from, PlanPoint to)
    {
        var shares = new[]
        {
            (box.X - from.X) / (to.X - from.X), (box.X + box.Width - from.X) / (to.X - from.X), (box.Y - from.Y) / (to.Y - from.Y),
            (box.Y + box.Depth - from.Y) / (to.Y - from.Y), 0, 1,
        }.Where(share => share is >= 0 and <= 1).Order().ToArray();
        PlanPoint Along(double share) => new(from.X + ((to.X - from.X) * share), from.Y + ((to.Y - from.Y) * share));
        return shares.Zip(shares.Skip(1)).Any(pair => Holds(box, Along((pair.First + pair.Second) / 2)));
    }
}
