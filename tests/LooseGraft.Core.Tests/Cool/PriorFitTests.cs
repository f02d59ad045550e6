using CsCheck;
using LooseGraft.Core.Cool.Measuring;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Least squares with what was known before.</summary>
public sealed class PriorFitTests
{
    [Fact]
    public void One_reading_of_one_value_is_weighed_against_what_was_known()
    {
        // Read 2 ± 1 of what was 0 ± 0.5: (2 / 1) / (1 / 1 + 1 / 0.25) = 0.4, within √(1 / 5).
        var (values, spreads) = PriorFit.Of(at => [at[0]], [2], [1], [0.5], [0]);
        Assert.Equal(0.4, Assert.Single(values), 6);
        Assert.Equal(Math.Sqrt(0.2), Assert.Single(spreads), 6);
    }

    [Fact]
    public void What_readings_say_nothing_of_stays_as_open_as_it_was()
    {
        var (values, spreads) = PriorFit.Of(at => [3 * at[0], 3 * at[0]], [1.5, 1.5], [0.1, 0.1], [0.35, 0.35], [0, 0]);
        Assert.Equal(0.5, values[0], 2);
        Assert.Equal((0, 0.35), (values[1], Math.Round(spreads[1], 6)));
        Assert.Equal(([0.0], [0.35]), PriorFit.Of(_ => [], [], [], [0.35], [0]), Same);
    }

    [Fact]
    public void No_value_goes_beyond_what_can_be()
        => Assert.Equal(PriorFit.Farthest, PriorFit.Of(at => [at[0]], [100], [0.01], [10], [0]).Values[0]);

    [Fact]
    public void What_cannot_go_farther_leaves_the_others_free()
    {
        // The first would go to 5; held at 2, what is left of 2.7 is the second's, within what was known of it.
        var (values, _) = PriorFit.Of(at => [at[0] + at[1], at[0]], [2.7, 5], [1, 0.1], [100, 10], [0, 0]);
        Assert.Equal((2, Math.Round(0.7 / 1.01, 6)), (values[0], Math.Round(values[1], 6)));
        // It comes back from where it was held.
        Assert.Equal(1, PriorFit.Of(at => [at[0]], [1], [1e-3], [100], [PriorFit.Farthest]).Values[0], 4);
    }

    [Fact]
    public void It_is_as_good_as_the_best_of_a_fine_grid()
    {
        Gen.Select(Gen.Double[0.3, 3], Gen.Double[0.5, 2.5], Gen.Double[-5, 5], Gen.Double[-5, 5]).Hold((air, contact, off, other) =>
        {
            double[] Predict(double[] at)
            {
                var (thin, bad) = (1 / Math.Exp(at[0]), Math.Exp(at[1]));
                return [20 + (30 * thin), 20 + (30 * thin) + (40 * bad), 20 + (12 * thin) + (15 * bad)];
            }

            var truth = Predict([Math.Log(air), Math.Log(contact)]);
            double[] read = [truth[0] + off, truth[1] + other, truth[2] - other];
            double Cost(double[] at) => read.Zip(Predict(at), (one, two) => Math.Pow((one - two) / 3, 2)).Sum() + at.Sum(each => Math.Pow(each / 0.35, 2));
            var best = (from one in Steps() from two in Steps() select Cost([one, two])).Min();
            Assert.True(Cost(PriorFit.Of(Predict, read, [3, 3, 3], [0.35, 0.35], [0, 0]).Values) <= best + 1e-3);
            Assert.True(Cost(PriorFit.Of(Predict, read, [3, 3, 3], [0.35, 0.35], [-0.5, PriorFit.Farthest]).Values) <= best + 1e-3);
        });

        static IEnumerable<double> Steps() => Enumerable.Range(-100, 201).Select(step => step * 0.02);
    }

    private static bool Same((double[] Values, double[] Spreads) one, (double[] Values, double[] Spreads) two)
        => one.Values.SequenceEqual(two.Values) && one.Spreads.Zip(two.Spreads, (a, b) => Math.Abs(a - b)).All(apart => apart < 1e-9);
}
