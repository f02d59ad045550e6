using LooseGraft.Core.Circuit;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>What has power over what has none.</summary>
public sealed class PowerRulesTests
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+5 V,ground,+5 V standby");
    private static readonly Part Brick = Part(PartKind.Brick, "brick", "+5 V,ground");

    [Theory]
    [InlineData("serial-transmit@3.3", "serial-receive@3.3", "FedWhileOff Fix board/3 > device/3")]
    [InlineData("usb1-data+", "usb1-data+", "FedWhileOff Check device/3 > board/3")]
    [InlineData("serial-receive@0", "serial-transmit@0", "")]
    [InlineData("fan-control", "fan-control", "")]
    [InlineData("line-left", "line-left", "")]
    [InlineData("vga-horizontal-sync", "vga-horizontal-sync", "")]
    [InlineData("speaker+", "=speaker+", "")]
    public void A_line_into_a_part_on_another_supply_feeds_it_while_that_is_off(string here, string there, string expected)
        => Assert.Equal(expected,
            Told([Supply, Brick, Board(here), Device("+5 V", there)], "supply/1-board/1", "supply/2-board/2", "brick/1-device/1", "brick/2-device/2"));

    [Fact]
    public void Parts_on_one_supply_go_on_and_off_together()
    {
        var parts = new[] { Supply, Brick, Board("serial-transmit@3.3"), Device("+5 V", "serial-receive@3.3") };
        Assert.Empty(Told(parts, "supply/1-board/1", "supply/2-board/2", "supply/1-device/1", "supply/2-device/2"));
        Assert.Empty(Told(parts, "supply/1-board/1", "supply/2-board/2", "board/1-device/1", "board/2-device/2"));
    }

    [Fact]
    public void Where_nobody_knows_what_feeds_a_part_nothing_is_told_of_it()
        => Assert.Empty(Told([Brick, Board("serial-transmit@3.3"), Device("+5 V", "serial-receive@3.3")], "brick/1-device/1", "brick/2-device/2"));

    [Fact]
    public void What_lives_on_standby_outlasts_what_does_not()
    {
        Assert.Equal("FedWhileOff Fix device/3 > board/3", Told([Supply, Board("serial-receive@3.3"), Device("+5 V standby", "serial-transmit@3.3")],
            "supply/1-board/1", "supply/2-board/2", "supply/3-device/1", "supply/2-device/2"));
        var board = Part(PartKind.Board, "board", "+5 V,ground,serial-receive@3.3,+5 V standby");
        Assert.Empty(Told([Supply, board, Device("+5 V standby", "serial-transmit@3.3")],
            "supply/1-board/1", "supply/2-board/2", "supply/3-board/4", "supply/3-device/1", "supply/2-device/2"));
    }

    [Fact]
    public void A_supply_that_holds_a_line_of_a_part_on_another_feeds_it_too()
        => Assert.Equal("FedWhileOff Fix supply/1 > device/3", Told([Supply, Brick, Device("+5 V", "drive-power-enable@5")],
            "brick/1-device/1", "brick/2-device/2", "supply/1-device/3", "supply/2-device/2"));

    [Fact]
    public void What_a_converter_gives_goes_off_with_what_feeds_it()
    {
        var converter = Part(PartKind.Converter, "converter", "<+5 V,ground,>+12 V");
        Assert.Empty(Told([Supply, Board("serial-transmit@3.3"), converter, Device("+12 V", "serial-receive@3.3")], "supply/1-board/1", "supply/2-board/2",
            "supply/1-converter/1", "supply/2-converter/2", "converter/3-device/1", "converter/2-device/2"));
        Assert.NotEmpty(Told([Supply, Brick, Board("serial-transmit@3.3"), converter, Device("+12 V", "serial-receive@3.3")], "supply/1-board/1",
            "supply/2-board/2", "brick/1-converter/1", "brick/2-converter/2", "converter/3-device/1", "converter/2-device/2"));
    }

    [Fact]
    public void Two_parts_are_told_once_however_many_lines_they_share()
        => Assert.Equal(ConflictKind.FedWhileOff,
            Assert.Single(Judge([Supply, Brick, Part(PartKind.Board, "board", "+5 V,ground,serial-transmit@3.3,serial-receive@3.3"),
            Part(PartKind.Other, "device", "+5 V,ground,serial-receive@3.3,serial-transmit@3.3")], "supply/1-board/1", "supply/2-board/2", "brick/1-device/1",
            "brick/2-device/2", "board/2-device/2", "board/3-device/3", "board/4-device/4")).Kind);

    private static Part Board(string line) => Part(PartKind.Board, "board", $"+5 V,ground,{line}");

    private static Part Device(string power, string line) => Part(PartKind.Other, "device", $"{power},ground,{line}");

    // With the two lines joined, where a board and a device have them.
    private static string Told(Part[] parts, params string[] wires)
        => Words(Judge([.. parts], [.. wires, .. parts.Any(part => part.Id == "board") ? ["board/3-device/3"] : Array.Empty<string>()])
            .Where(conflict => conflict.Kind == ConflictKind.FedWhileOff));
}
