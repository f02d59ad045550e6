using System.Collections.Concurrent;
using System.Net;

namespace LooseGraft.Trial;

/// <summary>Builders who save one edit after another, each in a graft of the demo of their own, and remember what was acknowledged.</summary>
public sealed class Writers : IDisposable
{
    public const int Grafts = 4;

    private readonly Visitor[] _visitors;
    private readonly CancellationTokenSource _over;
    private readonly ConcurrentDictionary<int, int> _acknowledged = new();
    private readonly ConcurrentQueue<string> _refused = new();
    private int _saved;
    private Task _work = Task.CompletedTask;

    public Writers(Uri at, CancellationToken cancellation)
    {
        _visitors = [.. Enumerable.Range(0, Grafts).Select(_ => new Visitor(at))];
        _over = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
    }

    /// <summary>Answers that were no acknowledgement, where each had to be one.</summary>
    public IReadOnlyCollection<string> Refused => _refused;

    /// <summary>How many were acknowledged.</summary>
    public int Saved => _saved;

    /// <summary>The last number of each graft that was acknowledged.</summary>
    public IReadOnlyDictionary<int, int> Acknowledged => _acknowledged.ToDictionary();

    /// <summary>Begins, and waits until each has saved once.</summary>
    public async Task BeginAsync(CancellationToken cancellation)
    {
        _work = Task.WhenAll(Enumerable.Range(1, Grafts).Select(WriteAsync));
        while (_acknowledged.Count < Grafts && !_work.IsCompleted) await Task.Delay(10, cancellation);
    }

    public async Task EndAsync()
    {
        await _over.CancelAsync();
        await _work;
    }

    public void Dispose()
    {
        _over.Dispose();
        foreach (var visitor in _visitors) visitor.Dispose();
    }

    private async Task WriteAsync(int graft)
    {
        var visitor = _visitors[graft - 1];
        try
        {
            var number = await visitor.AimedAsync(graft, _over.Token);
            for (var revision = await visitor.RevisionAsync(graft, _over.Token); ; revision++)
            {
                using var answer = await visitor.AimAsync(graft, revision, ++number, _over.Token);
                if (answer.StatusCode == HttpStatusCode.Redirect)
                {
                    _acknowledged[graft] = number;
                    Interlocked.Increment(ref _saved);
                }
                else _refused.Enqueue($"graft {graft} upon revision {revision}: {(int)answer.StatusCode}");
            }
        }
        catch (Exception exception) when (exception is HttpRequestException or IOException or OperationCanceledException)
        {
            // The bench was killed, or it is enough.
        }
    }
}
