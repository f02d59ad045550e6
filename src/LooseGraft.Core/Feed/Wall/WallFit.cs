using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>The figures of the parts brought into line with what was read at the wall.</summary>
/// <param name="Supply">Id of the supply that was behind the meter.</param>
/// <param name="Shares">Where in its range each part's power lies: −1 at low, 0 at likely, 1 at high.</param>
/// <param name="Residuals">For each reading, what is left unexplained, in watts of output: read less modelled.</param>
/// <param name="Suspect">The part whose figures are most likely wrong, when no values within the ranges explain the readings; null when they do.</param>
public sealed record WallFit(
    string Supply, ImmutableArray<(string Part, double Share)> Shares, ImmutableArray<(WallReading Reading, Watts Read, Watts Modelled)> Residuals,
    string? Suspect)
{
    // A plug-in meter is good for about 2 % and a watt (makers' data sheets); the supply's efficiency adds its own margin.
    private const double MeterShare = 0.02;
    private const double MeterWatts = 1;
    private const int Rounds = 400;

    // Weak pull to the likely figures: what the readings do not tell apart stays where it was believed to be.
    private const double Pull = 0.5;

    /// <summary>Fits the parts to the readings, supply by supply; only those that hang on the wall are seen by its meter.</summary>
    public static ImmutableArray<WallFit> OfAll(Graft graft, FeedFlows flows)
        => [.. graft.Supplies.Select(supply => Of(supply, flows, WallMeter.ReadingsOf(graft, flows, supply))).OfType<WallFit>()];

    /// <summary>Fits the parts that hang on a supply to what was read through it.</summary>
    /// <remarks>
    /// Least squares on one share a part for its whole range, bounded to −1 … 1, by coordinate descent: the sum of squares is strictly convex with the pull to
    /// 0, so the descent comes to its only minimum. Readings count by how well they are known. Null when there is nothing to fit.
    /// </remarks>
    private static WallFit? Of(Supply supply, FeedFlows flows, IEnumerable<WallReading> read)
    {
        var readings = read.Where(reading => reading.Work != WallWork.Standby).ToArray();
        if (readings.Length == 0) return null;
        var parts = flows.Of(supply).GroupBy(term => term.Flow.Consumer).Select(same => same.ToArray()).ToArray();
        if (parts.Length == 0) return null;
        var rows = readings.Select(reading => Row(reading, supply, parts, flows)).ToArray();
        var shares = Descend(rows, parts.Length);
        var residuals = readings.Zip(rows, (reading, row) => (reading, new Watts(row.Read), new Watts(row.Modelled(shares)))).ToImmutableArray();
        return new WallFit(supply.Id, [.. parts.Select((part, index) => (part[0].Flow.Consumer, shares[index]))], residuals, FindSuspect(rows, shares, parts));
    }

    private static ReadRow Row(WallReading reading, Supply supply, FeedTerm[][] parts, FeedFlows flows)
    {
        var loadCase = reading.Work switch { WallWork.Idle => LoadCase.Idle, WallWork.Typical => LoadCase.Typical, _ => LoadCase.Peak };
        var given = flows.GivenOf(supply, reading.Mean);
        var spans = parts.Select(part =>
        {
            if (reading.Without.Contains(part[0].Flow.Consumer)) return default;
            double Sum(Func<Spread<Amps>, Amps> figure) => part.Sum(term => term.Weight * figure(term.Flow.At(loadCase)).Value);
            return (Low: Sum(spread => spread.Low), Likely: Sum(spread => spread.Likely), High: Sum(spread => spread.High));
        }).ToArray();
        var error = (MeterShare * given.Likely.Value) + ((given.High - given.Low).Value / 2) + MeterWatts;
        return new ReadRow(given.Likely.Value, error, spans);
    }

    private static double[] Descend(ReadRow[] rows, int parts)
    {
        var shares = new double[parts];
        for (var round = 0; round < Rounds; round++)
        {
            var moved = 0.0;
            for (var part = 0; part < parts; part++)
            {
                var best = BestShare(rows, shares, part);
                moved = Math.Max(moved, Math.Abs(best - shares[part]));
                shares[part] = best;
            }

            if (moved < 1e-9) break;
        }

        return shares;
    }

    // The range has one slope below likely and another above; the quadratic of either half is solved, clamped to it, and the better of the two taken.
    private static double BestShare(ReadRow[] rows, double[] shares, int part)
    {
        var before = shares[part];
        var (best, least) = (0.0, double.PositiveInfinity);
        foreach (var sign in new[] { -1, 1 })
        {
            var (slopes, product) = (Pull, 0.0);
            foreach (var row in rows)
            {
                shares[part] = 0;
                var (slope, rest) = (row.Slope(part, sign), (row.Read - row.Modelled(shares)) / row.Error);
                slopes += slope * slope / (row.Error * row.Error);
                product += slope / row.Error * rest;
            }

            shares[part] = sign < 0 ? Math.Clamp(product / slopes, -1, 0) : Math.Clamp(product / slopes, 0, 1);
            var cost = (Pull * shares[part] * shares[part]) + rows.Sum(row => Math.Pow((row.Read - row.Modelled(shares)) / row.Error, 2));
            if (cost < least) (best, least) = (shares[part], cost);
        }

        shares[part] = before;
        return best;
    }

    // A reading is explained within twice its error. If one is not, the part at the edge of its range whose wider range would mend most is the first to look
    // at.
    private static string? FindSuspect(ReadRow[] rows, double[] shares, FeedTerm[][] parts)
    {
        var open = rows.Where(row => Math.Abs(row.Read - row.Modelled(shares)) > 2 * row.Error).ToArray();
        if (open.Length == 0) return null;
        return parts.Select((part, index) => (part[0].Flow.Consumer, Gain: open.Sum(row =>
        {
            var missing = row.Read - row.Modelled(shares);
            var isAtEdge = row.Slope(index, Math.Sign(missing)) == 0 || shares[index] * Math.Sign(missing) > 0.99;
            return isAtEdge ? row.Spans[index].Likely : 0;
        }))).MaxBy(part => part.Gain) is { Gain: > 0 } most ? most.Consumer : "";
    }

    private sealed record ReadRow(double Read, double Error, (double Low, double Likely, double High)[] Spans)
    {
        public double Slope(int part, int sign) => sign < 0 ? Spans[part].Likely - Spans[part].Low : Spans[part].High - Spans[part].Likely;

        public double Modelled(double[] shares)
        {
            var sum = 0.0;
            for (var part = 0; part < shares.Length; part++) sum += Spans[part].Likely + (shares[part] * Slope(part, Math.Sign(shares[part])));
            return sum;
        }
    }
}
