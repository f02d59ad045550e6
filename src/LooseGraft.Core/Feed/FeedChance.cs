using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>How likely the peak is to exceed a limit, from the ranges of the figures.</summary>
/// <param name="Share">Probability, 0 to 1.</param>
/// <param name="Error">How far it may be off either way, in 19 runs of 20; 0 where the ranges leave no doubt.</param>
/// <remarks>
/// Each current at peak is taken as triangular over low, likely and high, independently of the others, and drawn <see cref="Draws"/> times from a seed that follows from its
/// subject, so that the order of parts never matters and a graft always gets the same answer. Error by Hoeffding's inequality, which asks nothing of the distribution:
/// √(ln(2 / 0.05) / 2n). That everything peaks at once is part of the assumption; so the chance is rather too high than too low.
/// </remarks>
public readonly record struct FeedChance(double Share, double Error)
{
    /// <summary>Draws of each current.</summary>
    public const int Draws = 1000;

    private static readonly double Hoeffding = Math.Sqrt(Math.Log(2 / 0.05) / (2.0 * Draws));

    /// <summary>The chance for one limit.</summary>
    /// <param name="limit">The limit.</param>
    /// <param name="voltage">The voltage of each rail that counts against it.</param>
    public static FeedChance Of(FeedLimit limit, Func<string, Volts> voltage)
    {
        var used = limit.In(LoadCase.Peak).Used;
        if (used.High <= limit.Limit.Value) return new FeedChance(0, 0);
        if (used.Low > limit.Limit.Value) return new FeedChance(1, 0);
        var sums = new double[Draws];
        foreach (var flow in limit.Counted) AddDraws(sums, flow, Math.Abs(voltage(flow.Rail).Value));
        return new FeedChance((double)sums.Count(sum => sum > limit.Limit.Value.Value) / Draws, Hoeffding);
    }

    private static void AddDraws(double[] sums, FeedFlow flow, double volts)
    {
        var (low, likely, high) = (flow.At(LoadCase.Peak).Low.Value, flow.At(LoadCase.Peak).Likely.Value, flow.At(LoadCase.Peak).High.Value);
        var state = Seed(flow.Subject.Text);
        var width = high - low;
        var turn = width > 0 ? (likely - low) / width : 0;
        for (var index = 0; index < sums.Length; index++)
        {
            // The inverse of the triangular distribution.
            var uniform = Next(ref state);
            sums[index] += volts * (width <= 0 ? low
                : uniform < turn ? low + Math.Sqrt(uniform * width * (likely - low))
                : high - Math.Sqrt((1 - uniform) * width * (high - likely)));
        }
    }

    // FNV-1a, then xorshift64*: the same on every machine and in every version of the runtime, which Random and string hashes are not.
    private static ulong Seed(string text)
    {
        var hash = 14695981039346656037UL;
        foreach (var letter in text) hash = (hash ^ letter) * 1099511628211UL;
        return hash | 1;
    }

    private static double Next(ref ulong state)
    {
        state ^= state >> 12;
        state ^= state << 25;
        state ^= state >> 27;
        return (state * 2685821657736338717UL >> 11) / (double)(1UL << 53);
    }
}
