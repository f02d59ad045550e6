using System.Collections.Immutable;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>The contacts, or wires, of a place in the chain with their currents.</summary>
/// <param name="Contacts">Each of them, in the order of their positions.</param>
/// <param name="AreWires">Whether they are wires rather than contacts.</param>
/// <param name="Each">What one of them bears; null where nothing is laid down for a single one.</param>
/// <param name="Most">The current of the one that takes most, if it resists least and all others beside it most; null where there is one of a rail only.
/// </param>
public sealed record PlaceContacts(ImmutableArray<PlaceContact> Contacts, bool AreWires, Amps? Each, Amps? Most)
{
    /// <summary>What stands at a limit; null for what a supply gives, where no conductor is meant.</summary>
    /// <param name="feed">The feeding.</param>
    /// <param name="limit">One of its limits.</param>
    /// <param name="loadCase">The load case.</param>
    public static PlaceContacts? At(FeedReview feed, FeedLimit limit, LoadCase loadCase)
    {
        if (limit.Places is not [var first, ..]) return null;
        var all = from place in limit.Places
                  from branch in place.Branches
                  group branch by (place, branch.Contact) into same
                  orderby same.Key.Contact
                  let current = FeedUse.Sum(feed.Flows.Along([.. same]), loadCase, isPower: false)
                  select new PlaceContact(
                      same.Key.Contact is { } contact ? feed.Netlist.Contacts[contact] : null, same.Key.place.Rail,
                      same.Key.Contact is null ? same.Key.place.Count : 1, current.Rising(amps => new Amps(amps.Value)));
        var most = limit.Places.Where(place => place.Count > 1).Select(place => MostOfOne(feed, place, loadCase)).DefaultIfEmpty(0).Max();
        return new PlaceContacts(
            [.. all], first.Conductors.Key.Kind is FeedLimitKind.Wire or FeedLimitKind.Lead, first.Conductors.Amps is { } amps ? new Amps(amps) : null,
            most > 0 ? new Amps(most) : null);
    }

    private static double MostOfOne(FeedReview feed, FeedPlace place, LoadCase loadCase)
        => FeedUse.Sum(feed.Flows.At(place), loadCase, isPower: false).High.Value
            * place.Conductors.Contact.WorstShare(place.Count, place.Conductors.WireOhms);
}
