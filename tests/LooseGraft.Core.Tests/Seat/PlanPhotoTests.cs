using CsCheck;
using LooseGraft.Core.Files;
using LooseGraft.Core.Seat.Edits;
using LooseGraft.Core.Seat.Tracing;

namespace LooseGraft.Core.Tests.Seat;

/// <summary>A photograph laid under a plan by two known distances.</summary>
public class PlanPhotoTests
{
    [Fact]
    public void A_level_photograph_lies_as_its_two_distances_say()
    {
        // 1000 × 500 pixels at half a millimetre each: the rear edge along its foot, 400 mm of it known, and 200 mm along the left side.
        var photo = Marked((0.1, 0.9), (0.9, 0.9), (0.1, 0.9), (0.1, 0.1)) with
        {
            Across = new Millimetres(400),
            Deep = new Millimetres(200),
            At = new PlanPoint(10, 20),
        };
        var fit = PhotoFit.Of(photo).Fit!;
        Same(new PlanPoint(10, 20), fit.Place(new PlanPoint(100, 450)));
        Same(new PlanPoint(410, 220), fit.Place(new PlanPoint(900, 50)));
        Same(new PlanPoint(-40, 245), fit.Corner);
        Assert.False(fit.IsAslant);
        Assert.Equal((0, 0), (Math.Round(fit.SkewDegrees, 9), Math.Round(fit.Stretch, 9)));
    }

    [Fact]
    public void However_it_is_turned_and_squeezed_what_is_marked_lies_where_it_is()
    {
        var shapes = from turn in Gen.Double[0, 360]
                     from wide in Gen.Double[0.05, 2]
                     from far in Gen.Double[0.05, 2]
                     from skew in Gen.Double[-50, 50]
                     from x in Gen.Double[-300, 300]
                     from y in Gen.Double[-300, 300]
                     from place in Gen.Select(Gen.Double[-400, 400], Gen.Double[-400, 400])
                     select (turn, wide, far, skew, x, y, place);
        shapes.Hold(
            shape =>
            {
                // The slow judge: the photograph is made from the plan, and back it has to come.
                PlanPoint Taken(PlanPoint plan)
                {
                    var slanted = new PlanPoint((plan.X * shape.wide) + (plan.Y * shape.far * Math.Tan(shape.skew * Math.PI / 180)), plan.Y * shape.far);
                    var (sin, cos) = Math.SinCos(shape.turn * Math.PI / 180);
                    return new PlanPoint(500 + (slanted.X * cos) - (slanted.Y * sin), 250 - ((slanted.X * sin) + (slanted.Y * cos)));
                }

                var (corner, right, front) = (new PlanPoint(shape.x, shape.y), new PlanPoint(shape.x + 120, shape.y), new PlanPoint(shape.x + 7, shape.y + 93));
                PhotoMark Mark(int position, PlanPoint plan) => new(position, Taken(plan).X / 1000, Taken(plan).Y / 500);
                var photo = new PlanPhoto("tray", "", 1000, 500)
                {
                    Marks = [Mark(1, corner), Mark(2, right), Mark(3, new PlanPoint(shape.x + 7, shape.y)), Mark(4, front)],
                    Across = new Millimetres(120),
                    Deep = new Millimetres(93),
                    At = corner,
                };
                var fit = PhotoFit.Of(photo).Fit!;
                Same(new PlanPoint(shape.place.Item1, shape.place.Item2), fit.Place(Taken(new PlanPoint(shape.place.Item1, shape.place.Item2))));
                Assert.Equal(Math.Abs(shape.skew), fit.SkewDegrees, 6);
            },
            iter: 300);
    }

