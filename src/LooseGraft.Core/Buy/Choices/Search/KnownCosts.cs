using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What is cheapest of the known choices that take no longer, for every number of acts and minutes.</summary>
internal sealed class KnownCosts
{
    private const int MostWorths = 6;

    private readonly long[,] _least;
    private readonly ImmutableArray<(int Last, long Known)> _along;

    /// <param name="points">The choices by acts, steps of minutes and money.</param>
    /// <param name="acts">The most acts that any choice may have.</param>
    /// <param name="minutes">The most steps of minutes.</param>
    public KnownCosts(IEnumerable<(int Acts, int Minutes, long Money)> points, int acts, int minutes)
    {
        _least = new long[acts + 1, minutes + 1];
        for (var act = 0; act <= acts; act++)
        {
            for (var minute = 0; minute <= minutes; minute++) _least[act, minute] = long.MaxValue;
        }

        foreach (var point in points) _least[point.Acts, point.Minutes] = Math.Min(_least[point.Acts, point.Minutes], point.Money);
        for (var act = 0; act <= acts; act++)
        {
            for (var minute = 0; minute <= minutes; minute++)
            {
                if (act > 0) _least[act, minute] = Math.Min(_least[act, minute], _least[act - 1, minute]);
                if (minute > 0) _least[act, minute] = Math.Min(_least[act, minute], _least[act, minute - 1]);
            }
        }

        // Between two steps down the last number is the hardest.
        _along = acts > 0 && minutes > 0 ? []
            : [.. Enumerable.Range(0, Along).Where(count => count == Along - 1 || At(count + 1) < At(count)).Select(count => (count, At(count)))];
    }

    /// <summary>Whether a known choice is as good as anything with at least so many acts and minutes that costs at least so much.</summary>
    public bool IsBeaten(int acts, int minutes, long money) => _least[acts, minutes] <= money;

    /// <summary>The same where only one of both counts: whether that holds for every number of it from some on.</summary>
    /// <param name="from">The least number.</param>
    /// <param name="money">What anything with so many costs at least; no more with more of them.</param>
    public bool IsBeatenAlong(int from, Func<int, long> money)
    {
        foreach (var (last, known) in _along)
        {
            if (last >= from && known > money(last)) return false;
        }

        return true;
    }

    /// <summary>The same where only one of both counts: what one more of it is worth between the known choices of which no mixture of others is cheaper, a few
    /// of them.</summary>
    public ImmutableArray<long> Worths()
    {
        var hull = new List<(int Count, long Money)>();
        for (var count = 0; count < Along; count++)
        {
            if (At(count) == long.MaxValue || (hull.Count > 0 && At(count) >= hull[^1].Money)) continue;
            while (hull.Count > 1 && (hull[^1].Money - hull[^2].Money) * (double)(count - hull[^1].Count)
                >= (At(count) - hull[^1].Money) * (double)(hull[^1].Count - hull[^2].Count))
                hull.RemoveAt(hull.Count - 1);
            hull.Add((count, At(count)));
        }

        var worths = hull.Zip(hull.Skip(1), (one, next) => (one.Money - next.Money) / (next.Count - one.Count)).Distinct().ToArray();
        return [.. worths.Where((_, index) => worths.Length <= MostWorths || index % ((worths.Length + MostWorths - 1) / MostWorths) == 0)];
    }

    private int Along => Math.Max(_least.GetLength(0), _least.GetLength(1));

    private long At(int count) => _least.GetLength(0) > 1 ? _least[count, 0] : _least[0, count];
}
