using CsCheck;
using LooseGraft.Core.Seat.Surveying;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;
using static LooseGraft.Core.Tests.Seat.SeatBench;

namespace LooseGraft.Core.Tests.Seat;

public sealed class SurveyTests
{
    [Theory]
    [InlineData("h1 h2 146.2", 146.2, 0.112)]
    [InlineData("h1 left 37 mm", 37, 0.510)]
    [InlineData("h1,rear,5 3/4 in", 146.05, 3.177)]
    [InlineData("left right 26 + .4", 26.4, 0.112)]
    [InlineData("h1 h2 near 3.25", 3.25, 0.100)]
    public void A_distance_is_read_as_it_is_written_and_trusted_to_its_last_digit(string line, double value, double deviation)
    {
        var span = SurveyText.TryRead(line)!;
        Assert.Equal(value, SurveyText.Value(span)!.Value, 3);
        Assert.Equal(deviation, SurveyText.Deviation(span), 3);
        Assert.Equal(span, SurveyText.TryRead(SurveyText.Write(span)));
    }

    [Theory]
    [InlineData("h1 h1 5")]
    [InlineData("h1 h2")]
    [InlineData("h1 h2 -5")]
    [InlineData("h1 h2 1e309")]
    [InlineData("h1 h2 beep")]
    [InlineData("across h1 3")]
    [InlineData("")]
    public void What_is_no_distance_is_not_taken_for_one(string line) => Assert.Null(SurveyText.TryRead(line));

    [Fact]
    public void Rims_and_edges_give_the_middles_of_holes()
    {
        var result = SurveyAdjustment.Of(
            Survey("board", "h1 across 3.6", "h2 across 4", "h1 left near 3.2", "h1 rear 8", "h2 rear 8", "h1 h2 far 93.8", "left right 100"));
        Assert.Equal((5.0, 95.0, 100.0), (Round(result, 0).X, Round(result, 1).X, Math.Round(result.Width!.Value, 2)));
        Assert.Equal((0, 3.6), (result.Redundancy, result.Points[0].Diameter));
        Assert.Empty(result.Doubts);
    }

    [Fact]
    public void Places_come_back_from_distances_in_any_mix()
        => Gen.Select(Gen.Double[5, 195], Gen.Double[5, 145]).Select((x, y) => new PlanPoint(Math.Round(x, 1), Math.Round(y, 1))).Array[4, 8].Hold(places =>
        {
            if (places.SelectMany((one, index) => places.Skip(index + 1).Select(one.To)).Min() < 8) return;
            var lines = new List<string>
            {
                Line("h1", "left", places[0].X), Line("h1", "rear", places[0].Y), Line("h2", "left", places[1].X), Line("h2", "rear", places[1].Y),
            };
            for (var one = 0; one < places.Length; one++)
            {
                for (var other = one + 1; other < places.Length; other++) lines.Add(Line($"h{one + 1}", $"h{other + 1}", places[one].To(places[other])));
                if (one > 1) lines.Add(Line($"h{one + 1}", "left", places[one].X));
            }

            var result = SurveyAdjustment.Of(Survey("board", [.. lines]));
            if (result.Points.Any(point => point.HasMirror)) return;
            // Readings are written to a hundredth here, a tenth of what a hand is trusted with; a place is off by no more than a share of its ellipse.
            Assert.All(result.Points.Zip(places),
                pair
                => Assert.True(pair.First.At.To(pair.Second) < 0.05 + (0.2 * pair.First.LongAxis), $"{pair.First.Name} {pair.First.At} for {pair.Second}"));
            Assert.Empty(result.Doubts);
        }, iter: 60);

    [Fact]
    public void One_bad_distance_is_pointed_out_with_what_it_should_be()
    {
        var result = SurveyAdjustment.Of(
            Survey("board", "h1 left 5.0", "h1 rear 5.0", "h2 left 95.0", "h2 rear 5.0", "h3 left 5.0", "h3 rear 75.0", "h4 left 95.0", "h4 rear 75.0",
            "h1 h2 90.0", "h1 h3 70.0", "h2 h4 73.0", "h3 h4 90.0", "h1 h4 114.0", "h2 h3 114.0"));
        var doubt = Assert.Single(result.Doubts);
        Assert.Equal(("h2", "h4"), (doubt.Span.From, doubt.Span.To));
        Assert.Equal(3, doubt.GrossError, 0);
    }

    [Fact]
    public void What_nothing_fixes_is_named_and_the_next_measurement_fixes_it()
    {
        var lines = new[] { "h1 left 5.0", "h1 rear 5.0", "h2 left 95.0", "h2 rear 5.0", "h1 h3 70.0" };
        var result = SurveyAdjustment.Of(Survey("board", lines));
        Assert.Equal(["h3"], result.Undetermined.Select(point => point.Name));
        Assert.Contains("h3", new[] { result.Next!.From, result.Next.To });
    }

