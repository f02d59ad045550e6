using System.Collections.Immutable;
using LooseGraft.Core.Buy.Fits;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Packs of one group that are bought, and how much of its needs they leave open.</summary>
internal sealed class Bought
{
    private readonly ChoiceProblem _problem;
    private readonly int[] _needs;

    // What is open beside what serves one need alone, and beside everything.
    private readonly int[] _alone;
    private readonly int[] _open;
    private readonly ImmutableArray<(int Pack, int Count)> _packs;

    // What would do for several needs, with the places of those needs, and to which place some of it goes.
    private readonly ImmutableArray<(int Count, int[] Places)> _shared;
    private readonly ImmutableArray<(int Shared, int Place)> _given;

    /// <param name="problem">What is to be chosen.</param>
    /// <param name="needs">The needs of the group.</param>
    /// <param name="open">How much of each is open, in that order.</param>
    public Bought(ChoiceProblem problem, int[] needs, int[] open)
        : this(problem, needs, open, [], [])
    {
    }

    private Bought(ChoiceProblem problem, int[] needs, int[] alone, ImmutableArray<(int, int)> packs, ImmutableArray<(int Count, int[] Places)> shared)
    {
        (_problem, _needs, _alone, _packs, _shared, _open, _given) = (problem, needs, alone, packs, shared, alone, []);
        if (shared.IsEmpty) return;
        var gifts = Allotment.Of([.. shared.Select(each => each.Count)], alone,
            (stock, need) => shared[stock].Places.Contains(need) ? FitGrade.Fits : FitGrade.No);
        _open = [.. alone.Select((open, place) => open - gifts.Where(gift => gift.Need == place).Sum(gift => gift.Amount))];
        _given = [.. gifts.Select(gift => (gift.Stock, gift.Need))];
    }

    /// <summary>Whether nothing is open.</summary>
    public bool IsDone => Array.TrueForAll(_open, open => open == 0);

    /// <summary>The places in the group of the needs that are open.</summary>
    public IEnumerable<int> Open => Enumerable.Range(0, _open.Length).Where(place => _open[place] > 0);

    /// <summary>How many are bought of which pack.</summary>
    public ImmutableArray<(int Pack, int Count)> Packs => _packs;

    /// <summary>How much is open of a need, by its place in the group.</summary>
    public int OpenAt(int place) => _open[place];

    /// <summary>The places of needs from which something could be given over to an open one, its own first: whatever serves any of them serves it.</summary>
    public bool[] Around(int place)
    {
        var around = new bool[_needs.Length];
        around[place] = true;
        for (var hasMore = !_given.IsEmpty; hasMore;)
        {
            hasMore = false;
            foreach (var (shared, other) in _given)
            {
                if (around[other] || !_shared[shared].Places.Any(each => around[each])) continue;
                around[other] = hasMore = true;
            }
        }

        return around;
    }

    /// <summary>How much of what is in a pack serves a need at one of those places.</summary>
    public int Serves(int pack, bool[] around)
    {
        var sum = 0;
        foreach (var content in _problem.Packs[pack].Contents)
        {
            foreach (var need in content.Needs)
            {
                if (!around[PlaceOf(need)]) continue;
                sum += content.Count;
                break;
            }
        }

        return sum;
    }

    /// <summary>How many packs with such a content could serve anything by it: each piece closes no more than one.</summary>
    public int MostOf(ChoiceContent content)
        => content.Needs switch
        {
            [] => 0,
            [var single] when _shared.IsEmpty => Pieces(_open[PlaceOf(single)], content.Count),
            _ => Pieces(_open.Sum(), content.Count),
        };

    /// <summary>The same with so many packs more.</summary>
    public Bought With(int pack, int count)
    {
        if (count == 0) return this;
        var alone = (int[])_alone.Clone();
        var shared = _shared.ToBuilder();
        foreach (var content in _problem.Packs[pack].Contents)
        {
            var pieces = (int)Math.Min(int.MaxValue / 4, (long)content.Count * count);
            if (content.Needs is [var single]) alone[PlaceOf(single)] = Math.Max(0, alone[PlaceOf(single)] - pieces);
            else if (!content.Needs.IsEmpty) shared.Add((pieces, [.. content.Needs.Select(PlaceOf)]));
        }

        return new Bought(_problem, _needs, alone, _packs.Add((pack, count)), shared.ToImmutable());
    }

    private static int Pieces(int open, int count) => (open + count - 1) / count;

    private int PlaceOf(int need) => Array.IndexOf(_needs, need);
}
