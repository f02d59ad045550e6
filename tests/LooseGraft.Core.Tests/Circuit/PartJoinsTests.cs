using LooseGraft.Core.Circuit;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What is joined inside a part.</summary>
public sealed class PartJoinsTests
{
    [Fact]
    public void Beside_a_link_of_the_same_port_a_switch_is_still_a_switch()
    {
        var panel = Part(PartKind.Panel, "panel", "power-switch,power-switch,none,none", Link(3, 4));
        Assert.Equal([(2, 3, JoinKind.Inside), (0, 1, JoinKind.Switch)], Joins(panel));
        Assert.Equal([(0, 1, JoinKind.Inside)], Joins(panel with { Links = [Link(1, 2)] }));
    }

    [Theory]
    [InlineData(1, 5)]
    [InlineData(5, 1)]
    [InlineData(5, 6)]
    public void A_link_to_a_contact_that_is_not_there_joins_nothing(int one, int other)
        => Assert.Empty(Joins(Part(PartKind.Board, "board", "none,none,none,none", Link(one, other))));

    private static IEnumerable<(int One, int Other, JoinKind Kind)> Joins(Part part) => Wired([part]).Joins.Select(join => (join.One, join.Other, join.Kind));
}
