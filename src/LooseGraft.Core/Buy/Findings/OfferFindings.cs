using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Sacks;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Findings;

/// <summary>What the rules say of one chosen offer.</summary>
internal static class OfferFindings
{
    // What was seen a month ago may be gone, or cost something else.
    private const int OldDays = 30;

    // Shops differ by half, a bargain by twice; what differs by five times is another thing, or a slip (common practice).
    private const int OddTimes = 5;

    public static IEnumerable<Finding> Of(Graft graft, Sack sack, DateOnly? today)
        => sack.Lines.SelectMany(line => new[]
        {
            Old(line, today), Idle(graft, line), Unproven(sack, line), Odd(graft, sack, line), Over(line), SoldOut(line),
        }).OfType<Finding>();

    private static Finding? Old(SackLine line, DateOnly? today)
        => today is { } day && line.Offer.SeenOn is { } seen && day.DayNumber - seen.DayNumber is > OldDays and var days
            ? Finding.Of(BuyRules.OfferOld, Subject(line), new OfferIsOld(line.Offer.Id, days),
                $"{line.Offer.What} was seen {days} days ago, on {seen:yyyy-MM-dd}: it may be gone or cost something else.", Evidence.Assumed,
                "look again, and write down the day")
            : null;

    // An adapter is bought for a joint: one that no joint asks for was bought by its name, or for a joint that has since changed.
    private static Finding? Idle(Graft graft, SackLine line)
        => line.Gifts.IsEmpty && line.Over.FirstOrDefault(IsGoBetween) is { } adapter
            ? Finding.Of(BuyRules.ServesNothing, Subject(line), new FitsNothing(adapter.Ware.ToString()),
                $"{line.Offer.What} is to be bought, and nothing in the graft asks for it: no joint goes through such a thing ({WareWords.Of(adapter.Ware, graft)}), or none that it fits.",
                Evidence.Measured, "take it out of the basket", "decide at the joint that it goes through an adapter")
            : null;

    private static Finding? Unproven(Sack sack, SackLine line)
        => sack.Seller.TakesBack != true && line.Believed.FirstOrDefault() is { Need: { } need }
            ? Finding.Of(BuyRules.NoReturns, Subject(line), new UnprovenFit(line.Offer.Id, need.Key),
                $"That {line.Offer.What} fits{(line.Offer.What == need.Words ? "" : $" as {need.Words}")} is {Said(line.Offer.Fit)}, and {sack.Seller.Name} {(sack.Seller.TakesBack is null ? "may not take it back: nobody asked" : "takes nothing back")}.",
                Evidence.Assumed, "ask the seller which contact carries what, and whether it may come back", "take one that shows its ends and its wires")
            : null;

    private static Finding? Odd(Graft graft, Sack sack, SackLine line)
    {
        if (line.Offer.Contents is not [var content] || content.Ware.Price is not { } usual || InEuros(graft, sack) is not { } rate) return null;
        var each = new Money(decimal.Round(line.Offer.Price.Amount * rate / content.Count, 4));
        if (each.Amount >= usual.Low / OddTimes && each.Amount <= usual.High * OddTimes) return null;
        var how = each.Amount < usual.Low ? "less" : "more";
        return Finding.Of(BuyRules.PriceOdd, Subject(line), new PriceBeyond(line.Offer.Id, each, new Money(usual.Low), new Money(usual.High)),
            $"{line.Offer.What} comes to {each.In("EUR")} for one, far {how} than such things cost ({usual.Low:0.##} to {usual.High:0.##} EUR): a slip of a figure, of the pack, or another thing.",
            Evidence.Assumed, "look at the price and the pack again", "say what it really is");
    }

    // Usual prices are in euros; others are held against them where somebody said what they are worth.
    private static decimal? InEuros(Graft graft, Sack sack)
        => sack.Seller.Currency == "EUR" ? 1
            : graft.Currency == "EUR" ? sack.Rate
            : sack.Rate is { } rate && graft.Buying.Rates.FirstOrDefault(each => each.Currency == "EUR") is { } euro ? rate / euro.Worth
            : null;

    private static Finding? Over(SackLine line)
    {
        var packs = PacksOver(line);
        return packs == 0 || (line.Gifts.IsEmpty && line.Over.Any(IsGoBetween)) ? null
            : Finding.Of(BuyRules.NotNeeded, Subject(line), new PacksOver(line.Offer.Id, packs),
                packs == line.Packs ? $"{line.Offer.What} is to be bought, and nothing on the list asks for it."
                    : $"{packs.Counted("pack")} of {line.Offer.What} {(packs == 1 ? "is" : "are")} more than the list asks for.",
                Evidence.Measured, "take it out of the basket", "add what it is for to the list");
    }

    // A pack may stay behind when all that it holds is left over.
    private static int PacksOver(SackLine line)
        => line.Offer.Contents.IsEmpty ? line.Packs
            : line.Offer.Contents.GroupBy(content => content.Ware).Min(same =>
                line.Over.Where(over => over.Ware == same.Key).Sum(over => over.Count) / same.Sum(content => content.Count));

    private static Finding? SoldOut(SackLine line) => line.Offer.Stock is { } stock && line.Packs > stock
        ? Finding.Of(BuyRules.SoldOut, Subject(line), new OfferSoldOut(line.Offer.Id, line.Packs, stock),
            $"{line.Packs.Counted("pack")} of {line.Offer.What} {(line.Packs == 1 ? "is" : "are")} chosen, and there {(stock == 1 ? "is" : "are")} {(stock == 0 ? "none" : stock.ToString(System.Globalization.CultureInfo.InvariantCulture))}.",
            Evidence.Assumed, "choose fewer, and another offer for the rest")
        : null;

    /// <summary>Who says that something fits, in the middle of a sentence.</summary>
    private static string Said(FitWord word) => word switch
    {
        FitWord.SellersWord => "only the seller's word",
        FitWord.SomeonesReport => "only somebody's report",
        _ => "something that nobody has tried",
    };

    public static bool IsGoBetween(OfferContent content) => content.Ware.Kind == WareKind.ForJoint || content.Ware.Template?.Kind == PartKind.Adapter;

    private static OfferSubject Subject(SackLine line) => new(line.Offer.Id);
}
