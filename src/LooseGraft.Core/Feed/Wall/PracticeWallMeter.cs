using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>A wall meter that ships with the product: it replays idle, ordinary use, full load and a game, with noise, from a graft's own figures, and twenty
/// times as fast as they would go.</summary>
/// <param name="feed">The feeding of the graft.</param>
/// <param name="supply">The supply on the meter.</param>
/// <param name="start">When it begins.</param>
/// <param name="seed">Anything.</param>
public sealed class PracticeWallMeter(FeedReview feed, Supply supply, DateTimeOffset start, int seed) : IWallMeter
{
    /// <summary>How many seconds of it pass each time it is read.</summary>
    public const int SecondsEachTime = 20;

    private const int SecondsEach = 60;
    private const double NoiseShare = 0.015;

    private readonly ImmutableArray<WallSample> _trace = Trace(feed, supply, start, seed);
    private int _shown;

    /// <inheritdoc/>
    public string Name => "practice meter";

    /// <inheritdoc/>
    public Task<WallAnswer> ReadAsync(DateTimeOffset now, CancellationToken cancellation)
    {
        var next = Math.Min(_shown + SecondsEachTime, _trace.Length);
        var samples = _trace[_shown..next];
        _shown = next;
        return Task.FromResult(new WallAnswer(samples, IsOver: next == _trace.Length));
    }

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
