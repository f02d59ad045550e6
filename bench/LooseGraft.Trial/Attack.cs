namespace LooseGraft.Trial;

/// <summary>One way of doing harm to a bench, tried many times.</summary>
/// <param name="Name">What is done.</param>
/// <param name="Whole">How often it is tried by hand.</param>
/// <param name="Part">How often by the tests.</param>
public abstract record Attack(string Name, int Whole, int Part)
{
    /// <summary>No attack takes longer, however slow the machine.</summary>
    private static readonly TimeSpan Longest = TimeSpan.FromMinutes(30);

    public async Task<Tally> RunAsync(bool isShort, Action<int>? whenToldAt, CancellationToken cancellation)
    {
        using var over = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        over.CancelAfter(Longest);
        var tally = new Tally(isShort ? Part : Whole, whenToldAt);
        var root = Directory.CreateTempSubdirectory("loose-graft-trial-");
        try
        {
            await DoAsync(tally, root.FullName, over.Token);
        }
        catch (Exception exception) when (!cancellation.IsCancellationRequested)
        {
            tally.Fail($"ended before its time: {exception}");
        }

        root.Delete(recursive: true);
        return tally;
    }

    protected abstract Task DoAsync(Tally tally, string root, CancellationToken cancellation);
}
