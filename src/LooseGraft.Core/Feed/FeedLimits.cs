using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>Every limit that currents meet, supply by supply: rails, shared limits, the total, then every place that bears no more than it bears.</summary>
internal static class FeedLimits
{
    /// <summary>The limits of each supply, in the order in which they are told.</summary>
    public static ILookup<string, FeedLimit> Of(Graft graft, FeedFlows flows)
    {
        var places = PlacesOf(flows).ToLookup(pair => pair.Supply, pair => pair.Limit);
        return graft.Supplies.SelectMany(supply => OfSupply(supply, flows).Concat(places[supply.Id].OrderBy(limit => limit.Kind))
            .Select(limit => (supply.Id, limit))).ToLookup(pair => pair.Id, pair => pair.limit);
    }

    private static IEnumerable<FeedLimit> OfSupply(Supply supply, FeedFlows flows)
    {
        var rails = supply.Rails.ToDictionary(rail => rail.Name, rail => flows.Of(supply, rail));
        foreach (var rail in supply.Rails)
        {
            yield return FeedLimit.Of(FeedLimitKey.OfRail(rail.Name), rail.Name, new RailSubject(supply.Id, rail.Name), rail.Voltage,
                new(rail.Voltage * rail.Limit.Value, rail.Limit.Evidence, rail.Limit.Note), rails[rail.Name]);
        }

        foreach (var (index, shared) in supply.Combined.Index())
        {
            yield return FeedLimit.Of(FeedLimitKey.OfShared(index), string.Join(" with ", shared.Rails), new SharedLimitSubject(supply.Id, index), null,
                new(shared.Limit.Value, shared.Limit.Evidence, shared.Limit.Note), [.. shared.Rails.SelectMany(name => rails.GetValueOrDefault(name, []))]);
        }

        if (supply.Total is { Limit: var total })
        {
            yield return FeedLimit.Of(
                FeedLimitKey.OfTotal, "in all", new TotalSubject(supply.Id), null, new(total.Value, total.Evidence, total.Note), flows.Of(supply));
        }
    }

    private static IEnumerable<(string Supply, FeedLimit Limit)> PlacesOf(FeedFlows flows)
    {
        var told = flows.Network.Places.Select(place => (Place: place, Terms: flows.At(place)))
            .Where(each => !each.Terms.IsEmpty && each.Place.Bears is not null).ToArray();
        var bearsOn = told.SelectMany(each => each.Place.Branches.Select(passed => (passed.Branch, each.Place)))
            .ToLookup(each => each.Branch, each => each.Place);
        foreach (var (place, terms) in told)
        {
            var (first, likely) = (terms[0].Flow, terms.Sum(term => term.Weight * term.Flow.At(LoadCase.Peak).Likely.Value));
            // Where two ports meet, the same current passes the contacts of both: the one that takes it is told only where it bears less.
            // On the way back the supply's side is the one that takes.
            var isBack = place.Rail == SupplyMetal.Ground;
            var isTaker = (likely != 0 ? likely : terms[0].Weight) < 0 != isBack;
            if (isTaker && bearsOn[place.Branches[0].Branch].Any(other => IsBefore(other, place) && other.BearsAtBest <= place.BearsAtBest)) continue;
            var key = isTaker && place.Key.Kind == FeedLimitKind.Port ? place.Key with { Kind = FeedLimitKind.Plug } : place.Key;
            var bears = new Known<Throughput>(new Amps(place.Bears!.Value), Evidence.Assumed, Note(place));
            yield return (first.Supply.Id, FeedLimit.Of(
                key, $"{place.Rail} {place.Conductors.Name}", place.Conductors.Subject, isBack ? null : first.Rail.Voltage, bears, terms,
                new Amps(place.BearsAtBest!.Value)));
        }
    }

    // Every branch of the one is a branch of the other too.
    private static bool IsBefore(FeedPlace other, FeedPlace place)
        => other != place && place.Branches.TrueForAll(passed => other.Branches.Any(branch => branch.Branch == passed.Branch));

    private static string Note(FeedPlace place) => place switch
    {
        { Conductors: { InAll: { } most } conductors } when place.Bears >= most => conductors.Note,
        { Count: 1 } => $"one {place.Conductors.Note}",
        _ => $"{place.Count} × {place.Conductors.Note}, shared unevenly",
    };
}
