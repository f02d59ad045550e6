using CsCheck;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Circuit.Elements;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>The solver of elements: what it says obeys Ohm and Kirchhoff, and every diode conducts forward or blocks.</summary>
public sealed class ElementNetworkTests
{
    private const int Nodes = 8;

    [Fact]
    public void Voltages_and_currents_obey_the_laws_in_any_network()
        => AnyNetwork.Hold(links =>
        {
            var netlist = Wired([Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,-12 V"), Box(links)],
                "supply/1-box/1", "supply/2-box/2", "supply/3-box/3", "supply/4-box/4");
            var network = new ElementNetwork(netlist, new NetState(netlist, _ => true), areDriversUp: false);
            var into = new double[Nodes + 1];
            foreach (var element in netlist.Elements)
            {
                var (across, amps) = (network.Across(element)!.Value, network.Through(element));
                into[element.Other.Pin.Position] += amps;
                into[element.One.Pin.Position] -= amps;
                Assert.Equal(Expected(element.Link, across), amps, 6);
            }

            // Positions 5 to 8 hang on elements alone: what flows in flows out, but for what leaks over a gigaohm.
            foreach (var at in Enumerable.Range(5, Nodes - 4)) Assert.Equal(0, into[at], 6);
            Assert.True(network.IsWhole);
        }, 500);

    [Fact]
    public void A_group_of_too_many_nets_is_left_out_and_told()
    {
        (bool IsWhole, double? Volts) Chain(int length)
        {
            var chain = Part(PartKind.Panel, "chain", string.Join(',', Enumerable.Repeat("none", length + 1)),
                [.. Enumerable.Range(1, length).Select(at => Link(at, at + 1, LinkKind.Resistor, "1k"))]);
            var netlist = Wired([Part(PartKind.Supply, "supply", "+12 V,ground"), chain], "supply/1-chain/1", $"supply/2-chain/{length + 1}");
            var network = new ElementNetwork(netlist, new NetState(netlist, _ => true), areDriversUp: false);
            return (network.IsWhole, network.VoltsAt(netlist.Elements[0].Other));
        }

        Assert.True(Chain(201).IsWhole);
        Assert.Equal((false, null), Chain(202));
        Assert.Equal(9, Chain(4).Volts!.Value, 3);
    }

    [Fact]
    public void What_hangs_in_the_air_leaks_to_ground_over_a_gigaohm()
    {
        var gigaohm = Link(1, 2, LinkKind.Resistor) with { Figures = new LinkFigures { Resistance = new Ohms(1e9) } };
        var netlist = Wired([Part(PartKind.Supply, "supply", "+12 V,ground"), Box([gigaohm])], "supply/1-box/1");
        Assert.Equal(6, new ElementNetwork(netlist, new NetState(netlist, _ => true), areDriversUp: false).VoltsAt(netlist.Elements[0].Other)!.Value, 6);
    }

    [Fact]
    public void What_is_farther_from_ground_sends_the_current_and_what_hangs_on_another_supply_sends_none()
    {
        var netlist = Wired([Part(PartKind.Supply, "supply", "+12 V,ground,+5 V,-12 V"),
            Box(new[] { (3, 4), (4, 3), (3, 5), (5, 2), (1, 2), (6, 2), (3, 6), (4, 6) }
                .Select(ends => Link(ends.Item1, ends.Item2, LinkKind.Resistor, "1k")))],
            "supply/1-box/1", "supply/2-box/2", "supply/3-box/3", "supply/4-box/4");
        var network = new ElementNetwork(netlist, new NetState(netlist, _ => true), areDriversUp: false);
        Assert.Equal(["-12 V", "-12 V", "+5 V", "+5 V", "+12 V", "-12 V", "-12 V", "-12 V"],
            netlist.Elements.Select(element => network.Giver(element)!.Value.Contact.Signal.Name));
    }

    private static double Expected(PartLink link, double across) => link.Kind switch
    {
        LinkKind.Diode => Math.Max(0, across - link.Figures.Volts!.Value.Value) / 0.1,
        LinkKind.Light => Math.Max(0, across - link.Figures.Volts!.Value.Value) / (link.Figures.Resistance!.Value.Value + 10),
        LinkKind.Coil => (across / link.Figures.Resistance!.Value.Value) - (Math.Max(0, -across - 0.6) / 0.1),
        _ => across / link.Figures.Resistance!.Value.Value,
    };

    private static Part Box(IEnumerable<PartLink> links) => Part(PartKind.Panel, "box", string.Join(',', Enumerable.Repeat("none", Nodes)), [.. links]);

    private static Gen<PartLink[]> AnyNetwork =>
        from links in Gen.Select(Gen.Int[1, Nodes], Gen.Int[1, Nodes - 1], Gen.OneOf(LinkKind.Resistor, LinkKind.Diode, LinkKind.Light, LinkKind.Coil),
            Gen.OneOf(22.0, 470, 4700), Gen.OneOf(0.3, 0.7, 2.1)).Array[1, 14]
        select links.Select(link => Link(link.Item1, ((link.Item1 + link.Item2 - 1) % Nodes) + 1, link.Item3) with
        {
            Figures = new LinkFigures { Resistance = new Ohms(link.Item4), Volts = new Volts(link.Item5), HasDiode = link.Item3 == LinkKind.Coil },
        }).ToArray();
}
