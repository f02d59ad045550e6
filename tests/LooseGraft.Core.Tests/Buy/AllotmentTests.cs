using CsCheck;
using LooseGraft.Core.Buy.Fits;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>What is at hand is given out so that as much as possible is met.</summary>
public sealed class AllotmentTests
{
    [Fact]
    public void What_fits_only_one_need_goes_there()
    {
        // Both stocks fit the first need, only the first fits the second.
        var gifts = Allotment.Of([1, 1], [1, 1], (stock, need) => need == 0 || stock == 0 ? FitGrade.Fits : FitGrade.No);
        Assert.Equal([(0, 1, 1, FitGrade.Fits), (1, 0, 1, FitGrade.Fits)], gifts);
    }

    [Fact]
    public void What_fits_for_sure_is_given_before_what_has_to_be_proven()
    {
        var gifts = Allotment.Of([1, 1], [1], (stock, _) => stock == 0 ? FitGrade.ProveFirst : FitGrade.Fits);
        Assert.Equal([(1, 0, 1, FitGrade.Fits)], gifts);
    }

    [Fact]
    public void As_much_is_met_as_can_be_and_nothing_twice()
        => Small.Hold(each =>
        {
            var (stocks, needs, fits) = (each.Item1, each.Item2, each.Item3);
            FitGrade Fit(int stock, int need) => (FitGrade)fits[(stock * 3) + need];
            var gifts = Allotment.Of(stocks, needs, Fit);
            Assert.All(stocks.Index(), stock => Assert.True(gifts.Where(gift => gift.Stock == stock.Index).Sum(gift => gift.Amount) <= stock.Item));
            Assert.All(needs.Index(), need => Assert.True(gifts.Where(gift => gift.Need == need.Index).Sum(gift => gift.Amount) <= need.Item));
            Assert.All(gifts, gift => Assert.True(gift.Amount > 0 && gift.Fit == Fit(gift.Stock, gift.Need) && gift.Fit != FitGrade.No));
            var sure = gifts.Where(gift => gift.Fit == FitGrade.Fits).ToArray();
            Assert.Equal(Most(stocks, needs, Fit, FitGrade.Fits), sure.Sum(gift => gift.Amount));
            var left = stocks.Index().Select(stock => stock.Item - sure.Where(gift => gift.Stock == stock.Index).Sum(gift => gift.Amount)).ToArray();
            var open = needs.Index().Select(need => need.Item - sure.Where(gift => gift.Need == need.Index).Sum(gift => gift.Amount)).ToArray();
            Assert.Equal(Most(left, open, Fit, FitGrade.ProveFirst), gifts.Sum(gift => gift.Amount) - sure.Sum(gift => gift.Amount));
        }, iter: 2000);

    private static readonly Gen<(int[], int[], int[])> Small = Gen.Select(Gen.Int[0, 3].Array[3], Gen.Int[0, 3].Array[3], Gen.Int[0, 2].Array[9]);

    // By the theorem of greatest flow and least cut: for every set of needs, what it wants or what fits it, whichever is less.
    private static int Most(int[] stocks, int[] needs, Func<int, int, FitGrade> fit, FitGrade grade)
        => Enumerable.Range(0, 1 << needs.Length).Min(set =>
        {
            var within = Enumerable.Range(0, needs.Length).Where(need => (set & (1 << need)) != 0).ToArray();
            return needs.Index().Where(need => !within.Contains(need.Index)).Sum(need => need.Item)
                + stocks.Index().Where(stock => within.Any(need => fit(stock.Index, need) == grade)).Sum(stock => stock.Item);
        });
}
