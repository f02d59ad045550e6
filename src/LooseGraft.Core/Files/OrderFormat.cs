using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what was ordered and what came of it is written.</summary>
internal static class OrderFormat
{
    private static readonly IntegerCodec None = new(0, GraftFileLimits.OfferPieces);

    public static readonly ObjectCodec<Order> Order = DescribeOrder();
    public static readonly ObjectCodec<Arrival> Arrival = DescribeArrival();

    private static ObjectCodec<Order> DescribeOrder()
    {
        var order = new ObjectCodec<Order>("order", "What was ordered of one seller, as it stood at that moment.");
        var seller = order.Required("seller", Id, value => value.Seller, "The seller.");
        var name = order.Required("name", Name, value => value.Name, "What the builder called it.");
        var currency = order.Required("currency", Currency, value => value.Currency, "In which it asks.");
        var day = order.Required("day", Day, value => value.Day, "The day on which it was ordered.");
        var lines = order.Many("lines", DescribeLine(), GraftFileLimits.Chosen, value => value.Lines, "What was ordered.");
        var number = order.Optional("number", Name, value => value.Number, "The seller's number of it.");
        var postage = order.Usual("postage", Amount, value => value.Postage, Money.Zero, "What sending cost.");
        var tax = order.Usual("tax", Amount, value => value.Tax, Money.Zero, "What came on top of goods and postage.");
        var rate = order.Usual("rate", BuyFormat.Worth, value => value.Rate, 1, "What one of the seller's currency was worth in the graft's.");
        var from = order.Optional("daysFrom", BuyFormat.Days, value => value.Days?.From, "Days until its parcel is here, at least; as at most where it is left out.");
        var to = order.Optional("daysTo", BuyFormat.Days, value => value.Days?.To, "Days until its parcel is here, at most; as at least where it is left out.");
        return order.Makes(values => new Order(values.Of(seller), values.Of(name), values.Of(currency), values.Of(day), values.Of(lines))
        {
            Number = values.Of(number),
            Postage = values.Of(postage),
            Tax = values.Of(tax),
            Rate = values.Of(rate),
            Days = BuyFormat.Span(values.Of(from), values.Of(to)),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => BuyFormat.CheckSpan(value.Days, context));
    }

    private static ObjectCodec<OrderLine> DescribeLine()
    {
        var aim = new ObjectCodec<OrderAim>("orderAim", "What something was ordered for.", isInline: true);
        var need = aim.Required("need", BuyFormat.NeedKey, value => value.Need, "The key of the need.");
        var words = aim.Required("words", Note, value => value.Words, "What it was called.");
        var count = aim.Usual("count", BuyFormat.Pieces, value => value.Count, 1, "How many pieces, or whole metres, of it.");
        var joints = aim.Many("joints", Id, GraftFileLimits.Joints, value => value.Joints, "The joints that asked for it.");
        aim.Makes(values => new OrderAim(values.Of(need), values.Of(words), values.Of(count)) { Joints = values.Of(joints), Unknown = values.Unknown },
            value => value.Unknown);

        var line = new ObjectCodec<OrderLine>("orderLine", "Packs of one offer in an order.", isInline: true);
        var what = line.Required("what", Name, value => value.What, "How the seller calls it.");
        var price = line.Required("price", Amount, value => value.Price, "What a pack cost, in the seller's currency.");
        var packs = line.Usual("packs", BuyFormat.Pieces, value => value.Packs, 1, "How many.");
        var contents = line.Many("contents", BuyFormat.Content, GraftFileLimits.OfferContents, value => value.Contents, "What is in a pack.");
        var condition = line.Usual("condition", new ChoiceCodec<WareCondition>(), value => value.Condition, WareCondition.New, "What state it is in.");
        var fit = line.Usual("fit", new ChoiceCodec<FitWord>(), value => value.Fit, FitWord.SellersWord, "Who says that it fits.");
        var aims = line.Many("for", aim, GraftFileLimits.Needs, value => value.For, "What it was ordered for.");
        return line.Makes(values => new OrderLine(values.Of(what), values.Of(price), values.Of(packs))
        {
            Contents = values.Of(contents),
            Condition = values.Of(condition),
            Fit = values.Of(fit),
            For = values.Of(aims),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<Arrival> DescribeArrival()
    {
        var line = new ObjectCodec<ArrivedLine>("arrivedLine", "What came of one line of an order.", isInline: true);
        var which = line.Required("line", new IntegerCodec(0, GraftFileLimits.Chosen - 1), value => value.Line, "Which line, from 0.");
        var right = line.Usual("right", None, value => value.Right, 0, "How many packs were what was ordered.");
        var wrong = line.Usual("wrong", None, value => value.Wrong, 0, "How many were something else, or broken.");
        var parts = line.Many("parts", Id, GraftFileLimits.Parts, value => value.Parts, "The parts of the graft that came out of them.");
        var bin = line.Many("toBin", BuyFormat.Content, GraftFileLimits.OfferContents, value => value.ToBin, "What of them went into the bin.");
        line.Makes(values => new ArrivedLine(values.Of(which), values.Of(right), values.Of(wrong))
        {
            Parts = values.Of(parts),
            ToBin = values.Of(bin),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var arrival = new ObjectCodec<Arrival>("arrival", "A parcel that came, or the news that none will.");
        var order = arrival.Required("order", Id, value => value.Order, "The record of the order.");
        var day = arrival.Required("day", Day, value => value.Day, "The day.");
        var lines = arrival.Many("lines", line, GraftFileLimits.Chosen, value => value.Lines, "What came.");
        var last = arrival.Usual("isLast", new FlagCodec(), value => value.IsLast, false, "Whether nothing more of the order will come.");
        var back = arrival.Usual("back", Amount, value => value.Back, Money.Zero, "What the seller gave back, in its currency.");
        var note = arrival.Optional("note", Note, value => value.Note, "What was wrong, or why nothing comes.");
        return arrival.Makes(values => new Arrival(values.Of(order), values.Of(day), values.Of(lines))
        {
            IsLast = values.Of(last),
            Back = values.Of(back),
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }
}
