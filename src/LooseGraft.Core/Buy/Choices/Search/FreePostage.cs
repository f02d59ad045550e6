namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>The sellers of a set that send for nothing from some worth of goods on, and what a parcel of each comes to.</summary>
/// <remarks>Because of them, dearer goods may make a cheaper parcel: of two choices one may only be called worse when it stays so with all the postage that it
/// could still save.</remarks>
internal sealed class FreePostage
{
    // More than what rounding prices to millionths comes to.
    private const long Slack = 10_000;

    private readonly ChoiceProblem _problem;
    private readonly int[] _sellers;

    /// <param name="problem">What is to be chosen.</param>
    /// <param name="set">The sellers that may be asked, as bits.</param>
    public FreePostage(ChoiceProblem problem, int set)
    {
        _problem = problem;
        var asked = problem.Sellers.Index().Where(seller => (set & (1 << seller.Index)) != 0).ToArray();
        _sellers = [.. asked.Where(seller => seller.Item is { FreeFrom: not null, Postage: > 0 }).Select(seller => seller.Index)];
        Always = asked.Where(seller => !_sellers.Contains(seller.Index)).Sum(seller => seller.Item.FreeFrom is null ? seller.Item.Postage : 0);
    }

    /// <summary>What the other parcels cost, whatever is in them.</summary>
    public long Always { get; }

    /// <summary>How many sellers there are whose postage depends on what is bought.</summary>
    public int Count => _sellers.Length;

    /// <summary>Where the goods of a seller are counted; null where they do not matter.</summary>
    public int? SlotOf(int? seller) => seller is { } known && Array.IndexOf(_sellers, known) is >= 0 and var slot ? slot : null;

    /// <summary>What others might save in postage where goods as these would have to pay it.</summary>
    /// <param name="goods">These.</param>
    /// <param name="others">The others.</param>
    /// <param name="saving">The places of the sellers whose postage the others could save at all, as bits.</param>
    public long MayMiss(long[] goods, long[] others, int saving = -1)
    {
        var sum = 0L;
        for (var slot = 0; slot < _sellers.Length; slot++)
        {
            var seller = _problem.Sellers[_sellers[slot]];
            if ((saving & (1 << slot)) != 0 && goods[slot] < others[slot] && goods[slot] < seller.FreeFrom) sum += seller.Postage;
        }

        return sum;
    }

    /// <summary>What goods as these might still save in postage, whatever the others have.</summary>
    public long MayMiss(long[] goods)
    {
        var sum = 0L;
        for (var slot = 0; slot < _sellers.Length; slot++)
        {
            var seller = _problem.Sellers[_sellers[slot]];
            if (goods[slot] < seller.FreeFrom) sum += seller.Postage;
        }

        return sum;
    }

    /// <summary>What the parcels cost at the end, and the packs that are worth adding only so that sending costs nothing.</summary>
    /// <param name="goods">The goods of each such seller.</param>
    /// <param name="taken">How many of each pack are bought.</param>
    public (long Cost, IEnumerable<int> Added) Settle(long[] goods, Func<int, int> taken)
    {
        var (sum, added) = (0L, new List<int>());
        for (var slot = 0; slot < _sellers.Length; slot++)
        {
            var seller = _problem.Sellers[_sellers[slot]];
            if (goods[slot] >= seller.FreeFrom) continue;
            var (cost, packs) = Fill(_sellers[slot], seller.FreeFrom!.Value - goods[slot], seller.Postage, taken);
            sum += cost;
            added.AddRange(packs);
        }

        return (sum, added);
    }

    /// <summary>The least that these parcels can still come to.</summary>
    /// <param name="cost">What everything chosen costs, in the graft's currency.</param>
    /// <param name="least">What everything will cost at least, without postage.</param>
    /// <param name="goods">The goods of each such seller that are chosen.</param>
    public long Least(long cost, long least, long[] goods)
    {
        var sum = 0L;
        for (var slot = 0; slot < _sellers.Length; slot++) sum += Math.Min(_problem.Sellers[_sellers[slot]].Postage, MoreForFree(slot, cost, least, goods));
        return sum;
    }

    /// <summary>By how much more than the least of <see cref="Least"/> everything comes to where a seller's parcel is to be free.</summary>
    public long MoreToSave(int slot, long cost, long least, long[] goods)
        => Math.Max(0, MoreForFree(slot, cost, least, goods) - _problem.Sellers[_sellers[slot]].Postage);

    // Goods that make it free cost as much alone, beside what others have sold already.
    private long MoreForFree(int slot, long cost, long least, long[] goods)
    {
        var seller = _problem.Sellers[_sellers[slot]];
        var others = cost - (long)(goods[slot] * (seller.FreeCost / (double)seller.FreeFrom!.Value)) - Slack;
        return Math.Max(0, seller.FreeCost - Slack - (least - others));
    }

    // The cheapest packs that bring the goods up to what is missing, if they cost less than the postage. Sums of prices, each reached as cheaply as it can be.
    private (long Cost, IEnumerable<int> Packs) Fill(int seller, long missing, long postage, Func<int, int> taken)
    {
        var reached = new Dictionary<long, Added> { [0] = new(0, -1, null) };
        (long Cost, Added? Way) best = (postage, null);
        foreach (var (index, pack) in _problem.Packs.Index().Where(pack => pack.Item.Seller == seller && pack.Item.Price > 0))
        {
            // No more than there are, nor than what is missing takes.
            var most = Math.Min(pack.Stock - taken(index), (missing + pack.Price - 1) / pack.Price);
            for (var more = 0; more < most; more++)
            {
                var isNew = false;
                foreach (var (sum, way) in reached.ToArray())
                {
                    var (next, cost) = (sum + pack.Price, way.Cost + pack.Cost);
                    if (sum >= missing || cost >= best.Cost || (reached.TryGetValue(next, out var known) && known.Cost <= cost)) continue;
                    reached[next] = new Added(cost, index, way);
                    isNew = true;
                    if (next >= missing) best = (cost, reached[next]);
                }

                if (!isNew) break;
            }
        }

        return (best.Cost, Way(best.Way));

        static IEnumerable<int> Way(Added? last)
        {
            for (; last is { Pack: >= 0 }; last = last.Before) yield return last.Pack;
        }
    }

    private sealed record Added(long Cost, int Pack, Added? Before);
}
