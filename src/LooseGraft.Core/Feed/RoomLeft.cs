using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>The most that may be added at one place before a link of the chain gives.</summary>
/// <param name="Amps">The current that may be added; 0 when a link is over already.</param>
/// <param name="First">The link that gives first, in words; empty when no limit is known.</param>
public sealed record RoomLeft(Amps Amps, string First)
{
    /// <summary>Works out the room on a rail of a supply, at a plug when one is named.</summary>
    /// <remarks>
    /// Each limit on the way is solved by itself for what it has left at peak, high figure: limit less use, over the voltage. Through a converter the equation
    /// of its efficiency is solved for what it may give while it takes what it takes now and what is left upstream. No stepping.
    /// </remarks>
    /// <param name="feed">The review of the feeding.</param>
    /// <param name="supply">The supply.</param>
    /// <param name="rail">The rail.</param>
    /// <param name="plug">The plug, written string/plug; null for the supply itself.</param>
    /// <param name="port">The port of a part that feeds on, which comes in by that plug; null where it hangs on the supply.</param>
    public static RoomLeft At(FeedReview feed, Supply supply, string rail, string? plug = null, PortId? port = null) => At(feed, supply, rail, plug, port, []);

    /// <summary>The room on each rail of a supply, at each plug that nothing takes, and at each port that feeds its current on; each with its name.</summary>
    public static IEnumerable<(string Place, RoomLeft Room)> Everywhere(Graft graft, FeedReview feed, SupplyReview review)
    {
        var supply = review.Supply;
        return supply.Rails.Select(rail => ($"{rail.Name} of {review.Name}", At(feed, supply, rail.Name)))
            .Concat(from plug in feed.Plugs.Free
                    where plug.Supply == supply.Id
                    from rail in supply.Rails
                    where plug.Type.Pinout.Contains(rail.Name)
                    select ($"{rail.Name} at {plug.Name}, a free {plug.Type.Name}", At(feed, supply, rail.Name, plug.Name)))
            .Concat(from fed in review.Flows.Where(flow => flow.Through is not null).DistinctBy(flow => (flow.Through, flow.Rail))
                    select ($"{fed.Rail} out of {graft.FindPort(fed.Through!.Value)?.Name}", At(feed, supply, fed.Rail, fed.Plug, fed.Through)));
    }

    private static RoomLeft At(FeedReview feed, Supply supply, string rail, string? plug, PortId? port, HashSet<string> seen)
    {
        var best = new RoomLeft(new Amps(double.PositiveInfinity), "");
        if (feed.Supplies.FirstOrDefault(review => review.Supply.Id == supply.Id) is not { } review
            || supply.Rails.FirstOrDefault(each => each.Name == rail) is not { } own || !seen.Add(supply.Id))
            return new RoomLeft(new Amps(0), $"no {rail} there");
        var volts = Math.Abs(own.Voltage.Value);
        foreach (var limit in review.Limits.Where(limit => Concerns(limit.Key, supply, rail, plug, port)))
        {
            var left = Math.Max(0, limit.LeastLeft.Value / volts);
            if (left < best.Amps.Value) best = new RoomLeft(new Amps(left), $"{limit.Name} of {review.Name}");
        }

        if (plug is not null && Unused(supply, rail, plug) is { } fresh && fresh.Amps < best.Amps) best = fresh;
        if (supply.Input is not { } input || feed.Supplies.FirstOrDefault(upstream => upstream.Supply.Id == input.Supply) is not { } above) return Finite(best);
        var room = At(feed, above.Supply, input.Rail, input.Plug, null, seen);
        var upstreamVolts = Math.Abs(above.Supply.Rails.FirstOrDefault(each => each.Name == input.Rail)?.Voltage.Value ?? 0);
        var mayTake = feed.Flows.Taken(supply, LoadCase.Peak).High.Value + (room.Amps.Value * upstreamVolts);
        var passed = room.Amps.Value <= 0
            ? 0
            : Math.Max(0, (FeedFlows.MostGiven(supply, mayTake) - feed.Flows.Given(supply, LoadCase.Peak).High.Value) / volts);
        return Finite(passed < best.Amps.Value ? new RoomLeft(new Amps(passed), room.First) : best);
    }

    private static bool Concerns(FeedLimitKey limit, Supply supply, string rail, string? plug, PortId? port) => limit.Kind switch
    {
        FeedLimitKind.Total => true,
        FeedLimitKind.Combined => supply.Combined[limit.Shared!.Value].Rails.Contains(rail),
        FeedLimitKind.Rail => limit.Rail == rail,
        FeedLimitKind.Wire => limit.Rail == rail && plug?.StartsWith(limit.At + "/", StringComparison.Ordinal) == true,
        FeedLimitKind.Plug => limit.Rail == rail && plug == limit.At,
        FeedLimitKind.Port => limit.Rail == rail && port is not null && port == limit.Port,
        _ => false,
    };

    // A string or plug that carries nothing of this rail yet has no limit of its own in the review.
    private static RoomLeft? Unused(Supply supply, string rail, string plug)
    {
        var lead = supply.Leads.FirstOrDefault(lead => plug.StartsWith(lead.Id + "/", StringComparison.Ordinal));
        if (lead?.Plugs.FirstOrDefault(each => plug == $"{lead.Id}/{each.Id}") is not { } found) return null;
        if (found.Type.Pinout.Count > 0 && !found.Type.Pinout.Contains(rail)) return new RoomLeft(new Amps(0), $"no {rail} at a {found.Type.Name}");
        var wire = WireGauge.All.Where(gauge => gauge.Awg <= lead.Awg).MaxBy(gauge => gauge.Awg) ?? WireGauge.All[0];
        var contacts = found.Type.ContactAmps * found.Type.Pinout.Count(signal => signal == rail);
        var wires = wire.Amps * lead.WiresEach;
        return contacts is > 0 and { } bears && bears < wires
            ? new RoomLeft(new Amps(bears), $"{rail} at {found.Id} of {lead.Name}")
            : new RoomLeft(new Amps(wires), $"{rail} along {lead.Name}");
    }

    private static RoomLeft Finite(RoomLeft room)
        => double.IsFinite(room.Amps.Value) ? room : new RoomLeft(new Amps(0), "no limit is known, so nothing can be promised");
}
