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
        var passed = flows.Network.Places.Select(place => (place, Terms: flows.At(place))).Where(each => !each.Terms.IsEmpty)
            .Select(each => new PassedPlace(each.place, each.Terms)).ToArray();
        var places = PlacesOf(passed).Concat(PowerOf(passed)).ToLookup(pair => pair.Supply, pair => pair.Limit);
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

    private static IEnumerable<(string Supply, FeedLimit Limit)> PlacesOf(PassedPlace[] passed)
    {
        var told = passed.Where(each => each.Bears is not null).ToArray();
        var bearsOn = told.SelectMany(each => each.Place.Branches.Select(branch => (branch.Branch, Passed: each)))
            .ToLookup(each => each.Branch, each => each.Passed);
        foreach (var each in told)
        {
            var place = each.Place;
            // Where two ports meet, the same current passes the contacts of both: the one that takes it is told only where it bears less.
            if (each.IsTaker && bearsOn[place.Branches[0].Branch].Any(other => IsBefore(other.Place, place) && other.BearsAtBest <= each.BearsAtBest)) continue;
            var key = each.IsTaker && place.Key.Kind == FeedLimitKind.Port ? place.Key with { Kind = FeedLimitKind.Plug } : place.Key;
            var bears = new Known<Throughput>(new Amps(each.Bears!.Value), each.Bears.Evidence, each.Bears.Note);
            yield return (each.From.Supply.Id, FeedLimit.Of(
                key, $"{place.Rail} {place.Conductors.Name}", place.Conductors.Subject, each.IsBack ? null : each.From.Rail.Voltage, bears, each.Terms,
                new Amps(each.BearsAtBest!.Value), [place]));
        }
    }

    // What a port bears over all its rails together, by those whose current passes it.
    private static IEnumerable<(string Supply, FeedLimit Limit)> PowerOf(PassedPlace[] passed)
        => from each in passed
           where each.Watts is not null
           group each by (each.Place.Conductors.Subject, each.Place.Conductors.Key) into same
           let conductors = same.First().Place.Conductors
           let counted = from each in same
                         from term in each.Terms
                         select term with { Weight = term.Weight * term.Flow.Rail.Voltage.Value }
           let watts = new Known<Throughput>(new Watts(same.First().Watts!.Value), conductors.Bound!.Evidence, conductors.Bound.Note)
           select (same.First().From.Supply.Id, FeedLimit.Of(
               same.Key.Key, $"all rails {conductors.Name}", same.Key.Subject, null, watts, [.. counted], new Watts(conductors.Bound!.WattsAtBest!.Value),
               [.. same.Select(each => each.Place)]));

    // Every branch of the one is a branch of the other too.
    private static bool IsBefore(FeedPlace other, FeedPlace place)
        => other != place && place.Branches.TrueForAll(passed => other.Branches.Any(branch => branch.Branch == passed.Branch));
}
