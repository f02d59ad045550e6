using LooseGraft.Core.Feed.Wall;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Web.Instruments;

/// <summary>The meters at the wall that are watched now, one for each graft. One that nobody looks at any more is forgotten.</summary>
public sealed class WallWatches : IDisposable
{
    /// <summary>So many are watched at once.</summary>
    public const int Most = 32;

    /// <summary>How long a watch is kept that nobody looks at.</summary>
    public static readonly TimeSpan Patience = TimeSpan.FromMinutes(30);

    private readonly MemoryCache _watches = new(new MemoryCacheOptions { SizeLimit = Most });

    /// <summary>The watch of a graft; null when there is none.</summary>
    public WallWatch? Find(int graft) => _watches.Get<WallWatch>(graft);

    /// <summary>Begins to watch, in place of what was watched for this graft.</summary>
    /// <returns>The watch; null when as many are watched already as can be.</returns>
    public WallWatch? Begin(int graft, IWallMeter meter, string supply)
    {
        _watches.Set(graft, new WallWatch(meter, supply), new MemoryCacheEntryOptions { Size = 1, SlidingExpiration = Patience });
        return Find(graft);
    }

    /// <summary>Ends the watch of a graft.</summary>
    public void End(int graft) => _watches.Remove(graft);

    public void Dispose() => _watches.Dispose();
}
