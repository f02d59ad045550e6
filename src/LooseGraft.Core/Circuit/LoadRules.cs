using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Whether what takes power gets any, and has a way back for it.</summary>
internal static class LoadRules
{
    /// <summary>What is missing even with every switch closed: a switch in series with a feed is normal.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState open, NetState closed)
    {
        var joined = netlist.Joins.Where(join => join.Kind is JoinKind.Joint).SelectMany(join => new[] { join.One, join.Other }).ToHashSet();
        var grounds = netlist.Contacts.Where(contact => contact.Role.Kind == RoleKind.Ground).GroupBy(contact => contact.Part.Id)
            .ToDictionary(same => same.Key, same => same.ToArray());
        foreach (var net in closed.Nets.Values)
        {
            foreach (var load in Takers(net)
                .Where(load => net.Contacts.Any(contact => joined.Contains(contact.Index) && contact.Part.Id == load.Part.Id)))
            {
                if (net.Feed is not { } feed)
                {
                    // One on a return is told as that.
                    if (open.Of(load)?.Of(RoleKind.Ground).Any() != true) yield return new Clash(ConflictKind.NotFed, Severity.Fix, load, load);
                }
                else if (grounds.TryGetValue(load.Part.Id, out var returns) && grounds.TryGetValue(feed.Part.Id, out var home)
                    && !returns.Any(ground => IsBack(ground, home, closed)))
                    yield return Lost(feed, load, returns, netlist, closed);
            }

            // What is said over a line is measured against a common ground.
            foreach (var driver in net.Of(RoleKind.Driver))
            {
                foreach (var input in net.Actors.Where(actor => actor != driver && actor.Role.Kind is RoleKind.Driver or RoleKind.Input))
                {
                    if (grounds.TryGetValue(driver.Part.Id, out var home) && grounds.TryGetValue(input.Part.Id, out var returns)
                        && !returns.Any(ground => IsBack(ground, home, closed)))
                        yield return new Clash(ConflictKind.NoReturn, Severity.Fix, driver, input);
                }
            }
        }
    }

    // A board takes what a supply gives it, as a load does.
    private static IEnumerable<CircuitContact> Takers(Net net)
        => net.Of(RoleKind.Load).Concat(net.Feed is { Role.Kind: RoleKind.Source } ? net.Of(RoleKind.Rail) : []);

    // A part without its ground is lifted to its supply by what it takes, and with it every line it has: that kills the pin at the other end.
    private static Clash Lost(CircuitContact feed, CircuitContact load, CircuitContact[] returns, Netlist netlist, NetState closed)
    {
        var lines = netlist.Contacts.Where(contact => contact.Part.Id == load.Part.Id && contact.Role.Kind is RoleKind.Driver or RoleKind.Input)
            .Concat(returns);
        var pin = lines.Select(closed.Of).OfType<Net>().SelectMany(net => net.Actors).FirstOrDefault(actor => actor.Part.Id != load.Part.Id
            && actor.Role.Kind is RoleKind.Driver or RoleKind.Input && !NetRules.BearsSupply(actor.Role, feed.Role.Gives!.Value));
        return pin is null ? new Clash(ConflictKind.NoReturn, Severity.Fix, feed, load) : new Clash(ConflictKind.ReturnThroughSignal, Severity.Stop, feed, pin);
    }

    // Back home, or on another supply, of which is told elsewhere.
    private static bool IsBack(CircuitContact ground, CircuitContact[] home, NetState closed)
        => home.Contains(ground) || closed.Of(ground) is { } net && (home.Any(contact => closed.Of(contact) == net) || net.Feed is not null);
}
