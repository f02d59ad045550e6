using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Fits;

/// <summary>Gives out what is at hand to what is needed, so that as much as possible is met.</summary>
/// <remarks>Greatest flow from stocks to needs by augmenting along shortest ways (Edmonds and Karp): exact; with n stocks and needs and m fits it takes
/// O(n·m²) at worst, and in practice as many rounds as there are lines. What fits for sure is given
/// out first, as much as can be; of what is left then as much as can be of what has to be proven.</remarks>
public static class Allotment
{
    /// <summary>How much of each stock goes to each need.</summary>
    /// <param name="stocks">How much there is of each.</param>
    /// <param name="needs">How much is wanted of each.</param>
    /// <param name="fit">Whether a stock will do for a need.</param>
    /// <returns>Stock, need, amount and fit of every gift, each pair once.</returns>
    public static ImmutableArray<(int Stock, int Need, int Amount, FitGrade Fit)> Of(
        IReadOnlyList<int> stocks, IReadOnlyList<int> needs, Func<int, int, FitGrade> fit)
    {
        var grades = new FitGrade[stocks.Count, needs.Count];
        for (var stock = 0; stock < stocks.Count; stock++)
        {
            for (var need = 0; need < needs.Count; need++) grades[stock, need] = fit(stock, need);
        }

        var given = new int[stocks.Count, needs.Count];
        var (left, open) = (stocks.ToArray(), needs.ToArray());
        foreach (var grade in new[] { FitGrade.Fits, FitGrade.ProveFirst })
        {
            while (Augment(given, left, open, (stock, need) => grades[stock, need] == grade))
            {
            }
        }

        return [.. from stock in Enumerable.Range(0, stocks.Count)
                   from need in Enumerable.Range(0, needs.Count)
                   where given[stock, need] > 0
                   select (stock, need, given[stock, need], grades[stock, need])];
    }

    // A shortest way from a stock that has something left to a need that wants something: there by what fits, back by what was given.
    private static bool Augment(int[,] given, int[] left, int[] open, Func<int, int, bool> fits)
    {
        var (stockBefore, needBefore) = (new int?[left.Length], new int?[open.Length]);
        var waiting = new Queue<(bool IsStock, int At)>();
        foreach (var stock in Enumerable.Range(0, left.Length).Where(stock => left[stock] > 0))
        {
            stockBefore[stock] = -1;
            waiting.Enqueue((true, stock));
        }

        while (waiting.TryDequeue(out var next))
        {
            if (next.IsStock)
            {
                for (var need = 0; need < open.Length; need++)
                {
                    if (needBefore[need] is not null || !fits(next.At, need)) continue;
                    needBefore[need] = next.At;
                    if (open[need] > 0)
                    {
                        Push(given, left, open, stockBefore, needBefore, need);
                        return true;
                    }

                    waiting.Enqueue((false, need));
                }
            }
            else
            {
                for (var stock = 0; stock < left.Length; stock++)
                {
                    if (stockBefore[stock] is not null || given[stock, next.At] == 0 || !fits(stock, next.At)) continue;
                    stockBefore[stock] = next.At;
                    waiting.Enqueue((true, stock));
                }
            }
        }

        return false;
    }

    private static void Push(int[,] given, int[] left, int[] open, int?[] stockBefore, int?[] needBefore, int last)
    {
        var way = new List<(int Stock, int To, int From)>();
        for (var need = last; need >= 0;)
        {
            var stock = needBefore[need]!.Value;
            var from = stockBefore[stock]!.Value;
            way.Add((stock, need, from));
            need = from;
        }

        var amount = way.Where(step => step.From >= 0).Select(step => given[step.Stock, step.From]).Append(left[way[^1].Stock]).Append(open[last]).Min();
        foreach (var (stock, to, from) in way)
        {
            given[stock, to] += amount;
            if (from >= 0) given[stock, from] -= amount;
        }

        left[way[^1].Stock] -= amount;
        open[last] -= amount;
    }
}
