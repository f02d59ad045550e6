using System.Collections.Concurrent;

namespace LooseGraft.Trial;

/// <summary>What came of an attack so far; many may add to it at once.</summary>
/// <param name="planned">How often it is to be tried.</param>
/// <param name="whenToldAt">Told how many tries have been made, now and then.</param>
public sealed class Tally(int planned, Action<int>? whenToldAt = null)
{
    private readonly ConcurrentQueue<string> _failures = new();
    private int _tries;

    public int Planned => planned;

    public int Tries => _tries;

    /// <summary>Each thing that went wrong, in words.</summary>
    public IReadOnlyCollection<string> Failures => _failures;

    /// <summary>What was measured, or why it could not be tried.</summary>
    public string Note { get; set; } = "";

    public void Tried()
    {
        var tries = Interlocked.Increment(ref _tries);
        if (tries % Math.Max(1, planned / 20) == 0) whenToldAt?.Invoke(tries);
    }

    /// <summary>The longest that anything took, in seconds.</summary>
    public double Slowest { get; private set; }

    /// <summary>Looks how long something took that began at a time stamp.</summary>
    public void Took(long began, TimeSpan most, string what)
    {
        var took = TimeProvider.System.GetElapsedTime(began);
        if (took > most) Fail($"{what} took {took.TotalSeconds:0.0} s");
        lock (_failures) Slowest = Math.Max(Slowest, took.TotalSeconds);
    }

    public void Fail(string words) => _failures.Enqueue(words);

    /// <summary>One try that is right or wrong.</summary>
    public void Try(bool isRight, string words)
    {
        if (!isRight) Fail(words);
        Tried();
    }
}
