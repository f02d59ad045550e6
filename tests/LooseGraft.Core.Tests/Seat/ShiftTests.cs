using System.Collections.Immutable;
using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Placing;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>The lines and regions in the plane of shifts by which a placement is searched, each against what it stands for.</summary>
public sealed class ShiftTests
{
    private const double Same = 1e-7;

    private static readonly Gen<PlanPoint> Anywhere = Gen.Select(Gen.Double[-10, 10], Gen.Double[-10, 10], (x, y) => new PlanPoint(x, y));

    private static readonly Gen<ShiftCurve> Piece = Gen.Select(Anywhere, Anywhere).Where(ends => ends.Item1.To(ends.Item2) > 0.5)
        .Select(ends => new ShiftCurve(ends.Item1, ends.Item2, 0));

    private static readonly Gen<ShiftCurve> Circle = Gen.Select(Anywhere, Gen.Double[0.5, 8], (middle, radius) => new ShiftCurve(middle, default, radius));

    [Fact]
    public void Crossings_lie_on_both_lines_and_where_one_passes_from_side_to_side_there_is_one()
    {
        var seen = 0;
        Gen.Select(Gen.OneOf(Piece, Circle), Gen.OneOf(Piece, Circle)).Hold((one, other) =>
        {
            var crossings = one.Crossings(other).ToArray();
            Assert.All(crossings, place => Assert.True(IsOn(one, place) && IsOn(other, place), $"{place} of {one} and {other}"));
            Assert.Equal(crossings.Length, other.Crossings(one).Count());
            // The slow judge walks along the one, and counts how often it comes over to the other side of the other.
            if (other.Radius <= 0 || RunAlong(one, other)) return;
            var steps = Steps(one).Select(place => place.To(other.From) < other.Radius).ToArray();
            var passes = steps.Zip(steps.Skip(1)).Count(pair => pair.First != pair.Second);
            Assert.True(crossings.Length >= passes, $"{passes} passes, {crossings.Length} crossings of {one} and {other}");
            seen += passes;
        }, iter: 400);
        Assert.True(seen > 100, $"only {seen} passes");
    }

    // Steps round a circle lie to this side and that of one that is the same but for rounding.
    private static bool RunAlong(ShiftCurve one, ShiftCurve other)
        => one.Radius > 0 && one.From.To(other.From) < 1e-6 && Math.Abs(one.Radius - other.Radius) < 1e-6;

    [Fact]
    public void The_nearest_place_is_nearer_than_any_other_of_the_line()
        => Gen.Select(Gen.OneOf(Piece, Circle), Anywhere).Hold((curve, place) =>
        {
            var nearest = curve.Nearest(place);
            Assert.True(IsOn(curve, nearest));
            var least = Steps(curve).Min(step => step.To(place));
            Assert.True(nearest.To(place) <= least + Same, $"{nearest} of {curve} from {place}");
            Assert.True(curve.Reaches(place, nearest.To(place) + 0.01));
            if (nearest.To(place) > 0.01) Assert.False(curve.Reaches(place, nearest.To(place) - 0.01));
        }, iter: 300);

    [Fact]
    public void The_place_that_speaks_for_a_circle_is_on_its_right()
    {
        Assert.Equal(new PlanPoint(5, 4), new ShiftCurve(new PlanPoint(2, 4), default, 3).Rightmost);
        Assert.Equal(new PlanPoint(5, 4), new ShiftCurve(new PlanPoint(2, 4), default, 3).Nearest(new PlanPoint(2, 4)));
        Assert.Null(new ShiftCurve(new PlanPoint(2, 4), new PlanPoint(3, 3), 0).Rightmost);
    }

    // A thing from 10 to 20 above the plane. What is above a board's solder side counts from where that stands highest, what is below from where it stands
    // lowest; the board stands between 4 and 6.
    [Theory]
    [InlineData(0, 4.01, true)]
    [InlineData(0, 3.99, false)]
    [InlineData(13.99, 30, true)]
    [InlineData(14.01, 30, false)]
    public void A_ban_counts_while_heights_meet(double from, double to, bool bans)
        => Assert.Equal(bans, Ban(from, to).Bans(new PlanPoint(5, 5), 4, 6));

    [Theory]
    [InlineData(-3, -0.01, 2.98, 6, false)]
    [InlineData(-3, -0.01, 10.02, 12, true)]
    [InlineData(-3, 1.6, 22.99, 25, true)]
    [InlineData(-3, 1.6, 23.01, 25, false)]
    [InlineData(-9, -1, 11.01, 30, true)]
    [InlineData(-9, -1, 10.99, 30, false)]
    public void What_lies_below_a_board_counts_from_where_it_stands_lowest(double from, double to, double lowest, double highest, bool bans)
        => Assert.Equal(bans, Ban(from, to).Bans(new PlanPoint(5, 5), lowest, highest));

