using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Files;

/// <summary>How offers are written by themselves.</summary>
internal static class OfferFormat
{
    public const string FormatName = "loose-graft-offers";
    public const int Version = 3;

    public static readonly ObjectCodec<OfferSheet> Sheet = DescribeSheet();

    private static ObjectCodec<OfferSheet> DescribeSheet()
    {
        var sheet = new ObjectCodec<OfferSheet>("offerFile", "Offers with their sellers.");
        sheet.Required("format", new TextCodec(20, pattern: $"^{FormatName}$", patternWords: $"\"{FormatName}\""), _ => FormatName, "Marks the file as offers.");
        sheet.Required("formatVersion", new IntegerCodec(Version, Version), _ => Version, "The version of this format.");
        var sellers = sheet.Many("sellers", BuyFormat.Seller, GraftFileLimits.Sellers, value => value.Sellers, "Who sells.");
        var offers = sheet.Many("offers", BuyFormat.Offer, GraftFileLimits.Offers, value => value.Offers, "What they offer.");
        return sheet.Makes(values => new OfferSheet(values.Of(sellers), values.Of(offers)) { Unknown = values.Unknown }, value => value.Unknown, Check);
    }

    private static void Check(OfferSheet sheet, ReadContext context)
    {
        CrossChecks.Unique(context, "sellers", sheet.Sellers, seller => seller.Id);
        CrossChecks.Unique(context, "offers", sheet.Offers, offer => offer.Id);
        var known = sheet.Sellers.Select(seller => seller.Id).ToHashSet();
        foreach (var (index, offer) in sheet.Offers.Index())
            CrossChecks.Exists(context, $".offers[{index}].seller", offer.Seller, known, "the id of a seller");
    }
}
