using CsCheck;
using LooseGraft.Core.Seat;
using LooseGraft.Core.Seat.Standing;
using NetTopologySuite.Geometries;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>How high a board stands: bent between what holds it, tilted on what it lies upon, and the lower of the two.</summary>
public sealed class StandingTests
{
    // On a grid, so that four on a circle and three in a line come up often.
    private static readonly Gen<HeldPlace[]> Places = Gen.Select(Gen.Int[0, 5], Gen.Int[0, 5], Gen.Int[0, 16])
        .Select((x, y, height) => new HeldPlace(new PlanPoint(20 * x, 20 * y), height / 2.0, true)).Array[3, 9]
        .Select(places => places.DistinctBy(place => place.At).ToArray());

    [Fact]
    public void A_bent_board_stands_at_each_places_own_height_and_nowhere_between_them_beyond_the_lowest_and_the_highest()
        => Gen.Select(Places, Gen.Double[0, 100], Gen.Double[0, 100]).Hold((places, x, y) =>
        {
            var sheet = new BentSheet(places);
            Assert.All(places, place => Assert.Equal(place.Height, sheet.At(place.At), 9));
            if (!Shapes.Hull(places.Select(place => place.At)).Covers(Shapes.Point(new PlanPoint(x, y)))) return;
            // A face holds what lies a millionth beyond its side, and goes on as steep as it is: some nanometres.
            Assert.InRange(sheet.At(new PlanPoint(x, y)), places.Min(place => place.Height) - 1e-5, places.Max(place => place.Height) + 1e-5);
        }, iter: 500);

    [Fact]
    public void On_places_in_one_plane_a_board_bends_nowhere_and_goes_on_straight_beyond_them()
        => Gen.Select(Places, Gen.Double[-0.1, 0.1], Gen.Double[-0.1, 0.1], Gen.Double[-50, 150], Gen.Double[-50, 150]).Hold((places, inX, inY, x, y) =>
        {
            double Plane(PlanPoint at) => 30 + (inX * at.X) + (inY * at.Y);
            HeldPlace[] flat = [.. places.Select(place => place with { Height = Plane(place.At) })];
            if (Shapes.Hull(flat.Select(place => place.At)).Area < 1) return;
            Assert.Equal(Plane(new PlanPoint(x, y)), new BentSheet(flat).At(new PlanPoint(x, y)), 1e-6);
            if (RestingBoard.On([.. flat], new PlanPoint(50, 50)) is { } resting)
                Assert.Equal(Plane(new PlanPoint(x, y)), resting.At(new PlanPoint(x, y)), 1e-6);
        }, iter: 500);

    [Fact]
    public void No_corner_of_an_area_and_no_place_in_it_stands_lower_than_the_lowest_over_it()
        => Gen.Select(Places, Gen.Double[0, 60], Gen.Double[0, 60], Gen.Double[0, 1], Gen.Double[0, 1]).Hold((places, x, y, along, up) =>
        {
            var sheet = new BentSheet(places);
            if (Shapes.Hull(places.Select(place => place.At)) is var hull && !hull.Covers(Shapes.Polygon(new PlanRectangle(x, y, 40, 40).Corners))) return;
            var lowest = sheet.LowestOver(Shapes.Polygon(new PlanRectangle(x, y, 40, 40).Corners));
            Assert.True(sheet.At(new PlanPoint(x + (40 * along), y + (40 * up))) >= lowest - 1e-6);
        }, iter: 300);

    [Fact]
    public void Corners_that_all_but_lie_on_a_line_are_taken_to_lie_on_it()
    {
        HeldPlace Place(double x, double y, double height) => new(new PlanPoint(x, y), height, true);
        var sheet = new BentSheet([Place(0, 20, 1.5), Place(40, 20, 8), Place(80, 40, 8), Place(20, 100, 2)]);
        double Lowest(double x) => sheet.LowestOver(Shapes.Polygon(new PlanRectangle(x, 20, 40, 40).Corners));
        Assert.Equal(Lowest(0), Lowest(3.268e-40));
        Assert.Equal(Lowest(0), Lowest(4.9e-10));
        Assert.NotEqual(Lowest(0), Lowest(5.1e-10));
    }

    [Fact]
    public void A_loose_board_lies_on_what_holds_its_middle_and_nothing_stands_through_it()
        => Gen.Select(Places, Gen.Double[20, 80], Gen.Double[20, 80]).Hold((places, x, y) =>
        {
            var middle = new PlanPoint(x, y);
            var hull = Shapes.Hull(places.Select(place => place.At));
            var isBetween = hull.Area > 1 && hull.Covers(Shapes.Point(middle));
            if (RestingBoard.On([.. places], middle) is not { } resting)
            {
                Assert.False(isBetween);
                return;
            }

            // Several places touch it, none stands through it, and so no board can lie lower at its middle.
            Assert.All(places, place => Assert.True(resting.At(place.At) >= place.Height - 1e-6));
            Assert.True(places.Count(place => resting.At(place.At) < place.Height + 1e-6) >= 3);
        }, iter: 500);

