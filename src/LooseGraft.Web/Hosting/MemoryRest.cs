namespace LooseGraft.Web.Hosting;

/// <summary>Gives memory back to the machine once the bench is quiet. The collector looks for what is no longer used when more is asked for, so what the last
/// pages were made of would stay taken until somebody asks for the next.</summary>
internal sealed class MemoryRest(TimeProvider clock) : BackgroundService
{
    /// <summary>Bytes taken between two looks by a bench that is quiet: a watched page that asks again each second stays below it.</summary>
    public const long Quiet = 2 * 1024 * 1024;

    /// <summary>Bytes taken since the last rest that are worth another one.</summary>
    public const long Worth = 64 * 1024 * 1024;

    /// <summary>How often it looks whether the bench is quiet.</summary>
    private static readonly TimeSpan Look = TimeSpan.FromSeconds(2);

    private long _seen;
    private long _rested;

    /// <summary>Whether it is time to rest.</summary>
    /// <param name="taken">Bytes that the program has taken since it was started, given back or not.</param>
    public bool IsDue(long taken)
    {
        var isQuiet = taken - _seen <= Quiet;
        _seen = taken;
        if (!isQuiet || taken - _rested < Worth) return false;
        _rested = taken;
        return true;
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var pulse = new PeriodicTimer(Look, clock);
        try
        {
            while (await pulse.WaitForNextTickAsync(stoppingToken))
            {
                if (IsDue(GC.GetTotalAllocatedBytes())) GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true);
            }
        }
        catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
        {
            // The bench is closed.
        }
    }
}
