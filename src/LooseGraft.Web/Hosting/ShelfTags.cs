using LooseGraft.Data;
using LooseGraft.Web.Words;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Web.Hosting;

/// <summary>The tags of the shelf by revision, so that a shelf of many grafts opens none of those that stand as they stood.</summary>
public sealed class ShelfTags(ReviewCache reviews) : IDisposable
{
    private const int Most = 4096;

    private readonly MemoryCache _tags = new(new MemoryCacheOptions { SizeLimit = Most });

    /// <summary>The tags of every graft on the shelf, the last changed first.</summary>
    public async Task<IReadOnlyList<ShelfTag>> OfAsync(GraftStore store, CancellationToken cancellation)
    {
        var tags = new List<ShelfTag>();
        foreach (var entry in await store.ShelfAsync(cancellation))
        {
            if (_tags.Get<ShelfTag>((entry.Id, entry.Revision)) is { } known) tags.Add(known);
            else if (await store.FindAsync(entry.Id, cancellation) is { } found) tags.Add(Keep(found));
        }

        return tags;
    }

    public void Dispose() => _tags.Dispose();

    private ShelfTag Keep(GraftSnapshot snapshot)
    {
        var (graft, review) = (snapshot.Graft, reviews.Of(snapshot));
        var tag = new ShelfTag(
            snapshot.Id, graft.Name, graft.Donor.Name, graft.Shell.Name, review.Stops, review.Feed.Tightest?.LeastLeftInWatts, review.Buy.Left, graft.Currency,
            review.Unproven.Length, review.NextCut.Do, SubjectLinks.To(snapshot, review.NextCut.Subject, review.NextCut.Stage));
        return _tags.Set((snapshot.Id, snapshot.Revision), tag, new MemoryCacheEntryOptions { Size = 1 });
    }
}
