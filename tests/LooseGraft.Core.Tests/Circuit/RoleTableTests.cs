using LooseGraft.Core.Circuit;
using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

public sealed class RoleTableTests
{
    [Theory]
    [InlineData(PartKind.Supply, "+12 V", RoleKind.Source)]
    [InlineData(PartKind.Brick, "+19 V", RoleKind.Source)]
    [InlineData(PartKind.Supply, "<+12 V", RoleKind.Load)]
    [InlineData(PartKind.Board, "+12 V", RoleKind.Rail)]
    [InlineData(PartKind.Board, ">+5 V", RoleKind.Rail)]
    [InlineData(PartKind.Board, "<+12 V", RoleKind.Load)]
    [InlineData(PartKind.Microcontroller, "+3.3 V", RoleKind.Rail)]
    [InlineData(PartKind.Converter, "+5 V", RoleKind.Rail)]
    [InlineData(PartKind.Drive, "+5 V", RoleKind.Load)]
    [InlineData(PartKind.Fan, "+12 V", RoleKind.Load)]
    [InlineData(PartKind.Card, ">+12 V", RoleKind.Source)]
    [InlineData(PartKind.Panel, "=+12 V", RoleKind.Passive)]
    [InlineData(PartKind.Lead, "+12 V", RoleKind.Passive)]
    [InlineData(PartKind.Adapter, ">power-good", RoleKind.Passive)]
    [InlineData(PartKind.PassThrough, "+12 V", RoleKind.Passive)]
    [InlineData(PartKind.Switch, "power-switch", RoleKind.Passive)]
    [InlineData(PartKind.Lead, "ground", RoleKind.Passive)]
    [InlineData(PartKind.Board, "ground", RoleKind.Ground)]
    [InlineData(PartKind.Board, "none", RoleKind.Passive)]
    [InlineData(PartKind.Board, "unknown", RoleKind.Unknown)]
    [InlineData(PartKind.Board, "power-switch", RoleKind.Input)]
    [InlineData(PartKind.Panel, "power-switch", RoleKind.Passive)]
    [InlineData(PartKind.Board, "power-good", RoleKind.Input)]
    [InlineData(PartKind.Supply, "power-good", RoleKind.Driver)]
    [InlineData(PartKind.Board, "a name of my own", RoleKind.Input)]
    [InlineData(PartKind.Board, ">a name of my own", RoleKind.Driver)]
    [InlineData(PartKind.Speaker, "speaker+", RoleKind.Passive)]
    [InlineData(PartKind.Other, "speaker+", RoleKind.Driver)]
    [InlineData(PartKind.Lamp, "power-light+", RoleKind.Passive)]
    [InlineData(PartKind.Board, "vcc", RoleKind.Unknown)]
    [InlineData(PartKind.Board, "vcc@0", RoleKind.Unknown)]
    [InlineData(PartKind.Supply, "vcc@5", RoleKind.Source)]
    [InlineData(PartKind.Board, "shield", RoleKind.Chassis)]
    [InlineData(PartKind.Board, "reserved", RoleKind.KeepOpen)]
    public void The_role_of_a_contact_follows_from_its_part_its_signal_and_its_direction(PartKind kind, string pin, RoleKind expected)
        => Assert.Equal(expected, RoleOf(Part(kind, "a", pin)).Kind);

    [Theory]
    [InlineData(PartKind.Board, "supply-on", SignalDrive.OpenToGround)]
    [InlineData(PartKind.Supply, "power-good", SignalDrive.PushPull)]
    [InlineData(PartKind.Fan, "fan-tacho", SignalDrive.OpenToGround)]
    [InlineData(PartKind.Board, "fan-control", SignalDrive.OpenToGround)]
    [InlineData(PartKind.Board, "usb1-data+", SignalDrive.InTurn)]
    [InlineData(PartKind.Board, "power-light+", SignalDrive.ThroughResistor)]
    [InlineData(PartKind.Board, "power-light-", SignalDrive.OpenToGround)]
    [InlineData(PartKind.Board, "line-left", SignalDrive.ThroughResistor)]
    [InlineData(PartKind.Other, "speaker-", SignalDrive.Bridge)]
    [InlineData(PartKind.Board, "serial-transmit", SignalDrive.PushPull)]
    [InlineData(PartKind.Board, "matrix-row-1", SignalDrive.OpenToGround)]
    public void A_driver_drives_as_is_usual_for_its_signal(PartKind kind, string pin, SignalDrive expected)
    {
        var role = RoleOf(Part(kind, "a", pin));
        Assert.Equal((RoleKind.Driver, expected), (role.Kind, role.Drive));
    }

    [Theory]
    [InlineData("supply-on", 5.0)]
    [InlineData("fan-control@3.3", 3.3)]
    [InlineData("usb1-data+", 3.3)]
    [InlineData("serial-receive", null)]
    public void What_a_pin_states_goes_before_what_is_laid_down(string pin, double? level)
        => Assert.Equal(level, RoleOf(Part(PartKind.Supply, "a", pin)).Level?.Value);

    [Theory]
    [InlineData("serial-receive", 3.63)]
    [InlineData("serial-receive@5", 5.5)]
    [InlineData("fan-present@0", 3.63)]
    public void A_pin_bears_a_tenth_more_than_its_level_and_3_3_volts_where_nobody_knows(string pin, double bears)
        => Assert.Equal(bears, RoleOf(Part(PartKind.Board, "a", pin)).Bears.Value, 6);

    [Fact]
    public void A_converter_gives_what_its_label_says_and_takes_the_rest()
    {
        var converter = Part(PartKind.Converter, "converter", "+12 V,+5 V");
        var table = new RoleTable(Graft.Empty("test") with
        {
            Parts = [converter],
            Supplies = [new Supply("s", "converter") { Rails = [new Rail(Signal.Supply(new Volts(5.1)), Bench.Limit(3))] }],
        });
        Assert.Equal([RoleKind.Load, RoleKind.Source], converter.Ports[0].Pins.Select(pin => table.Of(converter, converter.Ports[0], pin).Kind));
    }

    [Fact]
    public void A_contact_of_a_panel_that_a_link_leads_on_from_is_a_leg()
    {
        Assert.Equal(RoleKind.Load, RoleOf(Part(PartKind.Panel, "a", "+12 V,none")).Kind);
        Assert.Equal(RoleKind.Passive, RoleOf(Part(PartKind.Panel, "a", "+12 V,none", Link(1, 2, LinkKind.Latching))).Kind);
        Assert.Equal(RoleKind.Rail, RoleOf(Part(PartKind.Board, "a", "+12 V,none", Link(1, 2, LinkKind.Latching))).Kind);
    }

    private static ContactRole RoleOf(Part part) => new RoleTable(Graft.Empty("test") with { Parts = [part] }).Of(part, part.Ports[0], part.Ports[0].Pins[0]);
}
