using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what buying has to be told is written.</summary>
internal static class BuyFormat
{
    private const decimal MostWorth = 1_000_000;
    private const int WorthDecimals = 8;
    private const int MostTax = 200;

    internal static readonly IntegerCodec Pieces = new(1, GraftFileLimits.OfferPieces);
    // A key may name a part and a port of it.
    internal static readonly TextCodec NeedKey = new(3 * GraftFileLimits.NameLength);

    private static readonly Codec<Ware> AnyWare = new MappedCodec<string, Ware>(
        new TextCodec(WareText.Longest), WareText.Read, ware => ware.ToString(), WareText.Allowed);

    private static readonly IntegerCodec Share = new(0, 100);

    internal static readonly IntegerCodec Days = new(0, DaySpan.Most);

    internal static readonly Codec<decimal> Worth = new MappedCodec<decimal, decimal>(
        new DecimalCodec(MostWorth, WorthDecimals), worth => worth > 0 ? worth : null, worth => worth, "more than 0");

    internal static readonly ObjectCodec<OfferContent> Content = DescribeContent();
    public static readonly ObjectCodec<Seller> Seller = DescribeSeller();
    public static readonly ObjectCodec<Offer> Offer = DescribeOffer();
    public static readonly ObjectCodec<Buying> Buying = DescribeBuying();

