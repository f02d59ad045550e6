using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Fits;

namespace LooseGraft.Core.Tests.Buy.Choices;

/// <summary>Tries every way of every joint with every number of every pack: slow, and nothing in it is clever.</summary>
internal static class ChoiceJudge
{
    /// <summary>The costs that nothing beats.</summary>
    public static HashSet<(int Acts, int Steps, int Days, long Money)> Front(ChoiceProblem problem, ChoiceCosts costs)
    {
        var all = new HashSet<(int Acts, int Steps, int Days, long Money)>();
        foreach (var packs in Products([.. problem.Packs.Select(pack => pack.Stock + 1)]))
        {
            var (days, money) = Parcels(problem, packs);
            foreach (var ways in Products([.. problem.Joints.Select(joint => joint.Length)]))
            {
                var point = new ChoicePoint(problem.Joints.Index().Sum(joint => joint.Item[ways[joint.Index]].Acts),
                    problem.Joints.Index().Sum(joint => joint.Item[ways[joint.Index]].Steps), days, money, [], []).Counted(costs);
                if (!all.Contains(point) && Meets(problem, ways, packs)) all.Add(point);
            }
        }

        return [.. all.Where(one => !all.Any(other => other != one
            && other.Acts <= one.Acts && other.Steps <= one.Steps && other.Days <= one.Days && other.Money <= one.Money))];
    }

    /// <summary>What the parcels cost, and when the last is here.</summary>
    public static (int Days, long Money) Parcels(ChoiceProblem problem, IReadOnlyList<int> packs)
    {
        var (days, money) = (0, 0L);
        foreach (var (index, seller) in problem.Sellers.Index())
        {
            var own = problem.Packs.Index().Where(pack => pack.Item.Seller == index && packs[pack.Index] > 0).ToArray();
            if (own.Length == 0) continue;
            days = Math.Max(days, seller.Days);
            money += own.Sum(pack => pack.Item.Cost * packs[pack.Index]);
            if (!(own.Sum(pack => pack.Item.Price * packs[pack.Index]) >= seller.FreeFrom)) money += seller.Postage;
        }

        return (days, money + problem.Packs.Index().Where(pack => pack.Item.Seller is null).Sum(pack => pack.Item.Cost * packs[pack.Index]));
    }

    /// <summary>Whether the packs meet all that those ways and everything else need.</summary>
    public static bool Meets(ChoiceProblem problem, IReadOnlyList<int> ways, IReadOnlyList<int> packs)
    {
        var asks = problem.Fixed.Concat(problem.Joints.Index().SelectMany(joint => joint.Item[ways[joint.Index]].Asks)).ToArray();
        var wanted = Enumerable.Range(0, problem.Needs).Select(need => asks.Where(ask => ask.Need == need)
            .GroupBy(ask => ask.Once).Sum(same => same.Key is null ? same.Sum(ask => ask.Amount) : same.First().Amount))
            .Select(amount => (int)((amount + ChoiceProblem.Unit - 1) / ChoiceProblem.Unit)).ToArray();
        var stocks = problem.Packs.Index()
            .SelectMany(pack => pack.Item.Contents.Select(content => (content, Count: content.Count * packs[pack.Index]))).ToArray();
        return Allotment.Of([.. stocks.Select(stock => stock.Count)], wanted,
            (stock, need) => stocks[stock].content.Needs.Contains(need) ? FitGrade.Fits : FitGrade.No).Sum(gift => gift.Amount) == wanted.Sum();
    }

    private static IEnumerable<int[]> Products(int[] counts)
    {
        var at = new int[counts.Length];
        while (true)
        {
            yield return [.. at];
            var place = 0;
            while (place < at.Length && ++at[place] == counts[place]) at[place++] = 0;
            if (place == at.Length) yield break;
        }
    }
}
