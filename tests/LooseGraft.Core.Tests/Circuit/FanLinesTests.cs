using LooseGraft.Core.Circuit.Fans;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>By which lines fans hang on boards: by what is joined.</summary>
public sealed class FanLinesTests
{
    private const string Four = "ground,+12 V,fan-tacho,fan-control";
    private const string Three = "ground,+12 V,fan-tacho";

    private static readonly string[] Straight = ["board/1-fan/1", "board/2-fan/2", "board/3-fan/3", "board/4-fan/4"];

    private static FanLine Line(string header, string fan, params string[] joined)
        => Lines([], [Part(PartKind.Board, "board", header), Part(PartKind.Fan, "fan", fan)], joined).Find("fan")!;

    private static FanLines Lines(ValueList<Load> loads, Part[] parts, params string[] joined)
        => FanLines.Of(Graft.Empty("test") with
        {
            Parts = [.. parts],
            Loads = loads,
            Supplies = [.. parts.Where(part => part.Kind == PartKind.Supply).Select(part => new Supply(part.Id, part.Id))],
        }, Wired([.. parts], joined));

    [Theory]
    [InlineData("ground,+12 V,+5 V", "supply/2-fan/2;supply/1-fan/1", 12.0)]
    [InlineData("ground,+12 V,+5 V", "supply/3-fan/2;supply/1-fan/1", 5.0)]
    // Its return on the lower supply leaves it the difference.
    [InlineData("ground,+12 V,+5 V", "supply/2-fan/2;supply/3-fan/1", 7.0)]
    [InlineData("ground,+12 V,+5 V", "supply/1-fan/1", null)]
    public void A_fan_gets_what_lies_between_the_contacts_that_its_own_reach(string supply, string joined, double? volts)
    {
        var lines = Lines([], [Part(PartKind.Supply, "supply", supply), Part(PartKind.Fan, "fan", Three)], joined.Split(';'));
        Assert.Equal((volts, volts is null ? null : "supply"), (lines.Find("fan")!.Across?.Value, lines.Find("fan")!.FedBy?.Part.Id));
        Assert.Equal(12, Line(Three, Three, Straight[..3]).Across!.Value.Value);
    }

    [Theory]
    [InlineData(Four, Four, 4, true, false, true)]
    // Three wires on four contacts: all of its volts always.
    [InlineData(Four, Three, 3, false, false, true)]
    [InlineData(Four, Four, 3, false, false, true)]
    [InlineData(Four, Four, 2, false, false, false)]
    // A header without a control contact slows by its volts, and what has a control wire of its own as well.
    [InlineData(Three, Three, 3, true, true, true)]
    [InlineData(Three, Four, 3, true, true, true)]
    [InlineData(Three, "ground,+12 V", 2, true, true, false)]
    public void A_board_slows_and_hears_what_its_contacts_reach(string header, string fan, int wires, bool isSlowed, bool byVolts, bool isHeard)
    {
        var line = Line(header, fan, Straight[..wires]);
        Assert.Equal((isSlowed, byVolts, isHeard), (line.SlowedBy is not null, line.IsByVolts, line.HeardBy is not null));
        Assert.Equal("board", line.Header!.Board.Id);
        Assert.All(new[] { line.SlowedBy, line.HeardBy }.OfType<PortId>(), port => Assert.Equal(line.Header.Id, port));
    }

    [Fact]
    public void A_port_that_says_nothing_of_fans_is_no_header_and_crossed_wires_reach_nothing()
    {
        var plain = Line("ground,+12 V", "ground,+12 V", Straight[..2]);
        Assert.Equal((null, null, null), (plain.Header, plain.SlowedBy, plain.HeardBy));
        var crossed = Line(Four, Four, "board/1-fan/1", "board/2-fan/2", "board/3-fan/4", "board/4-fan/3");
        Assert.Equal((null, null), (crossed.SlowedBy, crossed.HeardBy));
        Assert.NotNull(crossed.Header);
    }

    [Fact]
    public void One_that_a_supply_feeds_is_slowed_and_heard_all_the_same_by_wires_of_their_own()
    {
        var lines = Lines([], [Part(PartKind.Board, "board", Four), Part(PartKind.Supply, "supply", "ground,+12 V"), Part(PartKind.Fan, "fan", Four)],
            "supply/1-fan/1", "supply/2-fan/2", "board/3-fan/3", "board/4-fan/4");
        var line = lines.Find("fan")!;
        Assert.Equal((null, "board", "board", false), (line.Header, line.SlowedBy?.Part, line.HeardBy?.Part, line.IsByVolts));
        Assert.Null(lines.Find("board"));
    }

    [Fact]
    public void A_string_is_summed_and_two_on_one_tacho_are_heard_together()
    {
        var lines = Lines([Taking("one", 0.2, Evidence.Label), Taking("two", 0.3, Evidence.Diagram)],
            [Part(PartKind.Board, "board", Three), Part(PartKind.Fan, "one", Three), Part(PartKind.Fan, "two", Three)],
            "board/1-one/1", "board/2-one/2", "board/3-one/3", "one/1-two/1", "one/2-two/2", "one/3-two/3");
        var header = Assert.Single(lines.Headers);
        Assert.Equal(["one", "two"], header.Fans.Select(fan => fan.Id));
        Assert.Equal((0.5, 1, 1, Evidence.Diagram), (header.Running.Value, header.Starting.Value, header.Limit.Value, header.Evidence));
        Assert.Equal(["two"], lines.Find("one")!.HeardWith);
        Assert.Equal(["one"], lines.Find("two")!.HeardWith);
        Assert.Empty(Line(Three, Three, Straight[..3]).HeardWith);

        static Load Taking(string fan, double amps, Evidence evidence)
            => new(fan, fan) { Draws = [new Draw("+12 V", Exactly(0.1), Exactly(0.1), Exactly(amps), evidence)] };

        static Spread<Amps> Exactly(double amps) => Spread<Amps>.Exactly(new(amps));
    }

    [Fact]
    public void What_a_board_ties_together_inside_joins_no_two_headers()
    {
        var board = Part(PartKind.Board, "board", Three);
        board = board with { Ports = board.Ports.Add(board.Ports[0] with { Id = "other", Name = "other" }) };
        var lines = Lines([], [board, Part(PartKind.Fan, "one", Three), Part(PartKind.Fan, "two", Three)],
            "board/1-one/1", "board/2-one/2", "board.other/1-two/1", "board.other/2-two/2");
        Assert.Equal([["one"], ["two"]], lines.Headers.Select(header => header.Fans.Select(fan => fan.Id)));
        Assert.NotEqual(lines.Find("one")!.Header!.Id, lines.Find("two")!.Header!.Id);
    }
}
