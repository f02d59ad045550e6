namespace LooseGraft.Data.History;

/// <summary>Finds the way from one change of a graft to another.</summary>
internal sealed class ChangeTree(IEnumerable<ChangeEntry> changes)
{
    private readonly Dictionary<int, ChangeEntry> _byId = changes.ToDictionary(change => change.Id);

    public bool Contains(int id) => _byId.ContainsKey(id);

    /// <summary>The splices that lead from the state after one change to the state after another; null stands for the beginning.</summary>
    public IEnumerable<TextSplice> Way(int? from, int? to)
    {
        var up = Ancestry(from).ToList();
        var down = Ancestry(to).ToList();
        while (up.Count > 0 && down.Count > 0 && up[^1] == down[^1])
        {
            up.RemoveAt(up.Count - 1);
            down.RemoveAt(down.Count - 1);
        }

        down.Reverse();
        return up.Select(change => change.Splice.Inverse).Concat(down.Select(change => change.Splice));
    }

    /// <summary>The change that redo leads to: the newest made upon this state.</summary>
    public ChangeEntry? NewestUpon(int? id) => _byId.Values.Where(change => change.ParentId == id).MaxBy(change => change.Id);

    /// <summary>A change and all it was made upon, newest first.</summary>
    public IEnumerable<ChangeEntry> Ancestry(int? id)
    {
        while (id is { } at)
        {
            yield return _byId[at];
            id = _byId[at].ParentId;
        }
    }
}
