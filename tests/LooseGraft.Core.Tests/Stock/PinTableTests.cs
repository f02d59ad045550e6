using LooseGraft.Core.Stock;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Stock;

public sealed class PinTableTests
{
    [Fact]
    public void Signals_alone_are_taken_in_order() => Assert.Equal([(1, "+12 V"), (2, "ground"), (3, "unknown")], Pins(["+12"], ["GND"], [""]));

    [Fact]
    public void Positions_may_jump_and_what_follows_counts_on_from_there() => Assert.Equal([(2, "+5 V"), (3, "ground")], Pins(["2", "5 V"], ["ground"]));

    [Theory]
    [InlineData("Pin 3: ground")]
    [InlineData("3. GND")]
    [InlineData("#3 = 0V")]
    [InlineData("3 - common")]
    [InlineData("3)gnd")]
    public void Position_and_signal_may_stand_in_one_cell(string cell) => Assert.Equal([(3, "ground")], Pins([cell]));

    [Fact]
    public void A_supply_is_no_position() => Assert.Equal([(1, "+5 V"), (2, "+12 V standby")], Pins(["5 V"], ["12 vsb"]));

    [Fact]
    public void What_must_be_asked_is_asked_with_what_the_connector_allows()
        => Assert.Equal("Line 1: “VCC” says that it is a supply, and not of how many volts. Which is it: +12 V, supply, unknown?",
            Assert.Single(PinTable.Read([(1, ["2", "VCC"])], Header("none,none"), PortSort.Fan, Evidence.Diagram).Errors));

    [Fact]
    public void A_heading_is_passed_over_only_where_it_stands_first()
    {
        Assert.Equal([(1, "ground")], Pins(["Pin", "Signal"], ["1", "gnd"]));
        // Further down it is a name of the builder's own, as any other.
        Assert.Equal([(1, "ground"), (2, "pin")], Pins(["1", "gnd"], ["pin"]));
    }

    [Theory]
    [InlineData("absent")]
    [InlineData("key")]
    [InlineData("-")]
    [InlineData("Left Out")]
    public void A_missing_pin_is_written_in_many_ways(string text)
    {
        var pin = PinTable.Typed(new Pin(1), text, PortSort.Other, Evidence.Document).Pin!;
        Assert.Equal((ContactState.Absent, "none", Evidence.Document), (pin.Contact, pin.Signal.Value.Name, pin.Signal.Evidence));
    }

    [Fact]
    public void A_pin_that_was_absent_is_there_again_once_a_signal_is_typed()
        => Assert.Equal(ContactState.Wired, TypedGround(ContactState.Absent).Contact);

    [Fact]
    public void A_contact_without_a_conductor_stays_so_when_its_signal_is_typed()
        => Assert.Equal(ContactState.Unwired, TypedGround(ContactState.Unwired).Contact);

    [Fact]
    public void What_is_emptied_is_unknown_and_no_better_than_assumed()
    {
        var pin = PinTable.Typed(Pin(1, "+5 V"), " ", PortSort.Other, Evidence.Measured).Pin!;
        Assert.Equal((Model.Signal.Unknown, Evidence.Assumed), (pin.Signal.Value, pin.Signal.Evidence));
    }

    [Fact]
    public void Level_and_need_of_a_pin_outlive_a_table_that_does_not_name_them()
    {
        var port = Header("lid-sense,ground")
            .With(Pin(1, "lid-sense") with { NeededFor = "it starts", Level = Core.Quantities.Volts.Zero, WireColour = "white" });
        var read = PinTable.Read([(1, ["1", "panel-sense"])], port, PortSort.Panel, Evidence.Diagram);
        var pin = Assert.Single(read.Pins);
        Assert.Equal(("it starts", "white", Evidence.Diagram), (pin.NeededFor, pin.WireColour, pin.Signal.Evidence));
    }

    [Fact]
    public void Every_error_is_told_with_its_line_and_then_no_pin_is_given()
    {
        var read = PinTable.Read(
            [(3, ["0", "ground"]), (4, ["1", "<script>"]), (7, ["2", "ground"]), (8, ["2", "ground"]), (9, ["4", "ground"])], Header("ground,ground,ground"),
            PortSort.Other, Evidence.Label);
        Assert.Empty(read.Pins);
        Assert.Equal(["Line 3", "Line 4", "Line 8", "Line 9"], read.Errors.Select(error => error.Split(':')[0]));
        Assert.Contains("position 0, but header has 3", read.Errors[0]);
        Assert.Contains("“<script>” is not a signal", read.Errors[1]);
        Assert.Contains("position 2 again", read.Errors[2]);
    }

    private static Pin TypedGround(ContactState contact)
        => PinTable.Typed(new Pin(1) { Contact = contact }, "ground", PortSort.Other, Evidence.Label).Pin!;

    private static IEnumerable<(int, string)> Pins(params string[][] rows)
    {
        var lines = rows.Select((cells, index) => (index + 1, (IReadOnlyList<string>)cells));
        var read = PinTable.Read(lines, Header("none,none,none,none,none"), PortSort.Other, Evidence.Diagram);
        Assert.Empty(read.Errors);
        return read.Pins.Select(pin => (pin.Position, pin.Signal.Value.Name));
    }
}