    [Theory]
    [InlineData(29.9, null)]
    [InlineData(30.1, 59.9)]
    [InlineData(87.9, 2.1)]
    [InlineData(92.1, 2.1)]
    [InlineData(91.9, 1.9)]
    [InlineData(150.1, null)]
    public void Two_that_run_nearly_the_same_way_fix_nothing_and_two_off_a_right_angle_are_told(double degrees, double? skew)
    {
        var (sin, cos) = Math.SinCos(degrees * Math.PI / 180);
        var photo = Marked((0, 0.5), (0.1, 0.5), (0.5, 0.5), (0.5 + (0.1 * cos), 0.5 - (0.2 * sin))) with
        {
            Across = new Millimetres(10),
            Deep = new Millimetres(10),
        };
        var (fit, lacks) = PhotoFit.Of(photo);
        if (skew is not { } off) Assert.Contains("nearly the same way", lacks, StringComparison.Ordinal);
        else Assert.Equal((Math.Round(off, 6), off > PhotoFit.MostSkewDegrees), (Math.Round(fit!.SkewDegrees, 6), fit.IsAslant));
    }

    [Theory]
    [InlineData(103.1, true)]
    [InlineData(102.9, false)]
    [InlineData(97, true)]
    [InlineData(97.2, false)]
    public void Two_scales_that_differ_are_told(double deep, bool isAslant)
    {
        var photo = Marked((0, 0.5), (0.1, 0.5), (0.5, 0.5), (0.5, 0.3)) with { Across = new Millimetres(100), Deep = new Millimetres(deep) };
        Assert.Equal(isAslant, PhotoFit.Of(photo).Fit!.IsAslant);
    }

    [Fact]
    public void What_it_lacks_is_told()
    {
        var photo = Marked((0.1, 0.9), (0.9, 0.9), (0.1, 0.9), (0.1, 0.1)) with { Across = new Millimetres(400) };
        Assert.Equal("Type how long both are.", PhotoFit.Of(photo).Lacks);
        photo = photo with { Deep = new Millimetres(200) };
        Assert.Null(PhotoFit.Of(photo).Lacks);
        Assert.Equal("Mark both ends of both distances.", PhotoFit.Of(photo with { Marks = [.. photo.Marks.Take(3)] }).Lacks);
        Assert.Contains("nearly the same way", PhotoFit.Of(photo.With(new PhotoMark(2, 0.1, 0.9))).Lacks, StringComparison.Ordinal);
        // From right to left, as one marks what was taken from the other side.
        Assert.Contains("mirrored", PhotoFit.Of(photo.With(new PhotoMark(1, 0.95, 0.9))).Lacks, StringComparison.Ordinal);
    }

    [Fact]
    public void It_is_kept_with_its_plan_and_goes_with_it()
    {
        var graft = SeatBench.Seated();
        var plane = graft.Seating.Planes[0].Id;
        var photo = Marked((0.1, 0.9), (0.9, 0.9)) with { Hash = new string('a', 64), Across = new Millimetres(400), At = new PlanPoint(1, 2) };
        var laid = new LayPhoto(plane, photo).Apply(graft);
        Assert.Equal(laid, GraftFile.Read(GraftFile.Write(laid)).Graft);
        Assert.Single(new LayPhoto(plane, photo with { Marks = [] }).Apply(laid).Seating.Photos);
        Assert.Empty(new RemovePlane(plane).Apply(laid).Seating.Photos);
        Assert.Empty(new LayPhoto(plane, null).Apply(laid).Seating.Photos);
        string[] Errors(PlanPhoto wrong)
            => [.. GraftFile.Read(GraftFile.Write(graft with { Seating = graft.Seating with { Photos = [wrong] } })).Errors.Select(error => error.Path)];
        Assert.Equal(["$.seating.photos[0].of"], Errors(photo with { Of = "gone" }));
        Assert.Equal(["$.seating.photos[0].marks[0].position"], Errors(photo with { Of = plane, Marks = [new PhotoMark(5, 0, 0)] }));
        Assert.Equal(["$.seating.photos[0].hash"], Errors(photo with { Of = plane, Hash = "../x" }));
    }

    private static PlanPhoto Marked(params (double X, double Y)[] ends)
        => new("tray", "", 1000, 500) { Marks = [.. ends.Select((end, index) => new PhotoMark(index + 1, end.X, end.Y))] };

    private static void Same(PlanPoint expected, PlanPoint actual)
        => Assert.True(expected.To(actual) < 1e-6, $"{expected} expected, {actual} found");
}