    [Fact]
    public void A_mirror_image_is_told_and_an_edge_decides_it()
    {
        string[] lines = ["h1 left 50.0", "h1 rear 50.0", "h2 left 90.0", "h2 rear 50.0", "h1 h3 30.0", "h2 h3 50.0"];
        var open = SurveyAdjustment.Of(Survey("board", lines));
        Assert.True(Assert.Single(open.Points, point => point.HasMirror).Name == "h3");
        Assert.Equal("h3 fits on the other side as well", open.Next!.Because);
        var decided = SurveyAdjustment.Of(Survey("board", [.. lines, "h3 rear 80.0"]));
        Assert.DoesNotContain(decided.Points, point => point.HasMirror);
        Assert.Equal(80, decided.Points[2].At.Y, 1);
    }

    [Fact]
    public void A_whole_figure_that_only_hangs_on_one_line_is_mirrored_together_and_one_edge_decides_it()
    {
        // h1 and h2 lie equally far from the rear edge; everything else hangs on them by distances.
        string[] lines = ["h1 left 179.2", "h1 rear 96.0", "h2 left 72.2", "h2 rear 96.0", "h1 h3 139.6", "h2 h3 37.2", "h1 h4 91.9", "h2 h4 30.5",
            "h3 h4 66.7"];
        var open = SurveyAdjustment.Of(Survey("board", lines));
        Assert.Equal(["h3", "h4"], open.Points.Where(point => point.HasMirror).Select(point => point.Name));
        Assert.Equal("rear", open.Next!.To);
        Assert.DoesNotContain(SurveyAdjustment.Of(Survey("board", [.. lines, "h3 rear 75.5"])).Points, point => point.HasMirror);
        // Had the mirrored figure to lie beyond the rear edge, there would be no doubt.
        Assert.DoesNotContain(
            SurveyAdjustment.Of(Survey("board", [.. lines.Select(line => line.Replace("rear 96.0", "rear 10.0", StringComparison.Ordinal))])).Points,
            point => point.HasMirror);
    }

    [Fact]
    public void The_largest_survey_that_a_file_holds_is_told_of_too_bad_readings_and_all()
    {
        var places = Enumerable.Range(0, 66).Select(index => new PlanPoint(20 + (index % 11 * 17.3), 15 + (index / 11 * 22.7))).ToArray();
        var lines = places.SelectMany(
            (place, index)
            => new[] { Line($"h{index + 1}", "left", place.X), Line($"h{index + 1}", "rear", place.Y),
            Line($"h{index + 1}", $"h{((index + 12) % 66) + 1}", place.To(places[(index + 12) % 66]) + (index == 7 ? 9 : 0)) }).ToArray();
        var result = SurveyAdjustment.Of(Survey("board", lines));
        Assert.Equal((198, 66), (result.Spans.Length, result.Points.Length));
        var doubt = Assert.Single(result.Doubts);
        Assert.Equal(("h8", "h20"), (doubt.Span.From, doubt.Span.To));
        Assert.Equal(9, doubt.GrossError, 0);
    }

    [Theory]
    [InlineData("h1", "h2")]
    [InlineData("h2", "h1")]
    public void Of_two_mirrored_figures_the_one_within_the_edges_is_taken_whichever_hole_came_first(string one, string other)
    {
        var result = SurveyAdjustment.Of(
            Survey("board", $"{one} left 20.0", $"{one} rear 10.0", $"{other} left 120.0", $"{other} rear 10.0", $"{one} h3 50.2", $"{other} h3 107.4",
            $"{one} h4 80.4", $"{other} h4 80.4", "h3 h4 46.8"));
        Assert.All(result.Points, point => Assert.False(point.HasMirror));
        Assert.All(result.Points.Where(point => point.Name is "h3" or "h4"), point => Assert.True(point.At.Y > 10, $"{point.Name} {point.At}"));
        Assert.Empty(result.Doubts);
    }

    [Fact]
    public void The_advice_shrinks_the_largest_ellipse_more_than_any_other_measurement()
    {
        string[] lines = ["h1 left 5.0", "h1 rear 5.0", "h2 left 95 mm", "h2 rear 5.0", "h3 left 5.0", "h3 rear 75 mm"];
        var before = SurveyAdjustment.Of(Survey("board", lines));
        double After(string from, string to)
        {
            var places = before.Points.ToDictionary(point => point.Name, point => point.At);
            var value = to switch { "left" => places[from].X, "rear" => places[from].Y, _ => places[from].To(places[to]) };
            return SurveyAdjustment.Of(Survey("board", [.. lines, Line(from, to, Math.Round(value, 1))])).LargestAxis;
        }

        var chosen = After(before.Next!.From, before.Next.To);
        Assert.True(chosen < before.LargestAxis);
        Assert.All(new[] { ("h1", "h2"), ("h1", "h3"), ("h2", "h3") }, pair => Assert.True(chosen <= After(pair.Item1, pair.Item2) + 0.01));
    }

