namespace LooseGraft.Data.History;

/// <summary>Finds the way from one change of a graft to another.</summary>
/// <param name="parents">Every change of the graft with the one it was made upon; null for one made upon the graft as it began.</param>
internal sealed class ChangeTree(IReadOnlyDictionary<int, int?> parents)
{
    public bool Contains(int id) => parents.ContainsKey(id);

    /// <summary>The change that a change was made upon; null for the beginning.</summary>
    public int? ParentOf(int? id) => id is { } known ? parents[known] : null;

    /// <summary>The changes to unmake and to make, in order, that lead from the state after one change to the state after another; null stands for the
    /// beginning.</summary>
    public IReadOnlyList<(int Id, bool IsBack)> Way(int? from, int? to)
    {
        var up = Ancestry(from).ToList();
        var down = Ancestry(to).ToList();
        while (up.Count > 0 && down.Count > 0 && up[^1] == down[^1])
        {
            up.RemoveAt(up.Count - 1);
            down.RemoveAt(down.Count - 1);
        }

        down.Reverse();
        return [.. up.Select(id => (id, true)), .. down.Select(id => (id, false))];
    }

    /// <summary>The change that redo leads to: the newest made upon this state; null when there is none.</summary>
    public int? NewestUpon(int? id) => parents.Where(change => change.Value == id).Select(change => (int?)change.Key).Max();

    /// <summary>A change and all it was made upon, newest first.</summary>
    public IEnumerable<int> Ancestry(int? id)
    {
        for (var at = id; at is { } known; at = parents[known]) yield return known;
    }
}
