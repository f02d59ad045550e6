using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Whether what takes power gets any, and has a way back for it.</summary>
internal static class LoadRules
{
    /// <summary>What is missing even with every switch closed: a switch in series with a feed is normal.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState closed)
    {
        var joined = netlist.Joins.Where(join => join.Kind is JoinKind.Joint).SelectMany(join => new[] { join.One, join.Other }).ToHashSet();
        var grounds = netlist.Contacts.Where(contact => contact.Role.Kind == RoleKind.Ground).GroupBy(contact => contact.Part.Id)
            .ToDictionary(same => same.Key, same => same.ToArray());
        foreach (var net in closed.Nets.Values)
        {
            foreach (var load in net.Of(RoleKind.Load)
                .Where(load => net.Contacts.Any(contact => joined.Contains(contact.Index) && contact.Part.Id == load.Part.Id)))
            {
                if (net.Feed is not { } feed)
                {
                    if (!net.Of(RoleKind.Ground).Any()) yield return new Clash(ConflictKind.NotFed, Severity.Fix, load, load);
                }
                else if (grounds.TryGetValue(load.Part.Id, out var returns) && grounds.TryGetValue(feed.Part.Id, out var home)
                    && !returns.Any(ground => IsBack(ground, home, closed)))
                    yield return new Clash(ConflictKind.NoReturn, Severity.Fix, feed, load);
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

    // Back home, or on another supply, of which is told elsewhere.
    private static bool IsBack(CircuitContact ground, CircuitContact[] home, NetState closed)
        => home.Contains(ground) || closed.Of(ground) is { } net && (home.Any(contact => closed.Of(contact) == net) || net.Feed is not null);
}
