using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How the worth of a graft is written.</summary>
internal static class WorthFormat
{
    private static readonly DecimalCodec Hours = new(GraftFileLimits.Hours);

    public static readonly ObjectCodec<WorthTerms> Worth = Describe();

    private static ObjectCodec<WorthTerms> Describe()
    {
        var worth = new ObjectCodec<WorthTerms>("worth", "What the builder says of the worth of the graft.");
        var done = worth.Optional("hoursDone", Hours, value => value.HoursDone, "Hours at the bench until now.");
        var coming = worth.Optional("hoursToCome", Hours, value => value.HoursToCome, "Hours still to come.");
        var rate = worth.Optional("hourRate", Amount, value => value.HourRate, "What an hour is worth to the builder; left out for a pleasure.");
        var hoped = worth.Optional("hopedPrice", Amount, value => value.HopedPrice, "The price hoped for.");
        var fee = worth.Usual("feePercent", new DecimalCodec(100), value => value.FeePercent, 0, "What whoever sells it takes of the price, in hundredths.");
        var handing = worth.Optional("handingOver", Amount, value => value.HandingOver, "What handing it over costs.");
        var stands = worth.Optional("asItStands", Amount, value => value.AsItStands, "What all that is here would fetch if it went no further.");
        var daily = worth.Optional("hoursADay", new DecimalCodec(24), value => value.HoursADay, "How many hours a day it is on.");
        var tariff = worth.Optional(
            "tariff", new DecimalCodec(GraftFileLimits.Tariff, GraftFileLimits.TariffDecimals), value => value.Tariff, "What a kilowatt-hour costs.");
        var left = worth.Many("leftOvers", DescribeLeftOver(), GraftFileLimits.LeftOvers, value => value.LeftOvers, "What is left over when it is done.");
        var ways = worth.Many("otherWays", DescribeWay(), GraftFileLimits.OtherWays, value => value.OtherWays, "What could be had instead.");
        return worth.Makes(values => new WorthTerms
        {
            HoursDone = values.Of(done),
            HoursToCome = values.Of(coming),
            HourRate = values.Of(rate),
            HopedPrice = values.Of(hoped),
            FeePercent = values.Of(fee),
            HandingOver = values.Of(handing),
            AsItStands = values.Of(stands),
            HoursADay = values.Of(daily),
            Tariff = values.Of(tariff),
            LeftOvers = values.Of(left),
            OtherWays = values.Of(ways),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<LeftOver> DescribeLeftOver()
    {
        var left = new ObjectCodec<LeftOver>("leftOver", "Something that is left over when the graft is done.", isInline: true);
        var id = left.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = left.Required("name", Name, value => value.Name, "What the builder calls it.");
        var fetches = left.Required("fetches", Amount, value => value.Fetches, "What it may fetch.");
        return left.Makes(values => new LeftOver(values.Of(id), values.Of(name), values.Of(fetches)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<OtherWay> DescribeWay()
    {
        var way = new ObjectCodec<OtherWay>("otherWay", "What could be had in place of the graft.", isInline: true);
        var id = way.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = way.Required("name", Name, value => value.Name, "What the builder calls it.");
        var price = way.Required("price", Amount, value => value.Price, "All that it costs until it runs.");
        var hours = way.Usual("hours", Hours, value => value.Hours, 0, "Hours of work until it runs.");
        var gives = way.Optional("gives", Note, value => value.Gives, "What it gives and what it does not.");
        return way.Makes(values => new OtherWay(values.Of(id), values.Of(name), values.Of(price))
        {
            Hours = values.Of(hours),
            Gives = values.Of(gives),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }
}
