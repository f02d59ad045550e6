using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>The most that may be added at one place before a link of the chain gives.</summary>
/// <param name="Amps">The current that may be added; 0 when a link is over already.</param>
/// <param name="First">The link that gives first, in words.</param>
/// <remarks>
/// A draw of nothing is put at each place, and its share at every limit looked up. Each limit is then solved by itself for what it has left at peak, high
/// figure: limit less use, over the share. Through a converter the equation of its efficiency is solved for what it may give while it takes what it takes now
/// and what is left upstream. Where parts or converters take more the less voltage is left, the answer is brought down to what the settled currents leave.
/// </remarks>
public sealed record RoomLeft(Amps Amps, string First)
{
    private const int MostSteps = 40;
    private const double Exact = 1e-6;

    private static readonly RoomLeft Unknown = new(new Amps(0), "no limit is known, so nothing can be promised");

    /// <summary>The room at places.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="feed">The review of its feeding.</param>
    /// <param name="places">Each by the rail, and the way that a part there would be meant to be fed.</param>
    /// <returns>The room of each, in their order.</returns>
    public static ImmutableArray<RoomLeft> At(Graft graft, FeedReview feed, IEnumerable<(string Rail, MeantWay Way)> places)
    {
        var asked = places.ToArray();
        var nothing = Spread<Amps>.Exactly(new Amps(0));
        var probes = asked.Index().Select(place => new Load($"\0{place.Index}", $"\0{place.Index}")
        {
            Draws = [new Draw(place.Item.Rail, nothing, nothing, nothing, Evidence.Measured)],
            Meant = place.Item.Way,
        });
        var with = FeedStage.Review(graft with { Loads = [.. graft.Loads, .. probes] }, feed.Netlist);
        var rooms = new Dictionary<string, RoomLeft>();
        foreach (var flow in with.Flows.All.Where(flow => flow.Consumer[0] == '\0'))
        {
            var isThere = CarriesIt(flow, asked[int.Parse(flow.Consumer.AsSpan(1), null)].Way);
            rooms[flow.Consumer] = isThere ? Sagging(with, flow, Of(with, flow, [])) : Lacking(flow);
        }

        return [.. asked.Index().Select(place => rooms.GetValueOrDefault($"\0{place.Index}") ?? new RoomLeft(new Amps(0), $"no {place.Item.Rail} there"))];
    }

    /// <summary>The room on each rail of a supply, at each plug that nothing takes, and at each port that feeds its current on; each with its name.</summary>
    public static IEnumerable<(string Place, RoomLeft Room)> Everywhere(Graft graft, FeedReview feed, SupplyReview review)
    {
        var supply = review.Supply;
        var places = supply.Rails.Select(rail => ($"{rail.Name} of {review.Name}", rail.Output.Name, new MeantWay(supply.Id) { Rail = rail.Name }))
            .Concat(from plug in feed.Plugs.Free
                    where plug.Supply == supply.Id
                    from rail in supply.RailsOn(supply.FindPlug(plug.Name)!.Value.Lead)
                    where plug.Type.Pinout.Contains(rail.Output.Name)
                    select ($"{rail.Name} at {plug.In(graft)}, a free {plug.Type.Name}", rail.Output.Name, new MeantWay(supply.Id) { Plug = plug.Name }))
            .Concat(from flow in review.Flows
                    from step in flow.Way
                    where step.Key.Kind == FeedLimitKind.Port
                    group flow by (Port: step.Key.Port!.Value, Rail: flow.Rail.Output.Name) into same
                    select ($"{same.Key.Rail} out of {graft.FindPort(same.Key.Port)?.Name}", same.Key.Rail,
                        new MeantWay(supply.Id) { Through = same.Key.Port }))
            .ToArray();
        return places.Select(place => place.Item1).Zip(At(graft, feed, places.Select(place => (place.Item2, place.Item3))));
    }

