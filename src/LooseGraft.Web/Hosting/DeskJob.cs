using LooseGraft.Core.Findings;

namespace LooseGraft.Web.Hosting;

/// <summary>Something worked out beside the requests that wait for it, and given up when none waits and none has asked for a while.</summary>
public sealed class DeskJob<T> : IDisposable
{
    private static readonly TimeSpan UsualInterest = TimeSpan.FromSeconds(15);

    private readonly TimeSpan _interest;
    private readonly CancellationTokenSource _unwanted = new();
    private readonly Timer _looks;
    private readonly Lock _gate = new();
    private long _asked = Environment.TickCount64;
    private int _waiting;
    private bool _isGivenUp;

    /// <param name="work">Works it out, telling how far it is, until the token is cancelled.</param>
    /// <param name="interest">For how long it goes on after it was last asked for; null for as long as a page takes to ask again, many times over.</param>
    public DeskJob(Func<ReviewWork, CancellationToken, T> work, TimeSpan? interest = null)
    {
        _interest = interest ?? UsualInterest;
        var unwanted = _unwanted.Token;
        Work = new ReviewWork(unwanted);
        // A thread of its own: what takes seconds must not keep the threads that answer requests.
        Result = Task.Factory.StartNew(() => work(Work, unwanted), unwanted, TaskCreationOptions.LongRunning, TaskScheduler.Default);
        _looks = new Timer(_ => Look());
        _looks.Change(_interest, _interest / 4);
    }

    /// <summary>How far it is.</summary>
    public ReviewWork Work { get; }

    /// <summary>What comes of it.</summary>
    public Task<T> Result { get; }

    /// <summary>Says that it is wanted still; false when it has been given up, and has to be begun anew.</summary>
    public bool TryWant()
    {
        // Asked and answered in one step: between a look and a wish it could be given up.
        lock (_gate)
        {
            _asked = Environment.TickCount64;
            return !_isGivenUp;
        }
    }

    /// <summary>Waits for it, however long it takes.</summary>
    /// <param name="cancellation">Cancelled when the reader has gone. The work goes on for others.</param>
    public async Task<T> WaitAsync(CancellationToken cancellation)
    {
        Wait(1);
        try
        {
            return await Result.WaitAsync(cancellation);
        }
        finally
        {
            Wait(-1);
        }
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

    /// <summary>Gives it up, whoever waits.</summary>
    public void Dispose()
    {
        lock (_gate) _isGivenUp |= !Result.IsCompleted;
        _looks.Dispose();
        _unwanted.Cancel();
    }

    private void Wait(int more)
    {
        lock (_gate)
        {
            _waiting += more;
            _asked = Environment.TickCount64;
        }
    }

    private void Look()
    {
        lock (_gate)
        {
            var isWanted = _waiting > 0 || Environment.TickCount64 - _asked < _interest.TotalMilliseconds;
            if (isWanted && !Result.IsCompleted) return;
            _isGivenUp |= !Result.IsCompleted;
        }

        Dispose();
    }
}
