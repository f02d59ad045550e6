using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Circuit;

/// <summary>Whether what takes power gets any, and has a way back for it.</summary>
internal sealed class LoadRules
{
    private readonly Netlist _netlist;
    private readonly NetState _closed;
    private readonly Dictionary<string, CircuitContact[]> _grounds = [];

    private LoadRules(Netlist netlist, NetState closed) => (_netlist, _closed) = (netlist, closed);

    /// <summary>What is missing even with every switch closed: a switch in series with a feed is normal.</summary>
    public static IEnumerable<Clash> Of(Netlist netlist, NetState open, NetState closed)
    {
        var (rules, found) = (new LoadRules(netlist, closed), new List<Clash>());
        foreach (var net in closed.Nets)
        {
            if (net.Has(RoleKind.Load) || net.Has(RoleKind.Rail)) found.AddRange(rules.Unfed(net, open));
            if (net.Has(RoleKind.Driver) && net.Actors.Length > 1) rules.AddUnreturned(net, found);
        }

        return Idle(netlist, closed).Concat(found);
    }

    private IEnumerable<Clash> Unfed(Net net, NetState open)
    {
        foreach (var load in Takers(net).Where(load => IsJoined(load.Part.Id, net)))
        {
            if (net.Feed is not { } feed)
            {
                // One on a return is told as that, and one on what nobody knows: that may be what feeds it.
                if (open.Of(load) is not { } atRest || !(atRest.Has(RoleKind.Ground) || atRest.Has(RoleKind.Unknown)))
                    yield return new Clash(ConflictKind.NotFed, Severity.Fix, load, load);
            }
            else if (HasNoWayBack(from: load, to: feed))
            {
                yield return Lost(feed, load);
            }
        }
    }

    // What is said over a line is measured against a common ground.
    private void AddUnreturned(Net net, List<Clash> found)
    {
        foreach (var driver in net.Actors)
        {
            if (driver.Role.Kind != RoleKind.Driver) continue;
            foreach (var input in net.Actors)
            {
                if (input.Terminal.IsSignal && input != driver && HasNoWayBack(from: input, to: driver))
                    found.Add(new Clash(ConflictKind.NoReturn, Severity.Fix, driver, input));
            }
        }
    }

    private bool IsJoined(string part, Net net)
    {
        foreach (var contact in net.Contacts)
        {
            if (contact.Part.Id == part && _netlist.IsWired(contact)) return true;
        }

        return false;
    }

    // Of a part that states no ground nothing is told.
    private bool HasNoWayBack(CircuitContact from, CircuitContact to)
    {
        var (returns, home) = (Grounds(from.Part.Id), Grounds(to.Part.Id));
        return returns.Length > 0 && home.Length > 0 && !Array.Exists(returns, ground => IsBack(ground, home));
    }

    // All grounds of a part on one net are one way back.
    private CircuitContact[] Grounds(string part) => _grounds.TryGetValue(part, out var known) ? known
        : _grounds[part] = [.. _netlist.ContactsOf(part).ToArray().Where(contact => contact.Role.Kind == RoleKind.Ground).DistinctBy(_closed.NodeOf)];

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
    private Clash Lost(CircuitContact feed, CircuitContact load)
    {
        var given = feed.Role.Gives!.Value;
        var takers = _netlist.ContactsOf(load.Part.Id).ToArray().Where(contact => contact.Terminal.IsSignal || contact.Role.Kind == RoleKind.Load);
        foreach (var (contact, net) in takers.Concat(Grounds(load.Part.Id)).Select(contact => (contact, _closed.Of(contact))))
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

    // Back home, or on another supply, of which is told elsewhere.
    private bool IsBack(CircuitContact ground, CircuitContact[] home)
        => home.Contains(ground) || (_closed.Of(ground) is { } net && (net.Feed is not null || Array.Exists(home, contact => _closed.Of(contact) == net)));
}
