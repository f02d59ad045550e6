using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Finds the packs of one group that meet what is open of its needs: the cheapest, and those that may become so by saving postage.</summary>
/// <remarks>Branch and bound: on how many are bought of a pack for the open need with the fewest packs left. What is bought is given out by augmenting, so that
/// what would do for two needs goes where nothing else does. Exact while the work lasts; what it costs still at least is what the open needs can pay together
/// without any pack being paid more than its price: first alike, and then each what is still left of the prices.</remarks>
internal sealed class PackCover
{
    // So many steps go into a quick search, and as many more as it takes to find anything.
    private const int QuickSteps = 40;

    // So many packs are looked at in the time of a usual step.
    private const int PacksAStep = 8;

    private readonly ChoiceProblem _problem;
    private readonly FreePostage _postage;
    private readonly ChoiceWork _work;
    private readonly int[] _needs;
    private readonly int[] _packs;
    private readonly Dictionary<int[], ImmutableArray<CoverOption>> _known = new(Amounts<int>.Comparer);
    private readonly Dictionary<int[], ImmutableArray<CoverOption>> _quick = new(Amounts<int>.Comparer);
    private readonly Dictionary<int[], long?> _least = new(Amounts<int>.Comparer);
    private readonly List<CoverOption> _found = [];
    private int _stepsLeft;

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
        => _known.TryGetValue(open, out var known) ? known : _known[open] = Found(open, int.MaxValue);

    /// <summary>Some of them, soon: not all that may become the cheapest, but one where there is any.</summary>
    public ImmutableArray<CoverOption> Quick(int[] open)
        => _known.TryGetValue(open, out var known) || _quick.TryGetValue(open, out known) ? known : _quick[open] = Found(open, QuickSteps);

    /// <summary>The least that meeting so much can cost; null where nothing meets it.</summary>
    public long? Least(int[] open)
    {
        if (Array.TrueForAll(open, each => each == 0)) return 0;
        if (_least.TryGetValue(open, out var known)) return known;
        return _least[open] = Prices(new Bought(_problem, _needs, open), [.. _packs.Select(pack => _problem.Packs[pack].Stock)])?.Sum;
    }

    private ImmutableArray<CoverOption> Found(int[] open, int steps)
    {
        _found.Clear();
        _stepsLeft = steps;
        Search(new Bought(_problem, _needs, open), 0, new long[_postage.Count], [.. _packs.Select(pack => _problem.Packs[pack].Stock)]);
        return [.. _found];
    }

    private void Search(Bought bought, long cost, long[] goods, int[] left)
    {
        if (--_stepsLeft < 0 && _found.Count > 0) return;
        if (bought.IsDone)
        {
            Keep(new CoverOption(cost, goods, bought.Packs));
            return;
        }

        if (_work.IsSpent || Prices(bought, left) is not { } prices || IsBeaten(cost + prices.Sum)) return;
        var index = Next(bought, left, prices);
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

    // Of the packs that serve the open need which the fewest serve, that whose price is most nearly paid by all it serves; then the cheapest by what it gives.
    private int Next(Bought bought, int[] left, CoverPrices prices)
        => bought.Open.Select(need => bought.Around(need))
            .Select(around => Enumerable.Range(0, _packs.Length).Where(index => left[index] > 0)
                .Select(index => (Index: index, Serves: bought.Serves(_packs[index], around))).Where(each => each.Serves > 0).ToArray())
            .MinBy(packs => packs.Length)!
            .MinBy(each => (prices.Unpaid(each.Index), _problem.Packs[_packs[each.Index]].Cost / (double)each.Serves)).Index;

    // Beyond so many one more would serve nothing.
    private static int MostOf(Bought bought, ChoicePack pack, int left) => Math.Min(left, pack.Contents.Max(bought.MostOf));

    // What each open need pays of a pack's price goes by how much of it the pack could meet at most.
    private CoverPrices? Prices(Bought bought, int[] left)
    {
        // It looks at all the packs for all that is open.
        _work.Step(1 + (_packs.Length / PacksAStep));
        var open = bought.Open.ToArray();
        var around = open.Select(bought.Around).ToArray();
        var (prices, have) = (new CoverPrices(open.Length), new long[open.Length]);
        for (var index = 0; index < _packs.Length; index++)
        {
            if (left[index] == 0) continue;
            var parts = new double[open.Length];
            for (var at = 0; at < open.Length; at++)
            {
                var serves = bought.Serves(_packs[index], around[at]);
                have[at] += (long)serves * left[index];
                parts[at] = Math.Min(serves, bought.OpenAt(open[at])) / (double)bought.OpenAt(open[at]);
            }

            prices.Add(index, _problem.Packs[_packs[index]].Cost, parts);
        }

        for (var at = 0; at < open.Length; at++)
        {
            if (have[at] < bought.OpenAt(open[at])) return null;
        }

        prices.Settle();
        return prices;
    }

    private bool IsBeaten(long cost) => _found.Exists(option => option.Cost + _postage.MayMiss(option.Goods) <= cost);

    private void Keep(CoverOption option)
    {
        if (_found.Exists(other => other.Cost + _postage.MayMiss(other.Goods, option.Goods) <= option.Cost)) return;
        _found.RemoveAll(other => option.Cost + _postage.MayMiss(option.Goods, other.Goods) <= other.Cost);
        _found.Add(option);
    }
}
