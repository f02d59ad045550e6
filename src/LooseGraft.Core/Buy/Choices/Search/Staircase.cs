namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>The least cost so far for no more than so many steps.</summary>
internal sealed class Staircase
{
    private readonly SortedList<int, long> _least = [];

    /// <summary>The least; the greatest number there is for none.</summary>
    public long At(int steps) => Place(steps) is >= 0 and var at ? _least.Values[at] : long.MaxValue;

    /// <summary>One more.</summary>
    public void Put(int steps, long cost)
    {
        if (At(steps) <= cost) return;
        _least[steps] = cost;
        for (var later = _least.IndexOfKey(steps) + 1; later < _least.Count && _least.Values[later] >= cost;) _least.RemoveAt(later);
    }

    // The last place whose steps are no more; −1 for none.
    private int Place(int steps)
    {
        var (low, high) = (0, _least.Count);
        while (low < high)
        {
            var middle = (low + high) / 2;
            if (_least.Keys[middle] <= steps) low = middle + 1;
            else high = middle;
        }

        return low - 1;
    }
}