    [Fact]
    public void Residuals_are_those_of_the_librarys_own_least_squares()
    {
        var shake = new Random(7);
        var places = Enumerable.Range(0, 12).Select(_ => new PlanPoint(shake.NextDouble() * 200, shake.NextDouble() * 150)).ToArray();
        var lines = places.SelectMany(
            (place, index) => new[] { Line($"h{index + 1}", "left", place.X + Noise()), Line($"h{index + 1}", "rear", place.Y + Noise()) })
            .Concat(places.SelectMany(
                (place, index)
                => places.Index().Skip(index + 1).Take(4).Select(other => Line($"h{index + 1}", $"h{other.Index + 1}", place.To(other.Item) + Noise()))))
                .Take(60).ToArray();
        var survey = Survey("board", lines);
        var result = SurveyAdjustment.Of(survey);

        Vector<double> Model(Vector<double> at, Vector<double> which)
            => Vector<double>.Build.DenseOfEnumerable(which.Select(row => Say(survey.Spans[(int)row], at)));
        var objective = ObjectiveFunction.NonlinearModel(
            Model, Vector<double>.Build.Dense(60, row => row), Vector<double>.Build.Dense(60, row => SurveyText.Value(survey.Spans[row])!.Value),
            Vector<double>.Build.Dense(60, row => 1 / (SurveyText.Deviation(survey.Spans[row]) * SurveyText.Deviation(survey.Spans[row]))));
        var fit = new LevenbergMarquardtMinimizer(gradientTolerance: 1e-12, stepTolerance: 1e-12, functionTolerance: 1e-12)
            .FindMinimum(objective, Vector<double>.Build.Dense(24, index => index % 2 == 0 ? places[index / 2].X : places[index / 2].Y));
        Assert.Equal(60, result.Spans.Length);
        Assert.All(survey.Spans.Index(), pair => Assert.Equal(Say(pair.Item, fit.MinimizingPoint), result.Spans[pair.Index].Adjusted, 1e-6));

        double Noise() => (shake.NextDouble() - 0.5) * 0.3;
        static double Say(SurveySpan span, Vector<double> at)
        {
            var one = 2 * (int.Parse(span.From[1..], System.Globalization.CultureInfo.InvariantCulture) - 1);
            if (span.To == "left") return at[one];
            if (span.To == "rear") return at[one + 1];
            var other = 2 * (int.Parse(span.To[1..], System.Globalization.CultureInfo.InvariantCulture) - 1);
            return Math.Sqrt(Math.Pow(at[one] - at[other], 2) + Math.Pow(at[one + 1] - at[other + 1], 2));
        }
    }

    // The third hole was measured from the other two alone: on either side of the line through them it fits as well.
    [Theory]
    [InlineData(60, 80)]
    [InlineData(95, 35)]
    [InlineData(30, 110)]
    public void A_point_measured_from_two_others_is_offered_on_the_other_side_of_their_line(double fromOne, double fromTwo)
    {
        var system = new SurveySystem(Survey("board", "h1 left 20.0", "h1 rear 50.0", "h2 left 120.0", "h2 rear 75.0",
            Line("h3", "h1", fromOne), Line("h3", "h2", fromTwo), "left right 200.0", "rear front 200.0").Spans);
        var start = SurveyStart.Of(system);
        var (one, two, three) = (At(start, 0), At(start, 1), At(start, 2));
        Assert.Equal((fromOne, fromTwo), (Math.Round(three.To(one), 6), Math.Round(three.To(two), 6)));
        // Mirrored at the line: as far from both, and not the same.
        Assert.Contains(SurveyFlips.Of(system, start).Select(at => At(at, 2)), other => other.To(three) > 1
            && Math.Abs(other.To(one) - fromOne) < 1e-6 && Math.Abs(other.To(two) - fromTwo) < 1e-6);
    }

    private static PlanPoint At(Vector<double> at, int point) => new(at[2 * point], at[(2 * point) + 1]);

    private static string Line(string from, string to, double value) => FormattableString.Invariant($"{from} {to} {value:0.00}");

    private static PlanPoint Round(SurveyResult result, int index) => new(Math.Round(result.Points[index].At.X, 2), Math.Round(result.Points[index].At.Y, 2));
}
