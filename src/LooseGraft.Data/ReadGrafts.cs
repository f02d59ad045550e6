using LooseGraft.Core.Model;
using Microsoft.Extensions.Caching.Memory;

namespace LooseGraft.Data;

/// <summary>Grafts already read from their documents. No two states of a graft share a revision, so what is kept under one never grows old; it is only
/// forgotten.</summary>
public sealed class ReadGrafts : IDisposable
{
    private const int Most = 128;

    private readonly MemoryCache _grafts = new(new MemoryCacheOptions { SizeLimit = Most });

    /// <summary>A graft as it stood at a revision; null when it has to be read.</summary>
    public Graft? Find(int id, int revision) => _grafts.Get<Graft>((id, revision));

    /// <summary>Keeps a graft that stands in the database at that revision: never before its change is committed.</summary>
    public Graft Keep(int id, int revision, Graft graft) => _grafts.Set((id, revision), graft, new MemoryCacheEntryOptions { Size = 1 });

    /// <inheritdoc/>
    public void Dispose() => _grafts.Dispose();
}
