using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Wire;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>What a program reads of the circuit.</summary>
public sealed class WireFiguresTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+12 V,ground");

    [Fact]
    public void Each_element_says_what_it_sees()
    {
        var panel = Part(PartKind.Panel, "panel", "none,none", Link(1, 2, LinkKind.Resistor, "1k"), Link(2, 1, LinkKind.Step, ""));
        var seen = Assert.Single(Figures(Assembled([Supply, panel], "supply/1-panel/1", "supply/2-panel/2")).Elements);
        Assert.Equal(("panel/p/1", "panel/p/2"), (seen.One, seen.Other));
        Assert.Equal((12, 0.012, 0.144), (seen.Volts, seen.Amps, Math.Round(seen.Watts, 9)));
        Assert.Empty(Figures(Assembled([Supply])).Elements);
    }

    [Fact]
    public void Each_net_says_what_gives_what_takes_and_by_which_way()
    {
        var lead = Part(PartKind.Lead, "lead", "none,none,none,none", Link(1, 3), Link(2, 4));
        var fan = Part(PartKind.Fan, "fan", "+12 V,ground");
        var graft = Assembled([Supply, lead, fan], "supply/1-lead/1", "supply/2-lead/2", "lead/3-fan/1", "lead/4-fan/2");
        var nets = Figures(graft).Nets;
        var net = Assert.Single(nets);
        Assert.Equal(["supply/p/1"], net.Givers);
        Assert.Equal((12.0, 12.0), (net.LowVolts, net.HighVolts));
        var taker = Assert.Single(net.Takers);
        Assert.Equal("fan/p/1", taker.Contact);
        Assert.Equal(["supply/p/1", "lead/p/1", "lead/p/3", "fan/p/1"], taker.Way);
    }

    [Fact]
    public void A_board_is_a_taker_where_it_is_fed_and_a_giver_where_it_is_not()
    {
        var (board, fan) = (Part(PartKind.Board, "board", "+12 V,ground,+12 V,ground"), Part(PartKind.Fan, "fan", "+12 V,ground"));
        var fed = Figures(Assembled([Supply, board, fan], "supply/1-board/1", "supply/2-board/2", "board/3-fan/1", "board/4-fan/2")).Nets;
        Assert.Equal(["board/p/1", "fan/p/1"], fed[0].Takers.Select(taker => taker.Contact));
        var alone = Figures(Assembled([board, fan], "board/3-fan/1", "board/4-fan/2")).Nets;
        Assert.Equal(["board/p/1"], alone[0].Givers);
    }

    [Fact]
    public void A_line_that_nothing_drives_has_no_giver_and_no_way()
    {
        var net = Figures(Assembled([Part(PartKind.Drive, "drive", "+5 V,ground"), Part(PartKind.Lead, "lead", "none,none")], "lead/1-drive/1")).Nets[0];
        Assert.Empty(net.Givers);
        Assert.Empty(net.Takers[0].Way);
        Assert.Null(net.LowVolts);
    }

    [Fact]
    public void A_fault_of_the_circuit_is_told_with_its_way()
    {
        var graft = Assembled([Supply, Part(PartKind.Board, "board", "ground,+12 V")], "supply/1-board/1");
        var fault = Assert.IsType<CircuitFault>(Review.Of(graft).Findings.First(finding => finding.Severity == Severity.Stop).Case);
        Assert.Equal((ConflictKind.SupplyToGround, "supply/p/1", "board/p/1", 0), (fault.Fault, fault.Giver, fault.Taker, fault.Presses));
        Assert.Equal(["supply/p/1", "board/p/1"], fault.Way);
    }

    private static WireFigures Figures(Graft graft) => (WireFigures)Review.Of(graft).Wire.Figures;
}
