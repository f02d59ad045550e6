using LooseGraft.Core.Circuit;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>Adapters with more than conductors inside: a step for standby, an inverter on a line, a delay.</summary>
public sealed class ActiveLinksTests
{
    private static readonly string[] Straight = ["supply/1-adapter.near/1", "supply/2-adapter.near/2", "adapter.far/1-board/1", "adapter.far/2-board/2"];

    private static Part Supply(string pins = "+5 V standby,ground") => Part(PartKind.Supply, "supply", pins);

    private static Part Board(string pins) => Part(PartKind.Board, "board", pins);

    private static Part Adapter(string near, string far, LinkKind kind, string figures = "") => new("adapter", "adapter", PartKind.Adapter)
    {
        Ports = [Port("near", near), Port("far", far)],
        Links = [Link("near/2", "far/2"), Link("near/1", "far/1", kind) with { Figures = LinkFiguresText.TryRead(figures)! }],
    };

    [Fact]
    public void A_step_gives_what_it_states_and_what_it_runs_on_says_when()
    {
        var step = Adapter("+5 V standby,ground", "+12 V standby,ground", LinkKind.Step, "12 V 2 A 90 %");
        Assert.Empty(Judge([Supply(), step, Board("+12 V standby,ground")], Straight));
        Assert.Equal("BelowLoad Fix adapter/1 > board/1", Words(Judge([Supply(), step, Board("<+19 V,ground")], Straight)));
        Assert.Equal("BeyondLoad Stop adapter/1 > board/1", Words(Judge([Supply(), step, Board("<+5 V,ground")], Straight)));
        // On standby it goes on giving, and on what is switched off it stops, whatever its far side is called.
        Assert.Empty(Judge([Supply(), Adapter("+5 V standby,ground", "+12 V,ground", LinkKind.Step, "12 V"), Board("<+12 V standby,ground")], Straight));
        Assert.Equal("NotStandby Fix adapter/1 > board/1",
            Words(Judge([Supply("+5 V,ground"), Adapter("+5 V,ground", "+12 V standby,ground", LinkKind.Step, "12 V"), Board("<+12 V standby,ground")], Straight)));
    }

    [Fact]
    public void What_it_gives_may_stand_on_its_far_side_alone_and_with_neither_it_is_proven_first()
    {
        Assert.Empty(Judge([Supply("+5 V,ground"), Adapter("+5 V,ground", "+12 V,ground", LinkKind.Step), Board("<+12 V,ground")], Straight));
        Assert.Equal("NotKnown Check adapter/1 > board/1",
            Words(Judge([Supply("+5 V,ground"), Adapter("+5 V,ground", "unknown,ground", LinkKind.Step), Board("<+12 V,ground")], Straight)));
    }

    [Fact]
    public void It_takes_what_it_is_made_for_and_gives_nothing_while_nothing_feeds_it()
    {
        var step = Adapter("+5 V,ground", "+12 V,ground", LinkKind.Step, "12 V");
        Assert.Equal("BeyondLoad Stop supply/1 > adapter/1", Words(Judge([Supply("+12 V,ground"), step, Board("<+12 V,ground")], Straight)));
        Assert.Equal("NotFed Fix adapter/1 > adapter/1", Words(Judge([Supply("+5 V,ground"), step, Board("<+12 V,ground")], Straight[1..])));
        // One that waits for its board is not told of.
        Assert.Empty(Judge([Supply("+5 V,ground"), step, Board("<+12 V,ground")], Straight[1..2]));
    }

    [Fact]
    public void What_goes_past_the_step_inside_its_adapter_only_conducts()
    {
        var step = Adapter("+5 V,ground,power-good", "+12 V,ground,power-good", LinkKind.Step, "12 V") is var adapter
            ? adapter with { Links = adapter.Links.Add(Link("near/3", "far/3")) } : adapter;
        Assert.Empty(Judge([Supply("+5 V,ground,power-good"), step, Board("<+12 V,ground,power-good")],
            [.. Straight, "supply/3-adapter.near/3", "adapter.far/3-board/3"]));
    }

    [Fact]
    public void It_works_against_the_grounds_of_its_part()
        => Assert.Equal("NoReturn Fix supply/1 > adapter/1", Words(Judge(
            [Supply("+5 V,ground"), Adapter("+5 V,ground", "+12 V,ground", LinkKind.Step, "12 V"), Board("<+12 V,none")],
            Straight[0], Straight[2])));

    [Fact]
    public void Two_steps_that_meet_are_two_supplies_in_parallel()
    {
        var step = Adapter("+5 V,ground", "+12 V,ground", LinkKind.Step, "12 V");
        var found = Judge([Supply("+5 V,ground"), step, step with { Id = "second" }], "supply/1-adapter.near/1", "supply/2-adapter.near/2",
            "supply/1-second.near/1", "supply/2-second.near/2", "adapter.far/1-second.far/1");
        Assert.Equal("SuppliesInParallel Stop adapter/1 > second/1", Words(found));
    }

    [Theory]
    [InlineData(LinkKind.Invert)]
    [InlineData(LinkKind.Delay)]
    public void A_line_is_listened_to_on_one_side_and_driven_on_the_other(LinkKind kind)
    {
        var adapter = Adapter("power-good@5,ground", "power-good@5,ground", kind);
        var supply = Part(PartKind.Supply, "supply", "power-good@5,ground,+12 V");
        Assert.Empty(Judge([supply, adapter, Board("power-good@5,ground")], Straight));
        // Its two sides are two nets: what kills the one does not reach the other.
        Assert.Equal("SupplyBeyondSignal Stop supply/3 > adapter/1",
            Words(Judge([supply, adapter, Board("power-good@5,ground")], ["supply/3-adapter.near/1", .. Straight[1..]])));
        Assert.Equal("LevelDiffers Fix adapter/1 > board/1", Words(Judge([supply, adapter, Board("power-good@3.3,ground")], Straight)));
        Assert.Equal("NotKnown Check adapter/1 > board/1",
            Words(Judge([supply, Adapter("power-good@5,ground", "unknown,ground", kind), Board("power-good@5,ground")], Straight)));
    }

    [Theory]
    [InlineData("+18 V", null)] // 18 to 20 V: the least and the most are within
    [InlineData("+20 V", null)]
    [InlineData("+17.9 V", ConflictKind.BelowLoad)]
    [InlineData("+20.1 V", ConflictKind.BeyondLoad)]
    public void An_input_works_on_the_range_that_its_maker_states(string given, ConflictKind? expected)
    {
        var board = Board("<+19 V,ground");
        var input = board.Ports[0].Pins[0] with { LeastVolts = new Volts(18), MostVolts = new Volts(20) };
        board = board with { Ports = [board.Ports[0].With(input)] };
        var found = Judge([Supply($"{given},ground"), board], "supply/1-board/1", "supply/2-board/2");
        Assert.Equal(expected, found.Select(conflict => (ConflictKind?)conflict.Kind).FirstOrDefault());
    }
}
