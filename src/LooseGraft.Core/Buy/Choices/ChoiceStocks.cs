using System.Collections.Immutable;
using LooseGraft.Core.Buy.Choices.Search;
using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>What could meet the rows: the bin, what is here or on its way, offers.</summary>
internal sealed class ChoiceStocks
{
    // What no source gives costs more than everything else together, so that as little as possible is left without.
    private const long Nowhere = 10_000_000 * ChoiceProblem.Unit;

    // What costs more in the graft's currency is no part of a hobby, and sums of it would not fit their numbers.
    private const decimal Dearest = 1_000_000;

    private readonly IReadOnlyList<Need> _needs;
    private readonly Dictionary<(int Row, Ware Ware, FitWord Word), FitGrade> _fits = [];
    private readonly List<(ChoicePack Pack, ChoiceSource Source)> _packs = [];

    private ChoiceStocks(IReadOnlyList<Need> needs) => _needs = needs;

    /// <summary>The sellers that have anything of it, at most <see cref="ChoiceProblem.MostSellers"/>, and how many more there are.</summary>
    public required ImmutableArray<Seller> Sellers { get; init; }

    /// <summary>How many sellers more have some of it.</summary>
    public required int OtherSellers { get; init; }

    /// <summary>The packs, each with what it is.</summary>
    public IReadOnlyList<(ChoicePack Pack, ChoiceSource Source)> Packs => _packs;

    /// <summary>Finds what could meet the rows.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">What is needed, ordered and owned.</param>
    /// <param name="needs">The rows.</param>
    /// <param name="most">How much is asked of each at most.</param>
    public static ChoiceStocks Of(Graft graft, Review review, IReadOnlyList<Need> needs, IReadOnlyList<long> most)
    {
        var finder = new ChoiceStocks(needs) { Sellers = [], OtherSellers = 0 };
        var sellers = graft.Buying.Sellers.ToDictionary(seller => seller.Id);
        var offers = (from offer in graft.Buying.Offers
                      where offer is { Stock: not 0, Condition: not WareCondition.Broken }
                      let seller = sellers[offer.Seller]
                      where Basket.RateOf(graft, seller) is { } rate && offer.Price.Amount * rate * Taxed(seller) <= Dearest
                      let contents = finder.Contents(offer.Contents, offer.Fit)
                      where contents.Any(content => !content.Needs.IsEmpty)
                      select (Offer: offer, Seller: seller, Contents: contents)).ToArray();
        // Of many sellers those first that have most of it.
        var ranked = offers.GroupBy(each => each.Seller)
            .OrderByDescending(own => own.SelectMany(each => each.Contents).SelectMany(content => content.Needs).Distinct().Count())
            .Select(own => own.Key).ToArray();
        var stocks = new ChoiceStocks(needs)
        {
            Sellers = [.. ranked.Take(ChoiceProblem.MostSellers)],
            OtherSellers = Math.Max(0, ranked.Length - ChoiceProblem.MostSellers),
        };
        stocks.AddOwned(graft, review);
        foreach (var (offer, seller, contents) in offers.Where(each => stocks.Sellers.Contains(each.Seller))) stocks.AddOffer(graft, offer, seller, contents);
        stocks.AddNowhere(most);
        return stocks;
    }

    /// <summary>A seller in bare numbers.</summary>
    public static ChoiceSeller Bare(Graft graft, Seller seller)
    {
        var isFree = seller.FreeFrom is { Amount: <= 0 };
        var (postage, free) = (isFree ? 0 : seller.Postage?.Amount ?? 0, isFree ? null : seller.FreeFrom?.Amount);
        return new ChoiceSeller(Millionths(InGraft(graft, seller, postage)), free is { } from ? Millionths(Math.Min(from, Dearest)) : null,
            seller.Days?.To ?? DaysUnknown)
        {
            FreeCost = free is { } worth ? Millionths(InGraft(graft, seller, Math.Min(worth, Dearest))) : 0,
        };
    }

    /// <summary>Of a seller of whom nobody knows how long a parcel takes, it is the last that comes.</summary>
    public const int DaysUnknown = 10_000;