    private static ObjectCodec<Seller> DescribeSeller()
    {
        var seller = new ObjectCodec<Seller>("seller", "Whoever sells something; all its amounts are in its own currency.");
        var id = seller.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = seller.Required("name", Name, value => value.Name, "What the builder calls it.");
        var currency = seller.Required("currency", Currency, value => value.Currency, "In which it asks.");
        var postage = seller.Optional("postage", Amount, value => value.Postage, "What it asks for sending; left out where nobody said.");
        var free = seller.Optional("freeFrom", Amount, value => value.FreeFrom, "From which worth of goods on it sends for nothing.");
        var tax = seller.Usual("taxPercent", new DecimalCodec(MostTax), value => value.TaxPercent, 0, "What comes on top of goods and postage, in hundredths.");
        var from = seller.Optional("daysFrom", Days, value => value.Days?.From, "Days until its parcel is here, at least; as at most where it is left out.");
        var to = seller.Optional("daysTo", Days, value => value.Days?.To, "Days until its parcel is here, at most; as at least where it is left out.");
        var back = seller.Optional("takesBack", new FlagCodec(), value => value.TakesBack, "Whether it takes back what does not fit.");
        var sending = seller.Optional("sendingBack", Amount, value => value.SendingBack, "What sending something back to it costs; as its postage where it is left out.");
        var note = seller.Optional("note", Note, value => value.Note, "Anything worth remembering.");
        return seller.Makes(values => new Seller(values.Of(id), values.Of(name), values.Of(currency))
        {
            Postage = values.Of(postage),
            FreeFrom = values.Of(free),
            TaxPercent = values.Of(tax),
            Days = Span(values.Of(from), values.Of(to)),
            TakesBack = values.Of(back),
            SendingBack = values.Of(sending),
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CheckSpan(value.Days, context));
    }

    internal static DaySpan? Span(int? from, int? to) => (from ?? to) is { } least ? new DaySpan(least, to ?? least) : null;

    internal static void CheckSpan(DaySpan? span, ReadContext context)
    {
        if (span is { } days && days.From > days.To) context.Fail(".daysTo", $"{days.To} after {days.From}", "no fewer days than at least");
    }

    private static ObjectCodec<OfferContent> DescribeContent()
    {
        var content = new ObjectCodec<OfferContent>("offerContent", "One sort of thing in a pack.", isInline: true);
        var ware = content.Required("ware", AnyWare, value => value.Ware, "What it is.");
        var count = content.Usual("count", Pieces, value => value.Count, 1, "How many of it; metres of what is sold by length.");
        return content.Makes(values => new OfferContent(values.Of(ware), values.Of(count)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<Offer> DescribeOffer()
    {
        var offer = new ObjectCodec<Offer>("offer", "What a seller offers, as a pack.");
        var id = offer.Required("id", Id, value => value.Id, "Unique within the graft.");
        var seller = offer.Required("seller", Id, value => value.Seller, "Who offers it.");
        var what = offer.Required("what", Name, value => value.What, "How the seller calls it.");
        var price = offer.Required("price", Amount, value => value.Price, "What a pack costs, in the seller's currency.");
        var contents = offer.Many("contents", Content, GraftFileLimits.OfferContents, value => value.Contents, "What is in a pack.");
        var condition = offer.Usual("condition", new ChoiceCodec<WareCondition>(), value => value.Condition, WareCondition.New, "What state it is in.");
        var fit = offer.Usual("fit", new ChoiceCodec<FitWord>(), value => value.Fit, FitWord.SellersWord, "Who says that it fits.");
        var chance = offer.Optional("chancePercent", Share, value => value.ChancePercent, "How likely it does, in hundredths; as likely as who says so where it is left out.");
        var resale = offer.Optional("resalePercent", Share, value => value.ResalePercent, "What share of its price it sells for again, in hundredths.");
        var traits = offer.Usual("traits", TraitsFormat.Traits, value => value.Traits, OfferTraits.None, "What it is beyond its price.");
        var seen = offer.Optional("seenOn", Day, value => value.SeenOn, "The day on which it was seen.");
        var stock = offer.Optional("stock", new IntegerCodec(0, GraftFileLimits.OfferPieces), value => value.Stock, "How many packs there are.");
        var note = offer.Optional("note", Note, value => value.Note, "Anything worth remembering.");
        return offer.Makes(values => new Offer(values.Of(id), values.Of(seller), values.Of(what), values.Of(price))
        {
            Contents = values.Of(contents),
            Condition = values.Of(condition),
            Fit = values.Of(fit),
            ChancePercent = values.Of(chance),
            ResalePercent = values.Of(resale),
            Traits = values.Of(traits),
            SeenOn = values.Of(seen),
            Stock = values.Of(stock),
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<Buying> DescribeBuying()
    {
        var buying = new ObjectCodec<Buying>("buying", "Who sells what, what was chosen, and what is there already.");
        var wished = buying.Optional("wishedBy", Day, value => value.WishedBy, "The day by which everything shall be here.");
        var rates = buying.Many("rates", DescribeRate(), GraftFileLimits.Rates, value => value.Rates, "What other currencies are worth.");
        var sellers = buying.Many("sellers", Seller, GraftFileLimits.Sellers, value => value.Sellers, "Who sells.");
        var offers = buying.Many("offers", Offer, GraftFileLimits.Offers, value => value.Offers, "What they offer.");
        var basket = buying.Many("basket", DescribeLine(), GraftFileLimits.Chosen, value => value.Basket, "What was chosen of it.");
        var marks = buying.Many("marks", DescribeMark(), GraftFileLimits.Needs, value => value.Marks, "What the builder says of needs.");
        var powerless = buying.Many(
            "noPower", DescribePowerless(), GraftFileLimits.Needs, value => value.NoPower, "The needs that no power hangs on, as the builder says.");
        var own = buying.Many("ownNeeds", DescribeOwn(), GraftFileLimits.Needs, value => value.OwnNeeds, "What the builder needs besides.");
        var bin = buying.Many("fromBin", DescribeTake(), GraftFileLimits.Needs, value => value.FromBin, "What is taken from the bin for needs that are no part.");
        var worth = buying.Usual("worth", WorthFormat.Worth, value => value.Worth, WorthTerms.Empty, "What the builder says of the worth of it all.");
        return buying.Makes(values => new Buying
        {
            WishedBy = values.Of(wished),
            Rates = values.Of(rates),
            Sellers = values.Of(sellers),
            Offers = values.Of(offers),
            Basket = values.Of(basket),
            Marks = values.Of(marks),
            NoPower = values.Of(powerless),
            OwnNeeds = values.Of(own),
            FromBin = values.Of(bin),
            Worth = values.Of(worth),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<ExchangeRate> DescribeRate()
    {
        var rate = new ObjectCodec<ExchangeRate>("exchangeRate", "What one of another currency is worth in that of the graft.", isInline: true);
        var currency = rate.Required("currency", Currency, value => value.Currency, "The other currency.");
        var worth = rate.Required("worth", Worth, value => value.Worth, "What one of it is worth.");
        var on = rate.Required("on", Day, value => value.On, "The day of that rate.");
        return rate.Makes(
            values => new ExchangeRate(values.Of(currency), values.Of(worth), values.Of(on)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<BasketLine> DescribeLine()
    {
        var line = new ObjectCodec<BasketLine>("basketLine", "So many packs of an offer that are to be bought.", isInline: true);
        var offer = line.Required("offer", Id, value => value.Offer, "The offer.");
        var packs = line.Usual("packs", Pieces, value => value.Packs, 1, "How many.");
        return line.Makes(values => new BasketLine(values.Of(offer), values.Of(packs)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<NeedMark> DescribeMark()
    {
        var mark = new ObjectCodec<NeedMark>("needMark", "What the builder says of a need that the decisions ask for.", isInline: true);
        var need = mark.Required("need", NeedKey, value => value.Need, "The key of the need.");
        var marking = mark.Required("marking", new ChoiceCodec<NeedMarking>(), value => value.Marking, "What is said of it.");
        var reason = mark.Optional("reason", Note, value => value.Reason, "Why it is left out.");
        return mark.Makes(values => new NeedMark(values.Of(need), values.Of(marking), values.Of(reason)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<NoPower> DescribePowerless()
    {
        var said = new ObjectCodec<NoPower>("noPower", "The builder's word that nothing that meets a need feeds, holds or carries power.", isInline: true);
        var need = said.Required("need", NeedKey, value => value.Need, "The key of the need.");
        var called = said.Required("called", NeedKey, value => value.Called, "What it was called when it was said; it holds for nothing of another name.");
        return said.Makes(values => new NoPower(values.Of(need), values.Of(called)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<OwnNeed> DescribeOwn()
    {
        var own = new ObjectCodec<OwnNeed>("ownNeed", "Something that the builder needs beside what the decisions ask for.", isInline: true);
        var id = own.Required("id", Id, value => value.Id, "Unique within the graft.");
        var ware = own.Required("ware", AnyWare, value => value.Ware, "What it is.");
        var count = own.Usual("count", Pieces, value => value.Count, 1, "How many of it.");
        var note = own.Optional("note", Note, value => value.Note, "What it is for.");
        return own.Makes(values => new OwnNeed(values.Of(id), values.Of(ware), values.Of(count)) { Note = values.Of(note), Unknown = values.Unknown },
            value => value.Unknown);
    }

    private static ObjectCodec<BinTake> DescribeTake()
    {
        var take = new ObjectCodec<BinTake>("binTake", "What is taken from the bin for a need that is no part of the graft.", isInline: true);
        var need = take.Required("need", NeedKey, value => value.Need, "The key of the need.");
        var name = take.Required("name", Name, value => value.Name, "What the bin calls it.");
        var entry = take.Required("binEntry", Id, value => value.Claim.Entry, "The bin's own short name for it.");
        var count = take.Usual("binCount", new IntegerCodec(1, GraftFileLimits.BinPieces), value => value.Claim.Count, 1, "How many of it.");
        var cost = take.Optional("cost", Amount, value => value.Cost, "What they cost when they were bought.");
        return take.Makes(values => new BinTake(values.Of(need), values.Of(name), new BinClaim(values.Of(entry), values.Of(count)))
        {
            Cost = values.Of(cost),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }
}
