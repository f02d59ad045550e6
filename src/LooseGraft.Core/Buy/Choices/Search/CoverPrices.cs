namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What several needs can pay together without any pack being paid more than it costs: no choice of packs that meets them all costs less.</summary>
/// <param name="needs">How many needs there are.</param>
internal sealed class CoverPrices(int needs)
{
    private readonly List<(int Pack, long Cost, double[] Parts)> _packs = [];
    private readonly Dictionary<int, double> _unpaid = [];

    /// <summary>What they pay, a little less, so that what a double rounds away cannot count.</summary>
    public long Sum { get; private set; }

    /// <summary>A pack, with how much of each need it meets at most, 0 to 1.</summary>
    public void Add(int pack, long cost, double[] parts)
    {
        if (Array.Exists(parts, part => part > 0)) _packs.Add((pack, cost, parts));
    }

    /// <summary>What is left of the price of a pack when all that it serves have paid; of one that serves something.</summary>
    public double Unpaid(int pack) => _unpaid[pack];

    /// <summary>Lets them pay, first alike and then each what is still left. Every need must be met by some pack.</summary>
    public void Settle()
    {
        var pays = Alike();
        // Those first that the fewest packs serve: each takes what is left of the prices of all that serve it.
        var left = _packs.Select(pack => pack.Cost - Paid(pack.Parts, pays)).ToArray();
        foreach (var need in Enumerable.Range(0, needs).OrderBy(need => _packs.Count(pack => pack.Parts[need] > 0)))
        {
            var more = double.PositiveInfinity;
            for (var at = 0; at < left.Length; at++)
            {
                if (_packs[at].Parts[need] > 0) more = Math.Min(more, left[at] / _packs[at].Parts[need]);
            }

            if (more <= 0) continue;
            pays[need] += more;
            for (var at = 0; at < left.Length; at++) left[at] -= more * _packs[at].Parts[need];
        }

        foreach (var (at, pack) in _packs.Index()) _unpaid[pack.Pack] = left[at];
        Sum = (long)Math.Floor(pays.Sum() * (1 - 1e-12));
    }

    // All the needs that a pack serves pay alike for it; each need as little as any of its packs lets it.
    private double[] Alike()
    {
        var pays = new double[needs];
        Array.Fill(pays, double.PositiveInfinity);
        foreach (var (_, cost, parts) in _packs)
        {
            var share = parts.Count(part => part > 0);
            for (var need = 0; need < needs; need++)
            {
                if (parts[need] > 0) pays[need] = Math.Min(pays[need], cost / (parts[need] * share));
            }
        }

        return pays;
    }

    private static double Paid(double[] parts, double[] pays) => Enumerable.Range(0, parts.Length).Sum(need => parts[need] * pays[need]);
}
