namespace LooseGraft.Web.Hosting;

/// <summary>Gives memory back to the machine once the bench is quiet. The collector looks for what is no longer used when more is asked for, so what the last
/// pages were made of would stay taken until somebody asks for the next.</summary>
/// <param name="clock">When to look.</param>
/// <param name="taken">Bytes that the program has taken since it was started, given back or not.</param>
/// <param name="giveBack">Gives back what is no longer used.</param>
internal sealed class MemoryRest(TimeProvider clock, Func<long> taken, Action giveBack) : BackgroundService
{
    /// <summary>Bytes taken between two looks by a bench that is quiet: a page or two at most.</summary>
    public const long Quiet = 2 * 1024 * 1024;

    /// <summary>Bytes taken since the last rest that are worth another one.</summary>
    public const long Worth = 64 * 1024 * 1024;

    /// <summary>How often it looks whether the bench is quiet.</summary>
    public static readonly TimeSpan Look = TimeSpan.FromSeconds(2);

    private readonly PeriodicTimer _pulse = new(Look, clock);
    private long _seen;
    private long _rested;

    /// <summary>Of this process.</summary>
    public static MemoryRest OfProcess(TimeProvider clock)
        => new(clock, () => GC.GetTotalAllocatedBytes(), () => GC.Collect(GC.MaxGeneration, GCCollectionMode.Aggressive, blocking: true, compacting: true));

    public override void Dispose()
    {
        _pulse.Dispose();
        base.Dispose();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            while (await _pulse.WaitForNextTickAsync(stoppingToken))
                LookRound(taken());
        }
        catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
        {
            // The bench is closed.
        }
    }

    private void LookRound(long now)
    {
        var isQuiet = now - _seen <= Quiet;
        _seen = now;
        if (!isQuiet || now - _rested < Worth) return;
        _rested = now;
        giveBack();
    }
}
