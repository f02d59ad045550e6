using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>A winding is right on a lamp that is made for it, and nowhere else.</summary>
public sealed class WindingRulesTests
{
    private static readonly Part Board = Part(PartKind.Board, "board", "<+12 V,ground,serial-receive,unknown,+5 V");

    [Theory]
    [InlineData(LinkKind.Lamp, "6.3 V 0.3 A", "")]
    [InlineData(LinkKind.Lamp, "5.99 V 0.3 A", "")]
    [InlineData(LinkKind.Lamp, "5.98 V 0.3 A", "LightBurns Stop winding/1 > lamp/1")]
    [InlineData(LinkKind.Lamp, "", "ElementUnknown Check winding/1 > lamp/1")]
    [InlineData(LinkKind.Light, "2 V 1k", "ElementBurns Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Coil, "6 V 100 ohm", "WindingOnCircuit Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Diode, "", "ElementBurns Stop winding/1 > lamp/1")]
    [InlineData(LinkKind.Resistor, "158 ohm", "ElementBurns Fix winding/1 > lamp/1")]
    [InlineData(LinkKind.Resistor, "159 ohm", "")]
    public void What_lies_across_a_winding(LinkKind kind, string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, kind, figures))],
            "winding/1-lamp/2", "winding/2-lamp/1")));

    // √2 times 3.5 V is 4.95 V, of 3.6 V 5.09 V.
    [Theory]
    [InlineData("3.5 V isolated", "")]
    [InlineData("3.6 V isolated", "ElementBurns Fix winding/1 > lamp/1")]
    public void A_light_bears_the_peak_of_the_other_half(string figures, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(figures), Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, LinkKind.Light, "2 V 1k"))],
            "winding/1-lamp/1", "winding/2-lamp/2")));

    [Theory]
    [InlineData("scale-lamp+@6.3,scale-lamp-@6.3", "")]
    [InlineData("scale-lamp+@5,scale-lamp-@5", "WindingBurnsLamp Stop winding/1 > lamp/1")]
    [InlineData("power-light+@6.3,power-light-", "WindingBurnsLamp Stop winding/1 > lamp/1")]
    public void A_lamp_that_is_known_by_its_legs(string legs, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Part(PartKind.Panel, "lamp", legs)], "winding/1-lamp/1", "winding/2-lamp/2")));

    [Theory]
    [InlineData("board/1", "WindingOnCircuit Stop winding/1 > board/1")]
    [InlineData("board/2", "")]
    [InlineData("board/3", "WindingOnCircuit Stop winding/1 > board/3")]
    [InlineData("board/4", "NotKnown Check winding/1 > board/4")]
    [InlineData("board/5", "WindingOnCircuit Stop winding/1 > board/5")]
    public void One_leg_may_lie_on_ground_and_on_nothing_else_of_a_board(string contact, string expected)
        => Assert.Equal(expected, Words(Judge([Winding(), Board], $"winding/1-{contact}")
            .Where(conflict => conflict.Kind != Core.Circuit.ConflictKind.NotFed)));

    [Fact]
    public void Both_legs_on_one_net_are_a_short()
    {
        var two = Part(PartKind.Board, "two", "ground,ground");
        Assert.Equal("WindingShorted Stop winding/1 > winding/2", Words(Judge([Winding(), two], "winding/1-two/1", "winding/2-two/2")));
        Assert.Equal("WindingShorted Stop winding/1 > winding/2", Words(Judge([Winding(), Part(PartKind.Lamp, "lamp", "none,none", Link(1, 2))],
            "winding/1-lamp/1", "winding/2-lamp/2")));
    }

    [Theory]
    [InlineData("6.3 V", "WindingNotIsolated Check winding/1 > winding/1")]
    [InlineData("6.3 V not isolated", "WindingNotIsolated Stop winding/1 > winding/1")]
    [InlineData("isolated", "ElementUnknown Check winding/1 > winding/1")]
    public void A_winding_is_proven_to_be_by_itself(string figures, string expected)
    {
        var lamp = Part(PartKind.Panel, "lamp", "none,none", Link(1, 2, LinkKind.Lamp, "6.3 V 0.3 A"));
        Assert.Equal(expected, Words(Judge([Winding(figures), lamp], "winding/1-lamp/1", "winding/2-lamp/2")));
        Assert.Empty(Judge([Winding(figures), lamp]));
    }

    private static Part Winding(string figures = "6.3 V 0.5 A isolated")
        => Part(PartKind.Other, "winding", "none,none", Link(1, 2, LinkKind.Winding, figures));
}
