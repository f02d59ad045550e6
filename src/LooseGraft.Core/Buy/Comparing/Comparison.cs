using System.Collections.Immutable;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>Offers for one need, held against each other beyond their price.</summary>
/// <param name="Need">The need.</param>
/// <param name="Offers">The offers, the cheapest first, those without a rate last; at most <see cref="MostOffers"/>.</param>
/// <param name="LeftAside">How many more there are.</param>
/// <param name="Supply">The supply that it is, where it hangs on the wall; null for anything else.</param>
/// <param name="Given">What that gives in ordinary use; null for anything else.</param>
public sealed record Comparison(Need Need, ImmutableArray<ComparedOffer> Offers, int LeftAside, Supply? Supply, Spread<Watts>? Given)
{
    /// <summary>More beside each other nobody reads.</summary>
    public const int MostOffers = 6;

    /// <summary>The cheapest of those of which a price is known; null where none is.</summary>
    public ComparedOffer? Cheapest => Offers.FirstOrDefault(offer => offer.Price is not null);

    /// <summary>Whether it gives power: a supply, a brick or a converter.</summary>
    public bool IsFeeding => (Need.Part?.Kind ?? Need.Ware.Template?.Kind) is PartKind.Supply or PartKind.Brick or PartKind.Converter;

    /// <summary>Boards of which nobody wrote down what they take, so that no sum counts them; empty for anything but a supply.</summary>
    public ImmutableArray<Part> Uncounted { get; init; } = [];

    /// <summary>Holds the offers for a need against each other.</summary>
    /// <param name="review">The graft.</param>
    /// <param name="line">The need, as it stands.</param>
    public static Comparison Of(Review review, NeedLine line)
    {
        var graft = review.Graft;
        var wanted = line.Need with { Count = Math.Max(1, line.Wanted) };
        var supply = line.Need.Part is { } part
            ? review.Feed.Supplies.FirstOrDefault(each => each.Supply.Part == part.Id && each.Into is null)?.Supply : null;
        var plugs = (supply is null ? Enumerable.Empty<PlugInUse>() : PlugInUse.Of(graft, supply, review.Seat.Reaches)
            .Concat(review.Feed.Plugs.Wanting.Select(port => new PlugInUse(port.Port.Type, null, null)))).ToLookup(plug => plug.Type, plug => plug.Needed);
        var all = OfferMatches.Of(graft, [wanted])[wanted.Key].Select(match => new ComparedOffer(match, match.Alone(graft).InGraft))
            .OrderBy(offer => offer.Price is null).ThenBy(offer => offer.Price?.Amount).ToArray();
        return new Comparison(
            line.Need, [.. all.Take(MostOffers).Select(Judged)], Math.Max(0, all.Length - MostOffers), supply,
            supply is null ? null : review.Feed.Flows.Given(supply, LoadCase.Typical))
        {
            Uncounted = supply is null ? [] : review.Feed.Uncounted,
        };

        ComparedOffer Judged(ComparedOffer offer)
        {
            var depth = line.Need.Part is { } own && offer.Traits.Depth is { } deep ? DepthFit.Of(graft, own.Id, deep) : null;
            return supply is null ? offer with { Depth = depth } : WithCurrent(review, supply, offer) with
            {
                Depth = depth,
                Plugs = offer.Traits.Plugs.IsEmpty ? [] : [.. plugs.Select(ways => PlugFit.Of(ways.Key, [.. ways], [.. Reaches(offer.Traits, ways.Key)]))],
            };
        }
    }

    private static IEnumerable<double?> Reaches(OfferTraits traits, ConnectorType type)
        => traits.Plugs.Where(plug => plug.Type == type).SelectMany(plug => Enumerable.Repeat(plug.Reach?.Value, plug.Count));

    // As if it stood in the place of the supply: what the parts take is the same.
    private static ComparedOffer WithCurrent(Review review, Supply supply, ComparedOffer offer)
    {
        var flows = review.Feed.Flows;
        var peak = flows.Given(supply, LoadCase.Peak).High;
        var judged = offer with { Beyond = offer.Traits.Total is { } total && peak > total ? peak : null };
        if (offer.Traits.Class is not { } label) return judged;
        var limit = offer.Traits.Total is { Value: > 0 } most ? new TotalLimit(new Known<Watts>(most, Evidence.Label)) : null;
        var wall = flows.Taken(supply with { Class = label, Total = limit }, LoadCase.Typical);
        return judged with
        {
            Wall = wall,
            Year = review.Graft.Buying.Worth is { HoursADay: { } hours, Tariff: { } tariff } ? YearCost.Of(wall, hours, tariff) : null,
        };
    }
}
