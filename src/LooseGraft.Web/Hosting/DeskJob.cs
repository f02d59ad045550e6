using LooseGraft.Core.Findings;

namespace LooseGraft.Web.Hosting;

/// <summary>Something worked out beside the requests that wait for it, and given up when none has asked for a while.</summary>
public sealed class DeskJob<T> : IDisposable
{
    private static readonly TimeSpan UsualInterest = TimeSpan.FromSeconds(15);

    private readonly TimeSpan _interest;
    private readonly CancellationTokenSource _unwanted;
    private readonly Lock _gate = new();
    private bool _isOver;

    /// <param name="work">Works it out, telling how far it is, until the token is cancelled.</param>
    /// <param name="interest">For how long it goes on after it was last asked for; null for as long as a page takes to ask again, many times over.</param>
    public DeskJob(Func<ReviewWork, CancellationToken, T> work, TimeSpan? interest = null)
    {
        _interest = interest ?? UsualInterest;
        _unwanted = new CancellationTokenSource(_interest);
        Work = new ReviewWork(_unwanted.Token);
        // A thread of its own: what takes seconds must not keep the threads that answer requests.
        Result = Task.Factory.StartNew(() => Do(work), _unwanted.Token, TaskCreationOptions.LongRunning, TaskScheduler.Default);
    }

    /// <summary>How far it is.</summary>
    public ReviewWork Work { get; }

    /// <summary>What comes of it.</summary>
    public Task<T> Result { get; }

    /// <summary>Whether it has come to something, or may still.</summary>
    public bool IsAlive => Result.IsCompleted ? !Result.IsCanceled : !_unwanted.IsCancellationRequested;

    /// <summary>Says that it is still wanted.</summary>
    public void Want()
    {
        lock (_gate)
        {
            if (!_isOver) _unwanted.CancelAfter(_interest);
        }
    }

    /// <summary>Waits for it, however long it takes.</summary>
    /// <param name="cancellation">Cancelled when the reader has gone. The work goes on for others.</param>
    public async Task<T> WaitAsync(CancellationToken cancellation)
    {
        while (!await IsDoneWithinAsync(_interest / 3, cancellation)) Want();
        return await Result;
    }

    /// <summary>Whether it is done, or becomes so in time.</summary>
    public async Task<bool> IsDoneWithinAsync(TimeSpan patience, CancellationToken cancellation)
    {
        if (Result.IsCompleted) return true;
        using var over = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
        var first = await Task.WhenAny(Result, Task.Delay(patience, over.Token));
        await over.CancelAsync();
        cancellation.ThrowIfCancellationRequested();
        return first == Result;
    }

    public void Dispose()
    {
        lock (_gate)
        {
            _isOver = true;
            _unwanted.Dispose();
        }
    }

    private T Do(Func<ReviewWork, CancellationToken, T> work)
    {
        try
        {
            return work(Work, _unwanted.Token);
        }
        finally
        {
            Dispose();
        }
    }
}
