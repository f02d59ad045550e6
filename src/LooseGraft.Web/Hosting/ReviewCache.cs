using LooseGraft.Core;
using LooseGraft.Data;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Web.Hosting;

/// <summary>Reviews of grafts by revision. A review follows from its graft alone, and no two states of a graft share a revision.</summary>
public sealed class ReviewCache : IDisposable
{
    private const int Most = 64;

    private readonly MemoryCache _reviews = new(new MemoryCacheOptions { SizeLimit = Most });

    // Beside each revision's review stands the graft's latest, from which the next takes over what an edit leaves alone.
    /// <summary>The review of a graft as it stands at its revision.</summary>
    public Review Of(GraftSnapshot snapshot)
        => _reviews.GetOrCreate((snapshot.Id, snapshot.Revision), entry =>
        {
            entry.Size = 1;
            var review = Review.Of(snapshot.Graft, _reviews.Get<Review>(snapshot.Id));
            _reviews.Set(snapshot.Id, review, new MemoryCacheEntryOptions { Size = 1 });
            return review;
        })!;

    public void Dispose() => _reviews.Dispose();
}
