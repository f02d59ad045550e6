using LooseGraft.Core;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Web.Words;

namespace LooseGraft.Web.Hosting;

/// <summary>The tags of the shelf by revision, worked out one after another beside the requests: a shelf of many grafts opens none of those that stand as
/// they stood, and no graft keeps the shelf waiting.</summary>
/// <remarks>What was on the shelf when the bench was opened is looked at at once, so that the first builder finds everything compiled and at hand.</remarks>
public sealed partial class ShelfTags(ReviewDesk reviews, BenchWatch watch, IServiceScopeFactory scopes, ILogger<ShelfTags> log) : BackgroundService
{
    private const int Most = 4096;

    private readonly Recent<int, (Seen At, ShelfTag Tag)> _tags = new(Most);
    private readonly SemaphoreSlim _asked = new(1);
    private volatile Shown? _shown;
    private TaskCompletionSource _round = new(TaskCreationOptions.RunContinuationsAsynchronously);

    /// <summary>The shelf as it stands; tags are without figures where they are not worked out yet.</summary>
    /// <param name="store">Where the grafts are.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public async Task<ShownShelf> OfAsync(GraftStore store, CancellationToken cancellation)
    {
        // Asked before anything is read, so that what is written meanwhile makes the next one read again.
        var written = watch.Written();
        if (_shown is { } shown && shown.Written == written && shown.Day == reviews.Today) return shown.Shelf;
        var shelf = await store.ShelfAsync(cancellation);
        var over = Task.Delay(reviews.Patience, cancellation);
        while (shelf.Any(entry => Known(entry) is null))
        {
            // A round that is under way may have begun before the graft was there; then the next one finds it.
            var round = Volatile.Read(ref _round).Task;
            if (_asked.CurrentCount == 0) _asked.Release();
            if (await Task.WhenAny(over, round) == over) break;
            // What somebody saved meanwhile stands at another revision, and of the one before no tag may ever come.
            written = watch.Written();
            shelf = await store.ShelfAsync(cancellation);
        }

        var found = new ShownShelf([.. shelf.Select(entry => Known(entry) ?? ShelfTag.Waiting(entry))], await store.CompostAsync(cancellation));
        if (!found.IsWaiting) _shown = new Shown(written, reviews.Today, found);
        return found;
    }

    public override void Dispose()
    {
        base.Dispose();
        _asked.Dispose();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            await _asked.WaitAsync(stoppingToken);
            try
            {
                await LookAsync(stoppingToken);
            }
            catch (Exception exception) when (!stoppingToken.IsCancellationRequested)
            {
                // The shelf goes on without figures; whoever looks next makes it try again.
                TellFailed(log, exception);
            }

            Interlocked.Exchange(ref _round, new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously)).SetResult();
        }
    }

    private async Task LookAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var store = scope.ServiceProvider.GetRequiredService<GraftStore>();
        foreach (var entry in (await store.ShelfAsync(cancellation)).Where(entry => Known(entry) is null))
        {
            try
            {
                if (await TagAsync(store, entry, cancellation) is { } tag) Keep(entry, tag);
            }
            catch (Exception exception) when (exception is not OperationCanceledException)
            {
                // One graft that cannot be read or judged says so on its tag, and no other goes without its own.
                TellFailed(log, exception);
                Keep(entry, new ShelfTag(entry.Id, entry.Name, "", "", null));
            }
        }
    }

    // A graft that takes longer is left working, and the next one is taken up.
    private async Task<ShelfTag?> TagAsync(GraftStore store, ShelfEntry entry, CancellationToken cancellation)
        => await store.FindAsync(entry.Id, cancellation) is { } snapshot && reviews.Ask(snapshot) is var job
            && await job.IsDoneWithinAsync(reviews.Patience, cancellation) && !job.Result.IsCanceled
            ? Tag(snapshot, await reviews.SeenAsync(entry.Id, await job.Result, always: false, cancellation)) : null;

    private ShelfTag? Known(ShelfEntry entry) => _tags.TryFind(entry.Id, out var kept) && kept.At == AsOf(entry) ? kept.Tag : null;

    private void Keep(ShelfEntry entry, ShelfTag tag) => _tags.Keep(entry.Id, (AsOf(entry), tag));

    private Seen AsOf(ShelfEntry entry) => new(entry.Revision, entry.Records, reviews.Today);

    private static ShelfTag Tag(GraftSnapshot snapshot, Review review)
    {
        var graft = snapshot.Graft;
        return new ShelfTag(snapshot.Id, graft.Name, graft.NameOfDonors(), graft.Shell.Name, new ShelfFigures(
            review.Stops, review.Feed.Tightest?.LeastLeftInWatts, review.Buy.Left, graft.Currency, review.Unproven.Length, review.NextCut.Do,
            SubjectLinks.To(snapshot, review.NextCut.Subject, review.NextCut.Stage)));
    }

    private sealed record Shown(long Written, DateOnly Day, ShownShelf Shelf);

    // What a tag tells follows from the graft, from what was ordered for it, and from the day.
    private readonly record struct Seen(int Revision, int Records, DateOnly Day);

    [LoggerMessage(LogLevel.Error, "What the shelf tells could not be worked out")]
    private static partial void TellFailed(ILogger log, Exception exception);
}