    private static bool CarriesIt(FeedFlow flow, MeantWay way)
        => way.Plug is not { } plug || flow.Supply.FindPlug(plug) is not { } found || found.Lead.Plugs[found.At].Type.Pinout is not { Count: > 0 } pinout
            || pinout.Contains(flow.Rail.Output.Name);

    private static RoomLeft Lacking(FeedFlow flow) => new(new Amps(0), $"no {flow.Rail.Name} at such a plug");

    private static RoomLeft Of(FeedReview feed, FeedFlow probe, HashSet<string> seen)
    {
        var best = new RoomLeft(new Amps(double.PositiveInfinity), "");
        foreach (var (review, limit) in feed.Supplies.SelectMany(review => review.Limits.Select(limit => (review, limit))))
        {
            var weight = Math.Abs(limit.Counted.FirstOrDefault(term => ReferenceEquals(term.Flow, probe)).Weight);
            if (weight == 0) continue;
            var left = Math.Max(0, limit.LeastLeft.Value / weight);
            if (left < best.Amps.Value) best = new RoomLeft(new Amps(left), $"{limit.Name} of {review.Name}");
        }

        return Through(feed, probe, best, seen) is var room && double.IsFinite(room.Amps.Value) ? room : Unknown;
    }

    // What takes more the less voltage is left leaves less room than that: the limits are asked again, and what is left of the way to them shared out anew.
    private static RoomLeft Sagging(FeedReview feed, FeedFlow probe, RoomLeft room)
    {
        if (room.Amps.Value <= 0 || feed.Flows.All.All(flow => flow is { HoldsPower: false, Feeds: null })) return room;
        var limits = feed.Supplies.SelectMany(review => review.Limits.Select(limit => (limit, Name: $"{limit.Name} of {review.Name}"))).ToArray();
        var (low, high) = ((Amps: 0.0, Share: 0.0), (Amps: room.Amps.Value, Share: double.PositiveInfinity));
        var (first, next) = (room.First, room.Amps.Value);
        for (var step = 0; step < MostSteps; step++)
        {
            var (share, name) = Fullest(next);
            if (share > 1 - Exact) first = name;
            if (share > 1 + Exact) high = (next, share);
            else low = (next, share);
            if (low.Amps == next && (share > 1 - Exact || step == 0)) break;
            next = low.Amps + ((high.Amps - low.Amps) * (double.IsFinite(high.Share) ? (1 - low.Share) / (high.Share - low.Share) : 0.5));
        }

        return new RoomLeft(new Amps(low.Amps), first);

        // Of the limits that feel it, the one that is nearest to being full.
        (double Share, string Name) Fullest(double amps)
        {
            if (feed.Flows.PeakWith(probe, new Amps(amps)) is not { } used) return (double.PositiveInfinity, "a part that cannot be fed then");
            return limits.Select(each => (Used: used(each.limit), each.limit, each.Name))
                .Where(each => each.Used - each.limit.In(LoadCase.Peak).Used.High.Value > Exact * Exact * each.limit.Limit.Value.Value)
                .Select(each => (each.Used / each.limit.Limit.Value.Value, each.Name)).DefaultIfEmpty((0, first)).Max();
        }
    }

    // What the supply may give on, by what is left of what feeds it.
    private static RoomLeft Through(FeedReview feed, FeedFlow probe, RoomLeft best, HashSet<string> seen)
    {
        var supply = probe.Supply;
        if (feed.Flows.Into(supply) is not { } into || !seen.Add(supply.Id)) return best;
        var room = Of(feed, into, seen);
        var mayTake = feed.Flows.Taken(supply, LoadCase.Peak).High.Value + (room.Amps.Value * Math.Abs(into.Rail.Voltage.Value));
        var passed = room.Amps.Value <= 0
            ? 0
            : Math.Max(0, feed.Flows.MostGiven(supply, mayTake) - feed.Flows.Given(supply, LoadCase.Peak).High.Value) / Math.Abs(probe.Rail.Voltage.Value);
        return passed < best.Amps.Value ? new RoomLeft(new Amps(passed), room.First) : best;
    }
}
