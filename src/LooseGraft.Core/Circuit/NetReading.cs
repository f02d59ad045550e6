using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Circuit;

/// <summary>One net as it is with no switch closed: what gives, what takes, what returns.</summary>
/// <param name="Givers">Sources and drivers; a board's own supply where nothing else feeds it.</param>
/// <param name="Takers">Loads, inputs, fed boards, and what nobody knows, each with its way.</param>
/// <param name="Returns">Grounds and shells.</param>
/// <param name="Held">The voltage it is held at; null where nothing holds it.</param>
public sealed record NetReading(
    ImmutableArray<CircuitContact> Givers, ImmutableArray<NetTaker> Takers, ImmutableArray<CircuitContact> Returns, VoltSpan? Held)
{
    /// <summary>Every net of a circuit on which something acts that is not a return alone. Time linear in contacts and joins for each.</summary>
    public static IEnumerable<NetReading> Of(Netlist netlist)
    {
        var ways = new Ways(netlist);
        return new NetState(netlist, AtRest).Nets.Select(net => Read(net, ways, netlist)).Where(net => net.Givers.Length + net.Takers.Length > 0);
    }

    private static NetReading Read(Net net, Ways ways, Netlist netlist)
    {
        var rails = net.Of(RoleKind.Rail).ToArray();
        var isFed = net.Of(RoleKind.Source).Any();
        ImmutableArray<CircuitContact> givers = [.. net.Of(RoleKind.Source), .. isFed ? [] : rails, .. net.Of(RoleKind.Driver)];
        var takers = net.Actors.Except(givers).Where(actor => !actor.Role.IsReturn).ToArray();
        var nearest = givers.IsEmpty ? [] : ways.From(givers[0].Index, AtRest);
        return new NetReading(
            givers, [.. takers.Select(taker => new NetTaker(taker, Way(taker)))], [.. net.Actors.Where(actor => actor.Role.IsReturn)], net.Held);

        ImmutableArray<CircuitContact> Way(CircuitContact taker) => nearest.ContainsKey(taker.Index)
            ? Ways.Contacts(netlist, givers[0].Index, Ways.Back(nearest, givers[0].Index, taker.Index)) : [];
    }

    private static bool AtRest(Join join) => join.IsMadeAtRest;
}
