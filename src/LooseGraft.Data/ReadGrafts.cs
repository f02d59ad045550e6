namespace LooseGraft.Data;

/// <summary>Grafts already read from their documents, each as it was wanted last. No two states of a graft share a revision, so what is kept under one never
/// grows old; it is only forgotten.</summary>
public sealed class ReadGrafts
{
    private const int Most = 32;

    private readonly Recent<int, (int Revision, ReadGraft Graft)> _grafts = new(Most);

    /// <summary>A graft as it stood at a revision; null when it has to be read.</summary>
    internal ReadGraft? Find(int id, int revision) => _grafts.TryFind(id, out var kept) && kept.Revision == revision ? kept.Graft : null;

    /// <summary>Keeps a graft that stands in the database at that revision: never before its change is committed.</summary>
    internal ReadGraft Keep(int id, int revision, ReadGraft graft)
    {
        _grafts.Keep(id, (revision, graft));
        return graft;
    }
}
