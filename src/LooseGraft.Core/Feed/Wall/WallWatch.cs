using System.Collections.Immutable;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>A meter at the wall that is watched: every time it is looked at, it is read once more, until it was read so often that it must be enough.</summary>
/// <remarks>It reads only while somebody looks, so that nothing runs on behind a page that was closed. Safe to be looked at from several sides at once.
/// </remarks>
/// <param name="meter">The meter.</param>
/// <param name="supply">Id of the supply behind it.</param>
public sealed class WallWatch(IWallMeter meter, string supply)
{
    /// <summary>Samples that are kept: an hour by the second.</summary>
    public const int MostSamples = 3600;

    private int _isReading;
    private ImmutableArray<WallSample> _samples = [];

    /// <summary>The name of the meter.</summary>
    public string Meter => meter.Name;

    /// <summary>Id of the supply behind it.</summary>
    public string Supply => supply;

    /// <summary>What it showed so far, in order of time.</summary>
    public WallLog Log => new(_samples, [], []);

    /// <summary>Why the last reading failed; null when it did not.</summary>
    public string? Problem { get; private set; }

    /// <summary>Whether it is read no more.</summary>
    public bool IsOver { get; private set; }

    /// <summary>Reads it once more; while another is reading, not.</summary>
    public async Task LookAsync(DateTimeOffset now, CancellationToken cancellation)
    {
        if (IsOver || Interlocked.Exchange(ref _isReading, 1) == 1) return;
        try
        {
            var answer = await meter.ReadAsync(now, cancellation);
            var last = _samples.IsEmpty ? DateTimeOffset.MinValue : _samples[^1].At;
            _samples = [.. _samples, .. answer.Samples.Where(sample => sample.At > last).Take(MostSamples - _samples.Length)];
            (Problem, IsOver) = (answer.Problem, answer.IsOver || _samples.Length >= MostSamples);
        }
        finally
        {
            Volatile.Write(ref _isReading, 0);
        }
    }
}
