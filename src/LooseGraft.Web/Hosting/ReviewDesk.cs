using System.Globalization;
using LooseGraft.Core;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Data;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Records;

namespace LooseGraft.Web.Hosting;

/// <summary>Reviews of grafts by revision, each worked out once whoever waits for it. A review follows from its graft alone, and no two states of a graft
/// share a revision.</summary>
public sealed class ReviewDesk(IConfiguration configuration, TimeProvider clock, IServiceScopeFactory scopes) : IDisposable
{
    /// <summary>The configuration key, and environment variable: for how many seconds a page waits for a review before it tells how far it is.</summary>
    public const string SettingKey = "PATIENCE";

    /// <summary>What a builder waits for without wondering.</summary>
    private const double UsualSeconds = 1.5;

    private const double MostSeconds = 600;

    // Grafts that are looked at in turn; any other is worked out again when it is wanted.
    private const int Most = 32;

    private readonly Recent<int, Place> _places = new(Most);

    /// <summary>For how long a page waits for a review.</summary>
    public TimeSpan Patience { get; } = TimeSpan.FromSeconds(
        double.TryParse(configuration[SettingKey], CultureInfo.InvariantCulture, out var asked) && asked is >= 0 and <= MostSeconds ? asked : UsualSeconds);

    /// <summary>The review of a graft as it stands at its revision, however long it takes.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public Task<Review> OfAsync(GraftSnapshot snapshot, CancellationToken cancellation) => Ask(snapshot).WaitAsync(cancellation);

    /// <summary>A review as it looks from the bench on this day: what is bought is held against the bin and against what was ordered, and the day against what
    /// was seen and wished.</summary>
    /// <param name="graft">The graft, by its number.</param>
    /// <param name="review">The review.</param>
    /// <param name="always">Whether the bin is wanted where nothing has been chosen yet as well.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public async Task<Review> SeenAsync(int graft, Review review, bool always, CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var orders = await scope.ServiceProvider.GetRequiredService<RecordBook>().OrdersOfAsync(graft, cancellation);
        if (review.Graft.Buying == Buying.Empty && orders.IsEmpty && !always) return review;
        var bin = await scope.ServiceProvider.GetRequiredService<BinStore>().OwnedAsync(cancellation);
        return review.SeenFrom(new Surroundings(Today, bin) { Records = orders });
    }

    /// <summary>The day at the bench.</summary>
    public DateOnly Today => DateOnly.FromDateTime(clock.GetLocalNow().DateTime);

    /// <summary>The work on that review, begun unless it is under way or done.</summary>
    public DeskJob<Review> Ask(GraftSnapshot snapshot)
        => Ask(snapshot, "", (place, work, _) =>
        {
            // What an edit leaves alone is taken over from the graft's latest review.
            var review = Review.Of(snapshot.Graft, place.Latest, work);
            if (review.IsNextCutWeighed) review.ProveListBy(work);
            return place.Latest = review;
        });

    /// <summary>The work on that review and on what goes beyond it.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="beyond">What; null for nothing.</param>
    public DeskJob<Review> Ask(GraftSnapshot snapshot, BeyondReview? beyond)
        => beyond is null ? Ask(snapshot) : Ask(snapshot, beyond.Key, (_, work, givenUp) =>
        {
            var review = Ask(snapshot).WaitAsync(givenUp).GetAwaiter().GetResult();
            work.Begin(beyond.Stage);
            beyond.Work(review, work);
            return review;
        });

    /// <summary>Gives up what is under way.</summary>
    public void Dispose()
    {
        foreach (var place in _places.All) place.GiveUp();
    }

    private DeskJob<Review> Ask(GraftSnapshot snapshot, string beyond, Func<Place, ReviewWork, CancellationToken, Review> work)
    {
        var place = _places.FindOrKeep(snapshot.Id, () => new Place());
        return place.Ask(snapshot.Revision, beyond, (told, givenUp) => work(place, told, givenUp));
    }

    /// <summary>What is known of one graft: its latest review, and the work at the revision that was asked for last.</summary>
    private sealed class Place
    {
        // Of questions beyond the review the latest; what nobody asks for any more ends by itself.
        private const int MostJobs = 8;

        private readonly List<(string Beyond, int Revision, DeskJob<Review> Job)> _jobs = [];
        private readonly Lock _gate = new();

        private volatile Review? _latest;

        public Review? Latest
        {
            get => _latest;
            set => _latest = value;
        }

        public DeskJob<Review> Ask(int revision, string beyond, Func<ReviewWork, CancellationToken, Review> work)
        {
            lock (_gate)
            {
                var at = _jobs.FindIndex(each => each.Beyond == beyond);
                if (at >= 0 && _jobs[at].Revision == revision && _jobs[at].Job.TryWant()) return _jobs[at].Job;
                // Work at another revision goes on while somebody waits for it, and ends by itself.
                if (at >= 0) _jobs.RemoveAt(at);
                if (_jobs.Count >= MostJobs) _jobs.RemoveAt(_jobs.FindIndex(each => each.Beyond.Length > 0));
                var begun = new DeskJob<Review>(work);
                _jobs.Add((beyond, revision, begun));
                return begun;
            }
        }

        public void GiveUp()
        {
            lock (_gate)
            {
                foreach (var known in _jobs) known.Job.Dispose();
            }
        }
    }
}
