using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what an offer is beyond its price is written.</summary>
internal static class TraitsFormat
{
    public static readonly ObjectCodec<OfferTraits> Traits = Describe();

    private static ObjectCodec<OfferTraits> Describe()
    {
        var traits = new ObjectCodec<OfferTraits>("offerTraits", "What an offer is beyond its price.");
        var years = traits.Optional(
            "warrantyYears", new DecimalCodec(GraftFileLimits.WarrantyYears), value => value.WarrantyYears, "How many years it is vouched for.");
        var noise = traits.Optional("noiseDb", new DecimalCodec(GraftFileLimits.NoiseDb), value => value.Noise, "How loud it is, in dB(A).");
        var label = traits.Optional("efficiency", new ChoiceCodec<EfficiencyClass>(), value => value.Class, "How much of what it takes it gives on, by its label.");
        var total = traits.Optional("totalWatts", Power, value => value.Total, "The most it gives in all.");
        var depth = traits.Optional("depthMm", Length, value => value.Depth, "How deep it is.");
        var plugs = traits.Many("plugs", DescribePlug(), GraftFileLimits.OfferPlugs, value => value.Plugs, "The plugs that it brings along.");
        return traits.Makes(values => new OfferTraits
        {
            WarrantyYears = values.Of(years),
            Noise = values.Of(noise),
            Class = values.Of(label),
            Total = values.Of(total),
            Depth = values.Of(depth),
            Plugs = values.Of(plugs),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<OfferPlug> DescribePlug()
    {
        var plug = new ObjectCodec<OfferPlug>("offerPlug", "Plugs of one kind.", isInline: true);
        var connector = plug.Required("connector", Connector, value => value.Type, "The kind of connector.");
        var count = plug.Usual("count", new IntegerCodec(1, GraftFileLimits.OfferPlugs), value => value.Count, 1, "How many of them.");
        var reach = plug.Optional("reachMm", Length, value => value.Reach, "How far the shortest of them reaches.");
        return plug.Makes(values => new OfferPlug(values.Of(connector), values.Of(count)) { Reach = values.Of(reach), Unknown = values.Unknown },
            value => value.Unknown);
    }
}