    private static decimal Taxed(Seller seller) => 1 + (seller.TaxPercent / 100);

    private static decimal InGraft(Graft graft, Seller seller, decimal amount) => amount * Taxed(seller) * (Basket.RateOf(graft, seller) ?? 1);

    private static long Millionths(decimal amount) => (long)decimal.Round(amount * ChoiceProblem.Unit);

    private void AddOffer(Graft graft, Offer offer, Seller seller, ImmutableArray<ChoiceContent> contents)
        => _packs.Add((new ChoicePack(Sellers.IndexOf(seller), Millionths(offer.Price.Amount), Millionths(InGraft(graft, seller, offer.Price.Amount)),
            Math.Min(offer.Stock ?? int.MaxValue, Files.GraftFileLimits.OfferPieces), contents), new ChoiceSource { Offer = offer }));

    private void AddOwned(Graft graft, Review review)
    {
        foreach (var take in graft.Buying.FromBin) AddKeyed(take.Need, take.Claim.Count);
        foreach (var (need, gift) in review.Buy.Basket.Value.Orders.SelectMany(order => order.Gifts)) AddKeyed(need.Key, gift.Count);
        foreach (var over in review.Buy.Basket.Value.Orders.SelectMany(order => order.Over))
            Add(null, [over], new ChoiceSource(), FitWord.NeverTried);
        foreach (var thing in review.Around.Bin.Where(thing => thing is { Free: > 0, Condition: not WareCondition.Broken }))
            Add(null, [new OfferContent(thing.Ware, thing.Free)], new ChoiceSource { Owned = thing }, FitWord.NeverTried);
    }

    // What is promised or ordered for a need serves this need.
    private void AddKeyed(string key, int count)
    {
        var rows = Enumerable.Range(0, _needs.Count).Where(row => _needs[row].Key == key).ToImmutableArray();
        if (!rows.IsEmpty && count > 0) _packs.Add((new ChoicePack(null, 0, 0, 1, [new ChoiceContent(count, rows)]), new ChoiceSource()));
    }

    private void Add(int? seller, ValueList<OfferContent> contents, ChoiceSource source, FitWord word)
    {
        var found = Contents(contents, word);
        if (found.Any(content => !content.Needs.IsEmpty)) _packs.Add((new ChoicePack(seller, 0, 0, 1, found), source));
    }

    // Where the sources are too few, what is missing is missing once.
    private void AddNowhere(IReadOnlyList<long> most)
    {
        for (var row = 0; row < _needs.Count; row++)
        {
            var pieces = (most[row] + ChoiceProblem.Unit - 1) / ChoiceProblem.Unit;
            var serving = _packs.SelectMany(each => each.Pack.Contents.Where(content => content.Needs.Contains(row)).Select(content => (each.Pack, content)))
                .ToArray();
            var had = serving.Sum(each => (long)each.content.Count * each.Pack.Stock);
            if (had >= pieces && Array.TrueForAll(serving, each => each.content.Needs.Length == 1)) continue;
            var all = new ChoiceContent((int)Math.Min(int.MaxValue, pieces), [row]);
            _packs.Add((new ChoicePack(null, Nowhere, Nowhere, 1, [all]), new ChoiceSource { IsNowhere = true }));
        }
    }

    private ImmutableArray<ChoiceContent> Contents(ValueList<OfferContent> contents, FitWord word)
        => [.. contents.Select(content => new ChoiceContent(content.Count,
            [.. Enumerable.Range(0, _needs.Count).Where(row => Serves(row, content.Ware, word))]))];

    // What nobody has tried is a gamble, and what nobody has proven about a thing that can burn is a hazard: neither is chosen as if it were certain.
    private bool Serves(int row, Ware ware, FitWord word)
    {
        if (!_fits.TryGetValue((row, ware, word), out var fit)) fit = _fits[(row, ware, word)] = WareFit.Of(_needs[row], ware, word);
        return fit == FitGrade.Fits || (fit == FitGrade.ProveFirst && word != FitWord.NeverTried && !CanBurn(_needs[row]));
    }

    private static bool CanBurn(Need need) => need.Part?.Kind is PartKind.Supply or PartKind.Brick or PartKind.Converter;
}
