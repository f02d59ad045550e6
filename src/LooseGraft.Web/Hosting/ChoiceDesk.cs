using LooseGraft.Core;
using LooseGraft.Core.Buy.Choices;
using LooseGraft.Core.Findings;
using LooseGraft.Data;

namespace LooseGraft.Web.Hosting;

/// <summary>What could be bought for the grafts on the bench, weighed once for each state of a graft and of what lies around it.</summary>
public sealed class ChoiceDesk(ILogger<ChoiceDesk> log) : IDisposable
{
    /// <summary>For how long a page waits for it before it shows that it is under way: less than a builder notices.</summary>
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(0.3);

    // Grafts that are bought for in turn; any other is weighed again when it is wanted.
    private const int Most = 16;

    private readonly Recent<int, Place> _places = new(Most);

    /// <summary>The choices for a graft as it stands, as far as they are weighed.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="review">Its review, as it looks from the bench.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public Task<Weighed<GraftChoice>> ChoiceAsync(GraftSnapshot snapshot, Review review, CancellationToken cancellation)
        => WaitAsync(PlaceOf(snapshot).Choice(snapshot.Revision, review), cancellation);

    /// <summary>What each thing costs the whole, as far as that is worked out.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="review">Its review, as it looks from the bench.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public Task<Weighed<ThingPrices>> PricesAsync(GraftSnapshot snapshot, Review review, CancellationToken cancellation)
        => WaitAsync(PlaceOf(snapshot).Prices(snapshot.Revision, review), cancellation);

    /// <summary>Stops weighing for a graft until somebody wants it again.</summary>
    public void Stop(GraftSnapshot snapshot) => PlaceOf(snapshot).Stop();

    /// <summary>Weighs for a graft again.</summary>
    public void Begin(GraftSnapshot snapshot) => PlaceOf(snapshot).Begin();

    /// <summary>Gives up what is under way.</summary>
    public void Dispose()
    {
        foreach (var place in _places.All) place.Stop();
    }

    private Place PlaceOf(GraftSnapshot snapshot) => _places.FindOrKeep(snapshot.Id, () => new Place());

    private async Task<Weighed<T>> WaitAsync<T>(DeskJob<T>? job, CancellationToken cancellation)
        where T : class
    {
        if (job is null) return Weighed<T>.NotAsked;
        var isOver = await job.IsDoneWithinAsync(Patience, cancellation);
        if (job.Result.IsCompletedSuccessfully) return new Weighed<T>(await job.Result, WeighedState.Done, "");
        // Given up because the graft stands otherwise by now: the next look begins anew.
        if (!isOver || job.Result.IsCanceled) return new Weighed<T>(null, WeighedState.UnderWay, job.Work.Step?.Words ?? "");
        log.LogError(job.Result.Exception, "Choices could not be weighed");
        return new Weighed<T>(null, WeighedState.Failed, "");
    }

    /// <summary>What is weighed for one graft: only for its state that was asked about last.</summary>
    private sealed class Place
    {
        private readonly Lock _gate = new();
        private (int Revision, Surroundings Around)? _state;
        private DeskJob<GraftChoice>? _choice;
        private DeskJob<ThingPrices>? _prices;
        private bool _isStopped;

        public DeskJob<GraftChoice>? Choice(int revision, Review review)
        {
            lock (_gate)
            {
                Turn(revision, review);
                return _isStopped ? null : _choice = Wanted(_choice, work => GraftChoice.Of(review.Graft, review, work));
            }
        }

        public DeskJob<ThingPrices>? Prices(int revision, Review review)
        {
            lock (_gate)
            {
                Turn(revision, review);
                return _isStopped ? null : _prices = Wanted(_prices, work => ThingPrices.Of(review.Graft, review, work));
            }
        }

        public void Stop()
        {
            lock (_gate)
            {
                _isStopped = true;
                Clear();
            }
        }

        public void Begin()
        {
            lock (_gate)
            {
                _isStopped = false;
                // What failed is tried again.
                Clear();
            }
        }

        private static DeskJob<T> Wanted<T>(DeskJob<T>? known, Func<ReviewWork, T> weigh)
            => known is not null && known.TryWant() ? known : new DeskJob<T>((work, _) =>
            {
                work.Begin(Stage.Buy);
                return weigh(work);
            });

        private void Turn(int revision, Review review)
        {
            if (_state == (revision, review.Around)) return;
            _state = (revision, review.Around);
            Clear();
        }

        private void Clear()
        {
            _choice?.Dispose();
            _prices?.Dispose();
            (_choice, _prices) = (null, null);
        }
    }
}
