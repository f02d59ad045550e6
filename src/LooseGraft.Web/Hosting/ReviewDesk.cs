using System.Globalization;
using LooseGraft.Core;
using LooseGraft.Core.Findings;
using LooseGraft.Data;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Web.Hosting;

/// <summary>Reviews of grafts by revision, each worked out once whoever waits for it. A review follows from its graft alone, and no two states of a graft
/// share a revision.</summary>
public sealed class ReviewDesk(IConfiguration configuration) : IDisposable
{
    /// <summary>The configuration key, and environment variable: for how many seconds a page waits for a review before it tells how far it is.</summary>
    public const string SettingKey = "PATIENCE";

    /// <summary>What a builder waits for without wondering.</summary>
    private const double UsualSeconds = 1.5;

    private const double MostSeconds = 600;

    private const int Most = 64;

    private readonly MemoryCache _jobs = new(new MemoryCacheOptions { SizeLimit = Most });
    private readonly Lock _gate = new();

    /// <summary>For how long a page waits for a review.</summary>
    public TimeSpan Patience { get; } = TimeSpan.FromSeconds(
        double.TryParse(configuration[SettingKey], CultureInfo.InvariantCulture, out var asked) && asked is >= 0 and <= MostSeconds ? asked : UsualSeconds);

    /// <summary>The review of a graft as it stands at its revision, however long it takes.</summary>
    /// <param name="snapshot">The graft.</param>
    /// <param name="cancellation">Cancelled when the reader has gone.</param>
    public Task<Review> OfAsync(GraftSnapshot snapshot, CancellationToken cancellation) => Ask(snapshot).WaitAsync(cancellation);

    /// <summary>The work on that review, begun unless it is under way or done.</summary>
    public DeskJob<Review> Ask(GraftSnapshot snapshot)
        => Ask((snapshot.Id, snapshot.Revision, IsWeighed: false), (work, _) =>
        {
            // Beside each revision's review stands the graft's latest, from which the next takes over what an edit leaves alone.
            var review = Review.Of(snapshot.Graft, _jobs.Get<Review>(snapshot.Id), work);
            if (review.IsNextCutWeighed) review.ProveListBy(work);
            _jobs.Set(snapshot.Id, review, new MemoryCacheEntryOptions { Size = 1 });
            return review;
        });

    /// <summary>The work on that review with its prove list.</summary>
    public DeskJob<Review> AskWeighed(GraftSnapshot snapshot)
        => Ask((snapshot.Id, snapshot.Revision, IsWeighed: true), (work, givenUp) =>
        {
            var review = Ask(snapshot).WaitAsync(givenUp).GetAwaiter().GetResult();
            review.ProveListBy(work);
            return review;
        });

    public void Dispose() => _jobs.Dispose();

    private DeskJob<Review> Ask((int Id, int Revision, bool IsWeighed) key, Func<ReviewWork, CancellationToken, Review> work)
    {
        lock (_gate)
        {
            if (_jobs.Get<DeskJob<Review>>(key) is { IsAlive: true } known)
            {
                known.Want();
                return known;
            }

            return _jobs.Set(key, new DeskJob<Review>(work), new MemoryCacheEntryOptions { Size = 1 });
        }
    }
}
