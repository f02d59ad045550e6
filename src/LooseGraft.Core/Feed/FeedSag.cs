using System.Collections.Immutable;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Settles what takes the same watts whatever the voltage: the less voltage the way leaves, the more amperes.</summary>
/// <remarks>
/// From nominal voltage downwards, each sweep from the parts towards the wall: currents only rise, and stand still at the least solution there is, to 1e-9 of
/// each. Where there is none they rise until no voltage is left, or for <see cref="MostSweeps"/> sweeps, which is within a billionth of the edge. Low, likely
/// and high figures are settled each for itself. Time: sweeps times such consumers times all consumers.
/// </remarks>
internal static class FeedSag
{
    private const int MostSweeps = 1000;
    private const double Still = 1e-9;

    /// <summary>Settles the currents in place.</summary>
    /// <param name="network">The network.</param>
    /// <param name="flows">The current of each tap at nominal voltage; null where none flows.</param>
    /// <param name="order">The taps from the parts towards the wall.</param>
    /// <param name="cases">The load cases that are asked for.</param>
    /// <param name="taken">The watts that a supply takes with the currents as they stand.</param>
    /// <returns>What cannot be fed.</returns>
    public static ImmutableArray<FeedCollapse> Settle(
        FeedNetwork network, FeedFlow?[] flows, IReadOnlyList<int> order, IReadOnlyList<LoadCase> cases, Func<Supply, LoadCase, Spread<Watts>> taken)
    {
        int[] sagging = [.. order.Where(tap => flows[tap] is { HoldsPower: true } or { Feeds: not null })];
        if (sagging.Length == 0) return [];
        var nominal = flows.ToArray();
        var falls = sagging.ToDictionary(tap => tap, tap => FallsAt(network, flows, tap));
        var collapses = new List<FeedCollapse>();
        foreach (var loadCase in cases)
        {
            var gone = new bool[3];
            while (Sweep(loadCase, gone) is var (tap, figure))
            {
                collapses.Add(new FeedCollapse(nominal[tap]!, loadCase, figure < 2));
                gone[figure] = true;
                foreach (var other in sagging) flows[other] = flows[other]!.With(loadCase, nominal[other]!.At(loadCase));
            }
        }

        return [.. collapses.DistinctBy(each => each.Flow)];

        // Until all stand still: null; otherwise the tap and the figure, of those that are not given up, of which there is no end.
        (int Tap, int Figure)? Sweep(LoadCase loadCase, bool[] gone)
        {
            for (var sweep = 1; ; sweep++)
            {
                var (most, worst) = (0.0, default((int, int)));
                foreach (var tap in sagging)
                {
                    var (flow, now) = (flows[tap]!, new double[3]);
                    var volts = Math.Abs(flow.Rail.Voltage.Value);
                    var watts = flow.Feeds is { } fed ? taken(fed, loadCase) : nominal[tap]!.At(loadCase).Rising(amps => new Watts(amps.Value * volts));
                    for (var figure = 0; figure < 3; figure++)
                    {
                        var left = gone[figure] ? volts : volts - Sum(falls[tap], flows, loadCase, figure);
                        if (left <= 0) return (tap, figure);
                        var (before, next) = (Figure(flow.At(loadCase), figure).Value, Figure(watts, figure).Value / left);
                        // A figure that is given up may be less than a lower one that is not.
                        now[figure] = Math.Max(next, figure == 0 ? 0 : now[figure - 1]);
                        var change = next == before ? 0 : Math.Abs(next - before) / Math.Max(next, before);
                        if (!gone[figure] && change > most) (most, worst) = (change, (tap, figure));
                    }

                    flows[tap] = flow.With(loadCase, new Spread<Amps>(new Amps(now[0]), new Amps(now[1]), new Amps(now[2])));
                }

                if (most <= Still) return null;
                if (sweep == MostSweeps) return worst;
            }
        }
    }

    /// <summary>What is lost on the way to a tap, there and back, in volts. What another rail sends back the other way may make it less, so that each current
    /// counts by its low or its high figure as its sign asks.</summary>
    public static Spread<Volts> At(FeedNetwork network, FeedFlow?[] flows, int tap, LoadCase loadCase)
    {
        var falls = FallsAt(network, flows, tap);
        var (more, less) = (Array.ConvertAll(falls, fall => Math.Max(fall, 0)), Array.ConvertAll(falls, fall => Math.Min(fall, 0)));
        var likely = Sum(falls, flows, loadCase, 1);
        return new Spread<Volts>(
            new(Math.Min(likely, Sum(more, flows, loadCase, 0) + Sum(less, flows, loadCase, 2))), new(likely),
            new(Math.Max(likely, Sum(more, flows, loadCase, 2) + Sum(less, flows, loadCase, 0))));
    }

    private static double[] FallsAt(FeedNetwork network, FeedFlow?[] flows, int tap)
        => [.. Enumerable.Range(0, flows.Length).Select(taken => flows[taken] is null ? 0 : network.Falls(tap, taken))];

    private static double Sum(double[] falls, FeedFlow?[] flows, LoadCase loadCase, int figure)
    {
        var sum = 0.0;
        for (var taken = 0; taken < flows.Length; taken++)
        {
            if (falls[taken] == 0) continue;
            sum += falls[taken] * Figure(flows[taken]!.At(loadCase), figure).Value;
        }

        return sum;
    }

    // Low, likely and high as 0, 1 and 2.
    private static T Figure<T>(Spread<T> of, int figure)
        where T : struct, IQuantity<T>
        => figure switch { 0 => of.Low, 1 => of.Likely, _ => of.High };
}
