using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Finds the packs of one group that meet what is open of its needs: the cheapest, and those that may become so by saving postage.</summary>
/// <remarks>Branch and bound: on how many are bought of a pack for the open need with the fewest packs left. What is bought is given out by augmenting, so that
/// what would do for two needs goes where nothing else does. Exact while the work lasts; what it costs still at least is what each open need must pay of the
/// price of a pack, if all the open needs that the pack serves pay alike.</remarks>
internal sealed class PackCover
{
    private readonly ChoiceProblem _problem;
    private readonly FreePostage _postage;
    private readonly ChoiceWork _work;
    private readonly int[] _needs;
    private readonly int[] _packs;
    private readonly Dictionary<int[], ImmutableArray<CoverOption>> _known = new(Amounts<int>.Comparer);
    private readonly Dictionary<int[], long?> _least = new(Amounts<int>.Comparer);
    private readonly List<CoverOption> _found = [];

    /// <param name="problem">What is to be chosen.</param>
    /// <param name="postage">The sellers of the set.</param>
    /// <param name="needs">The needs of the group.</param>
    /// <param name="packs">The packs of the group that the set of sellers has.</param>
    /// <param name="work">What it may do.</param>
    public PackCover(ChoiceProblem problem, FreePostage postage, int[] needs, int[] packs, ChoiceWork work)
    {
        (_problem, _postage, _work, _needs, _packs) = (problem, postage, work, needs, packs);
    }

    /// <summary>The packs that meet so much of each need, in the order of the group's needs; empty where nothing does.</summary>
    public ImmutableArray<CoverOption> Of(int[] open)
    {
        if (_known.TryGetValue(open, out var known)) return known;
        _found.Clear();
        Search(new Bought(_problem, _needs, open), 0, new long[_postage.Count], [.. _packs.Select(pack => _problem.Packs[pack].Stock)]);
        return _known[open] = [.. _found];
    }

    /// <summary>The least that meeting so much can cost; null where nothing meets it.</summary>
    public long? Least(int[] open)
    {
        if (Array.TrueForAll(open, each => each == 0)) return 0;
        if (_least.TryGetValue(open, out var known)) return known;
        return _least[open] = Bound(new Bought(_problem, _needs, open), [.. _packs.Select(pack => _problem.Packs[pack].Stock)]);
    }

    private void Search(Bought bought, long cost, long[] goods, int[] left)
    {
        _work.Step();
        if (bought.IsDone)
        {
            Keep(new CoverOption(cost, goods, bought.Packs));
            return;
        }

        if (_work.IsSpent || Bound(bought, left) is not { } more || IsBeaten(cost + more)) return;
        var index = Next(bought, left);
        var pack = _problem.Packs[_packs[index]];
        var still = (int[])left.Clone();
        still[index] = 0;
        for (var count = MostOf(bought, pack, left[index]); count >= 0; count--)
        {
            var worth = goods;
            if (_postage.SlotOf(pack.Seller) is { } slot)
            {
                worth = (long[])goods.Clone();
                worth[slot] += pack.Price * count;
            }

            Search(bought.With(_packs[index], count), cost + (pack.Cost * count), worth, still);
        }
    }

    // Of the packs that serve the open need which the fewest serve, the cheapest by what it gives.
    private int Next(Bought bought, int[] left)
        => bought.Open.Select(need => bought.Around(need))
            .Select(around => Enumerable.Range(0, _packs.Length).Where(index => left[index] > 0)
                .Select(index => (Index: index, Serves: bought.Serves(_packs[index], around))).Where(each => each.Serves > 0).ToArray())
            .MinBy(packs => packs.Length)!.MinBy(each => _problem.Packs[_packs[each.Index]].Cost / (double)each.Serves).Index;

    // Beyond so many one more would serve nothing.
    private static int MostOf(Bought bought, ChoicePack pack, int left) => Math.Min(left, pack.Contents.Max(bought.MostOf));

    // Each open need pays of a pack's price by how much of it the pack could meet at most, shared among all the open needs it serves; of all packs the least.
    private long? Bound(Bought bought, int[] left)
    {
        var open = bought.Open.ToArray();
        var around = open.Select(bought.Around).ToArray();
        var (pays, have) = (new double[open.Length], new long[open.Length]);
        Array.Fill(pays, double.PositiveInfinity);
        for (var index = 0; index < _packs.Length; index++)
        {
            if (left[index] == 0) continue;
            var pack = _problem.Packs[_packs[index]];
            var serves = new int[open.Length];
            for (var at = 0; at < open.Length; at++) serves[at] = bought.Serves(_packs[index], around[at]);
            var share = serves.Count(count => count > 0);
            for (var at = 0; at < open.Length; at++)
            {
                if (serves[at] == 0) continue;
                have[at] += (long)serves[at] * left[index];
                var part = Math.Min(serves[at], bought.OpenAt(open[at])) / (double)bought.OpenAt(open[at]);
                pays[at] = Math.Min(pays[at], pack.Cost / (part * share));
            }
        }

        for (var at = 0; at < open.Length; at++)
        {
            if (have[at] < bought.OpenAt(open[at])) return null;
        }

        // A little less than the sum, so that what a double rounds away cannot count.
        return (long)Math.Floor(pays.Sum() * (1 - 1e-12));
    }

    private bool IsBeaten(long cost) => _found.Exists(option => option.Cost + _postage.MayMiss(option.Goods) <= cost);

    private void Keep(CoverOption option)
    {
        if (_found.Exists(other => other.Cost + _postage.MayMiss(other.Goods, option.Goods) <= option.Cost)) return;
        _found.RemoveAll(other => option.Cost + _postage.MayMiss(option.Goods, other.Goods) <= other.Cost);
        _found.Add(option);
    }
}