    [Theory]
    [InlineData(0.001, 5, true)]
    [InlineData(0, 5, false)]
    [InlineData(9.999, 5, true)]
    [InlineData(10, 5, false)]
    [InlineData(5, -0.001, false)]
    [InlineData(5, 0.001, true)]
    public void What_only_touches_a_region_is_free(double x, double y, bool bans) => Assert.Equal(bans, Ban(0, 30).Bans(new PlanPoint(x, y), 4, 6));

    [Theory]
    [InlineData(5, 5, 4.99, 4, 6, true)]
    [InlineData(5, 5, 5.01, 4, 6, false)]
    [InlineData(2, 5, 1.99, 4, 6, true)]
    [InlineData(2, 5, 2.01, 4, 6, false)]
    [InlineData(5, 5, 1, -21, 6, false)]
    [InlineData(5, 5, 1, 4, 20.01, false)]
    [InlineData(5, 5, 1, 4, 19.99, true)]
    public void A_disc_is_buried_where_every_shift_of_it_is_banned_however_the_board_stands(
        double x, double y, double radius, double lowest, double highest, bool isBuried)
        => Assert.Equal(isBuried, Ban(0, 30).Buries(new PlanPoint(x, y), radius, lowest, highest));

    // A mount of 6 mm at each side of a board of 100 by 80: its rim a hair under the solder, and a hair beside it.
    [Theory]
    [InlineData(-3, 40, 0.01, 0)]
    [InlineData(103, 40, -0.01, 0)]
    [InlineData(50, -3, 0, 0.01)]
    [InlineData(50, 83, 0, -0.01)]
    public void A_mount_lies_under_solder_as_soon_as_its_rim_does(double x, double y, double inwardX, double inwardY)
    {
        var solder = new BareSolder(SeatedBoard.Of(Seated().At(seat => seat with { At = default }))[0]);
        var (under, beside) = (new PlanPoint(x + inwardX, y + inwardY), new PlanPoint(x - inwardX, y - inwardY));
        Assert.True(solder.IsOver(under, 3));
        Assert.False(solder.IsOver(beside, 3));
    }

    [Theory]
    [InlineData(-40, 0)]
    [InlineData(140, 0)]
    [InlineData(0, -40)]
    [InlineData(0, 120)]
    public void A_place_that_reaches_beyond_the_plane_is_none(double x, double y)
    {
        var tray = Tray() with { Mounts = [.. Tray().Mounts.Select(mount => Mount(mount.Id, mount.At.X - 20 + x, mount.At.Y - 10 + y))] };
        Assert.DoesNotContain(Placements.Of(Seated(tray), "board", "tray"), way => way is { IsSound: true, Met: 4 });
        // As far as the very edge it is one.
        var (edgeX, edgeY) = (Math.Clamp(x, 0, 100), Math.Clamp(y, 0, 80));
        var within = Tray() with { Mounts = [.. Tray().Mounts.Select(mount => Mount(mount.Id, mount.At.X - 20 + edgeX, mount.At.Y - 10 + edgeY))] };
        Assert.Contains(Placements.Of(Seated(within), "board", "tray"), way => way is { IsSound: true, Met: 4 });
    }

    // A board of 100 by 80 on a tray of 200 by 160, that nothing else stands on.
    [Theory]
    [InlineData(0, 0, true)]
    [InlineData(100, 80, true)]
    [InlineData(100.01, 40, false)]
    [InlineData(250, 40, false)]
    [InlineData(-0.01, 40, false)]
    [InlineData(-250, 40, false)]
    [InlineData(50, 80.01, false)]
    [InlineData(50, 250, false)]
    [InlineData(50, -0.01, false)]
    [InlineData(50, -250, false)]
    public void A_shift_is_free_as_long_as_the_board_lies_on_the_plane(double x, double y, bool isFree)
    {
        var graft = Seated(Tray() with { Mounts = [] });
        var space = FreeSpace.Of(graft, graft.Seating.Seats[0])!;
        Assert.Equal(isFree, space.Shorts(new PlanPoint(x, y), []) is not null);
    }

    private static ShiftBan Ban(double from, double to) => new([new(0, 0), new(10, 0), new(10, 10), new(0, 10)], 10, 20, from, to);

    private static bool IsOn(ShiftCurve curve, PlanPoint place) => curve.Radius > 0
        ? Math.Abs(curve.From.To(place) - curve.Radius) < Same
        : Math.Abs(curve.From.To(place) + place.To(curve.To) - curve.From.To(curve.To)) < Same;

    private static ImmutableArray<PlanPoint> Steps(ShiftCurve curve)
    {
        const int steps = 720;
        return [.. Enumerable.Range(0, steps + 1).Select(step => (double)step / steps).Select(share => curve.Radius > 0
            ? curve.From + new PlanPoint(curve.Radius * Math.Cos(share * Math.Tau), curve.Radius * Math.Sin(share * Math.Tau))
            : new PlanPoint(curve.From.X + (share * (curve.To.X - curve.From.X)), curve.From.Y + (share * (curve.To.Y - curve.From.Y))))];
    }
}
