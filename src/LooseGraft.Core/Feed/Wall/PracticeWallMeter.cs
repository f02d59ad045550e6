using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>A wall meter that ships with the product: it replays idle, one load, both, and a game, with noise, from a graft's own figures.</summary>
public static class PracticeWallMeter
{
    private const int SecondsEach = 60;
    private const double NoiseShare = 0.015;

    /// <summary>Four minutes of samples, one a second: idle, ordinary use, full load, a game that goes up and down. The same seed gives the same
    /// trace.</summary>
    /// <param name="feed">The feeding of the graft.</param>
    /// <param name="supply">The supply on the meter.</param>
    /// <param name="start">When it begins.</param>
    /// <param name="seed">Anything.</param>
    public static ImmutableArray<WallSample> Trace(FeedReview feed, Supply supply, DateTimeOffset start, int seed)
    {
        var random = new Random(seed);
        double Wall(LoadCase loadCase) => feed.Flows.Taken(supply, loadCase).Likely.Value;
        var (idle, typical, peak) = (Wall(LoadCase.Idle), Wall(LoadCase.Typical), Wall(LoadCase.Peak));
        return [.. Enumerable.Range(0, 4 * SecondsEach).Select(second =>
        {
            var steady = (second / SecondsEach) switch
            {
                0 => idle,
                1 => typical,
                2 => peak,
                _ => typical + ((peak - typical) * (0.5 + (0.5 * Math.Sin(second / 7.0)))),
            };
            return new WallSample(start.AddSeconds(second), new Watts(Math.Max(0, steady * (1 + (NoiseShare * ((2 * random.NextDouble()) - 1))))));
        })];
    }
}