    [Fact]
    public void Threes_of_places_that_tell_the_same_count_once_and_change_nothing()
        => Gen.Select(Places, Gen.Int[1, 9], Gen.Int[1, 9], Gen.Bool).Hold((places, x, y, isLevel) =>
        {
            if (isLevel) places = [.. places.Select(place => place with { Height = places[0].Height })];
            // Over the line between two places, so that it rocks.
            var middle = new PlanPoint(10 * x, 10 * y);
            if (RestingBoard.On([.. places], middle) is not { } resting) return;
            // Every three one by one, and the lowest of them everywhere.
            var under = PlanFace.Among(places).Where(face => face.Holds(middle) && places.All(place => face.Height(place.At) >= place.Height - 1e-6)).ToArray();
            Assert.All(places, place => Assert.Equal(under.Min(face => face.Height(place.At)), resting.At(place.At), 6));
            if (isLevel) Assert.Equal(places[0].Height, resting.At(middle));
        }, iter: 500);

    [Fact]
    public void Too_many_places_of_unequal_height_count_as_all_at_the_lowest()
    {
        HeldPlace Place(int at) => new(new PlanPoint(10 * (at % 7), 10 * (at / 7)), at == 0 ? 4 : 6, true);
        HeldPlace[] Grid(int count) => [.. Enumerable.Range(0, count).Select(Place)];
        Assert.Equal(6, new BentSheet(Grid(40)).At(new PlanPoint(40, 40)), 9);
        Assert.Equal(4, new BentSheet(Grid(41)).At(new PlanPoint(40, 40)), 9);
        Assert.Equal(6, RestingBoard.On([.. Grid(80)], new PlanPoint(30, 50))!.At(new PlanPoint(30, 50)), 9);
        Assert.Equal(4, RestingBoard.On([.. Grid(81)], new PlanPoint(30, 50))!.At(new PlanPoint(30, 50)), 9);
    }

    [Fact]
    public void A_disc_is_short_of_its_circle_and_one_round_it_beyond_it_by_a_third_of_a_thousandth()
        => Gen.Select(Gen.Double[-300, 300], Gen.Double[-300, 300], Gen.Double[0.1, 100]).Hold((x, y, radius) =>
        {
            var middle = new PlanPoint(x, y);
            double[] ToSides(Geometry disc) => [disc.Boundary.Distance(Shapes.Point(middle)), Shapes.Corners(disc).Max(middle.To)];
            Assert.Equal([radius * 0.9997, radius], ToSides(Shapes.Disc(middle, radius)), Within(radius * 1e-5));
            Assert.Equal([radius, radius * 1.0003], ToSides(Shapes.DiscRound(middle, radius)), Within(radius * 1e-5));
        }, iter: 100);

    private static EqualityComparer<double> Within(double off) => EqualityComparer<double>.Create((one, other) => Math.Abs(one - other) <= off);

    [Theory]
    [InlineData(10, 3)]
    [InlineData(25, 4.5)]
    [InlineData(60, 4)]
    [InlineData(0, 2)]
    public void Held_in_a_line_it_is_straight_across_and_goes_on_as_between_the_two_nearest(double x, double height)
        => Assert.Equal(height, new BentSheet([new(new(10, 30), 3, true), new(new(20, 30), 4, true), new(new(30, 30), 5, true), new(new(60, 30), 4, true)])
            .At(new PlanPoint(x, 70)), 9);

    [Fact]
    public void Loose_on_three_of_its_places_a_board_tilts_and_the_lower_of_loose_and_held_counts()
    {
        var uneven = Tray() with { Mounts = [.. Tray().Mounts.Take(3), Tray().Mounts[3] with { Height = Mm(4) }] };
        var held = SeatedBoard.Of(Seated(uneven))[0].Standing;
        Assert.Equal((6.5, 4.0), (held.Highest, held.At(new PlanPoint(115, 85))));
        var loose = Seated(uneven with { Mounts = [.. uneven.Mounts.Select(mount => mount with { Kind = MountKind.Bump })] });
        // Its middle lies over the line between two of them, so that it rocks.
        Assert.Equal(4, SeatedBoard.Of(loose)[0].Standing.At(new PlanPoint(115, 85)), 9);
    }

    [Fact]
    public void Ties_keep_nothing_off_the_plane_and_bolts_do()
    {
        BoardStanding Held(MountMethod method) => SeatedBoard.Of(Seated(Tray() with { Mounts = [] })
            .At(seat => seat with { Rise = Mm(10), Holes = [new HoleMounting(1, method)] }))[0].Standing;
        Assert.Equal((true, 0.0), (Held(MountMethod.Tie).IsFlat, Held(MountMethod.Tie).Highest));
        Assert.Equal((false, 10.0), (Held(MountMethod.ThroughBolt).IsFlat, Held(MountMethod.ThroughBolt).Highest));
    }
}
