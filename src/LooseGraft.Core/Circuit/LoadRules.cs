using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>Whether what takes power gets any, and has a way back for it.</summary>
internal static class LoadRules
{
    /// <summary>What is missing even with every switch closed: a switch in series with a feed is normal.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState open, NetState closed)
    {
        var joined = netlist.Joins.Where(join => join.Kind is JoinKind.Joint).SelectMany(join => new[] { join.One, join.Other }).ToHashSet();
        var grounds = netlist.Contacts.Where(contact => contact.Role.Kind == RoleKind.Ground).GroupBy(contact => contact.Part.Id)
            .ToDictionary(same => same.Key, same => PerNet(same, closed));
        var others = netlist.Contacts.Where(contact => contact.Role.Kind is RoleKind.Driver or RoleKind.Input or RoleKind.Load)
            .ToLookup(contact => contact.Part.Id);
        foreach (var idle in Idle(netlist, closed)) yield return idle;
        foreach (var net in closed.Nets)
        {
            if (!net.Has(RoleKind.Load) && !net.Has(RoleKind.Rail) && !net.Has(RoleKind.Driver)) continue;
            foreach (var load in Takers(net)
                .Where(load => net.Contacts.Any(contact => joined.Contains(contact.Index) && contact.Part.Id == load.Part.Id)))
            {
                if (net.Feed is not { } feed)
                {
                    // One on a return is told as that, and one on what nobody knows: that may be what feeds it.
                    if (open.Of(load) is not { } atRest || !(atRest.Has(RoleKind.Ground) || atRest.Has(RoleKind.Unknown)))
                        yield return new Clash(ConflictKind.NotFed, Severity.Fix, load, load);
                }
                else if (grounds.TryGetValue(load.Part.Id, out var returns) && grounds.TryGetValue(feed.Part.Id, out var home)
                    && !returns.Any(ground => IsBack(ground, home, closed)))
                    yield return Lost(feed, load, [.. others[load.Part.Id], .. returns], closed);
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

    // A step gives nothing to what hangs on it while nothing feeds it, whether or not anything is joined where it takes.
    private static IEnumerable<Clash> Idle(Netlist netlist, NetState closed)
        => from step in netlist.Elements
           where step.Link.Kind == LinkKind.Step && closed.Of(step.One) is not { Feed: not null }
               && closed.Of(step.Other)?.Actors.Any(taker => taker.Part.Id != step.Part.Id && taker.Role.Wants is not null) == true
           select new Clash(ConflictKind.NotFed, Severity.Fix, step.One, step.One);

    // A board takes what a supply gives it, as a load does.
    private static IEnumerable<CircuitContact> Takers(Net net)
        => net.Of(RoleKind.Load).Concat(net.Feed is { Role.Kind: RoleKind.Source } ? net.Of(RoleKind.Rail) : []);

    // A part without its ground is lifted to its supply by what it takes, and with it every line it has: that kills the pin at the other end, or its own
    // where that end is ground. Where another of its supplies hangs on less, the current goes back through what takes that, the wrong way round.
    private static Clash Lost(CircuitContact feed, CircuitContact load, CircuitContact[] others, NetState closed)
    {
        var given = feed.Role.Gives!.Value;
        foreach (var (contact, net) in others.Select(contact => (contact, closed.Of(contact))))
        {
            if (net is null) continue;
            if (contact.Role.Kind == RoleKind.Load)
            {
                if (net.Held is { } held && held.High < given.Low) return new Clash(ConflictKind.ReturnThroughLoad, Severity.Stop, feed, contact);
            }
            else if (contact.Terminal.IsSignal && net.Has(RoleKind.Ground))
            {
                return new Clash(ConflictKind.ReturnThroughSignal, Severity.Stop, feed, contact);
            }
            else if (net.Actors.FirstOrDefault(actor => actor.Part.Id != load.Part.Id && actor.Terminal.IsSignal
                && !NetRules.BearsSupply(actor.Role, given)) is { } pin)
            {
                return new Clash(ConflictKind.ReturnThroughSignal, Severity.Stop, feed, pin);
            }
        }

        return new Clash(ConflictKind.NoReturn, Severity.Fix, feed, load);
    }

    // All grounds of a part on one net are one way back.
    private static CircuitContact[] PerNet(IEnumerable<CircuitContact> grounds, NetState closed)
        => [.. grounds.DistinctBy(ground => closed.Of(ground) is { } net ? net.Contacts[0].Index : ground.Index)];

    // Back home, or on another supply, of which is told elsewhere.
    private static bool IsBack(CircuitContact ground, CircuitContact[] home, NetState closed)
        => home.Contains(ground) || closed.Of(ground) is { } net && (net.Feed is not null || home.Any(contact => closed.Of(contact) == net));
}
