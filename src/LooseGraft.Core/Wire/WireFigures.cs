using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Elements;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>What Wire comes to: the circuit, net by net, with no switch closed.</summary>
/// <param name="Nets">The nets on which anything gives or takes.</param>
/// <param name="Elements">What each resistor, light, lamp, diode and coil sees, with outputs down.</param>
/// <param name="IsAllJudged">Whether everything in the circuit was judged.</param>
public sealed record WireFigures(ValueList<NetFigures> Nets, ValueList<ElementFigures> Elements, bool IsAllJudged) : Figures
{
    internal static WireFigures Of(CircuitReview circuit)
        => new([.. NetReading.Of(circuit.Netlist).Select(net => new NetFigures(Names(net.Givers), [.. net.Takers.Select(taker =>
            new TakerFigures(taker.Contact.Id.ToString(), Names(taker.Way)))], Names(net.Returns), net.Held?.Low.Value, net.Held?.High.Value))],
            [.. Flows(circuit)], circuit.IsAllTold);

    private static IEnumerable<ElementFigures> Flows(CircuitReview circuit)
    {
        if (circuit.Netlist.Elements.IsEmpty) return [];
        var network = new ElementNetwork(circuit.Netlist, circuit.Open, areDriversUp: false);
        return from element in circuit.Netlist.Elements
               where element.Link.Kind != LinkKind.Winding && !element.Link.Kind.IsActive() && network.Across(element) is not null
               let flow = network.Flow(element)
               select new ElementFigures(element.One.Id.ToString(), element.Other.Id.ToString(), element.Link.Kind, flow.Across.Value, flow.Through.Value,
                   flow.Heat.Value);
    }

    internal static ValueList<string> Names(ImmutableArray<CircuitContact> contacts) => [.. contacts.Select(contact => contact.Id.ToString())];
}

/// <summary>One net. Contacts are written <c>part/port/3</c>.</summary>
/// <param name="Givers">What gives or drives.</param>
/// <param name="Takers">What takes or listens.</param>
/// <param name="Returns">Grounds and shells.</param>
/// <param name="LowVolts">The least it is held at; null where nothing holds it.</param>
/// <param name="HighVolts">The most.</param>
public sealed record NetFigures(
    ValueList<string> Givers, ValueList<TakerFigures> Takers, ValueList<string> Returns, double? LowVolts, double? HighVolts);

/// <summary>What an element sees. Contacts are written <c>part/port/3</c>.</summary>
/// <param name="One">Its plus side, where it has one.</param>
/// <param name="Other">Its other side.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Volts">Volts from its plus side to its other.</param>
/// <param name="Amps">Amperes from its plus side.</param>
/// <param name="Watts">What it turns into heat.</param>
public sealed record ElementFigures(string One, string Other, LinkKind Kind, double Volts, double Amps, double Watts);

/// <summary>What takes from a net.</summary>
/// <param name="Contact">The contact.</param>
/// <param name="Way">The shortest way from the first giver, contact by contact; empty where nothing gives.</param>
public sealed record TakerFigures(string Contact, ValueList<string> Way);

/// <summary>Something wrong with the circuit.</summary>
/// <param name="Fault">What.</param>
/// <param name="Giver">What gives or drives.</param>
/// <param name="Taker">What it reaches.</param>
/// <param name="Way">From the one to the other, contact by contact; the two alone where something is missing between them.</param>
/// <param name="Presses">How many switches must be closed for it.</param>
public sealed record CircuitFault(ConflictKind Fault, string Giver, string Taker, ValueList<string> Way, int Presses) : FindingCase
{
    /// <summary>Whether a fault of a circuit is this one.</summary>
    public bool Names(Conflict conflict)
        => Fault == conflict.Kind && Giver == conflict.Giver.Id.ToString() && Taker == conflict.Taker.Id.ToString();

    internal static CircuitFault Of(Conflict conflict)
        => new(conflict.Kind, conflict.Giver.Id.ToString(), conflict.Taker.Id.ToString(), WireFigures.Names(conflict.Way), conflict.Presses.Length);
}
