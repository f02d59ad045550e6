using System.Collections.Immutable;
using System.Numerics;
using System.Runtime.InteropServices;

namespace LooseGraft.Core.Feed;

/// <summary>How likely the peak is to exceed a limit, from the ranges of the figures.</summary>
/// <param name="Share">Probability, 0 to 1.</param>
/// <param name="Error">How far it may be off either way, in 19 runs of 20; 0 where the ranges leave no doubt.</param>
/// <remarks>
/// Each current at peak is taken as triangular over low, likely and high, independently of the others, and drawn <see cref="Draws"/> times from a seed that
/// follows from its subject, so that the order of parts never matters and a graft always gets the same answer. Error by Hoeffding's inequality, which asks
/// nothing of the distribution: √(ln(2 / 0.05) / 2n). That everything peaks at once is part of the assumption; so the chance is rather too high than too low.
/// </remarks>
public readonly record struct FeedChance(double Share, double Error)
{
    /// <summary>Draws of each current.</summary>
    public const int Draws = 1000;

    private static readonly double Hoeffding = Math.Sqrt(Math.Log(2 / 0.05) / (2.0 * Draws));

    /// <summary>The chance for one limit.</summary>
    public static FeedChance Of(FeedLimit limit) => Of(limit, []);

    /// <summary>The chances for all limits of a supply, in their order; each current is drawn once for all of them.</summary>
    public static ImmutableArray<FeedChance> OfAll(SupplyReview supply)
    {
        var drawn = new Dictionary<FeedFlow, double[]>(ReferenceEqualityComparer.Instance);
        return [.. supply.Limits.Select(limit => Of(limit, drawn))];
    }

    private static FeedChance Of(FeedLimit limit, Dictionary<FeedFlow, double[]> drawn)
    {
        var used = limit.In(LoadCase.Peak).Used;
        if (used.High <= limit.Limit.Value) return new FeedChance(0, 0);
        if (used.Low > limit.Limit.Value) return new FeedChance(1, 0);
        var sums = new double[Draws];
        foreach (var (flow, weight) in limit.Counted)
        {
            if (!drawn.TryGetValue(flow, out var amps)) drawn[flow] = amps = Draw(flow);
            Add(sums, amps, weight);
        }

        var most = limit.Limit.Value.Value;
        return new FeedChance((double)sums.Count(sum => Math.Abs(sum) > most) / Draws, Hoeffding);
    }

    private static double[] Draw(FeedFlow flow)
    {
        var peak = flow.At(LoadCase.Peak);
        var (low, likely, high) = (peak.Low.Value, peak.Likely.Value, peak.High.Value);
        var amps = new double[Draws];
        var width = high - low;
        if (width <= 0)
        {
            Array.Fill(amps, low);
            return amps;
        }

        var seed = SeededDraws.Seed(flow.Subject.Text);
        for (var index = 0; index < amps.Length; index++) amps[index] = SeededDraws.Uniform(seed, (ulong)index);
        Triangular(amps, low, high, (likely - low) / width, width * (likely - low), width * (high - likely));
        return amps;
    }

    private static void Add(Span<double> sums, ReadOnlySpan<double> amps, double weight)
    {
        var into = MemoryMarshal.Cast<double, Vector<double>>(sums);
        var from = MemoryMarshal.Cast<double, Vector<double>>(amps);
        for (var index = 0; index < into.Length; index++) into[index] += weight * from[index];
    }

    // The inverse of the triangular distribution, in place, as many at once as the machine's registers hold; 1,000 is a multiple of every such number up to 8.
    private static void Triangular(Span<double> uniforms, double low, double high, double turn, double rising, double falling)
    {
        foreach (ref var uniform in MemoryMarshal.Cast<double, Vector<double>>(uniforms))
        {
            var isBelow = Vector.LessThan(uniform, new Vector<double>(turn));
            var root = Vector.SquareRoot(Vector.ConditionalSelect(isBelow, uniform * rising, (Vector<double>.One - uniform) * falling));
            uniform = Vector.ConditionalSelect(isBelow, new Vector<double>(low) + root, new Vector<double>(high) - root);
        }
    }
}
