using static LooseGraft.Core.Tests.Circuit.CircuitBench;

namespace LooseGraft.Core.Tests.Circuit;

/// <summary>For each rule of the circuit that needs more than two parts a graft that fires it and a near one that does not.</summary>
internal static class CircuitRuleExamples
{
    private static readonly Part Supply = Part(PartKind.Supply, "supply", "+5 V,ground,+3.3 V");
    private static readonly Part Brick = Part(PartKind.Brick, "brick", "+5 V,ground");

    public static readonly Dictionary<string, (Graft Fires, Graft Quiet)> All = new()
    {
        ["WIRE-024"] = (Talking("brick"), Talking("supply")),
        ["WIRE-025"] = (Assembled([Supply, Part(PartKind.Board, "board", "keep-open,ground")], "supply/2-board/1"),
            Assembled([Supply, Part(PartKind.Board, "board", "keep-open,ground")], "supply/2-board/2")),
        ["WIRE-026"] = (Recognising("+5 V,ground"), Recognising("+5 V,ground,identification")),
        ["WIRE-027"] = (Driving(3), Driving(2)),
        ["WIRE-028"] = (Behind(Link(1, 2, LinkKind.Resistor, "47 ohm")), Behind(Link(1, 2, LinkKind.Resistor, "470 ohm"))),
        ["WIRE-029"] = (Behind(Link(1, 2, LinkKind.Coil, "12 V 400 ohm")), Behind(Link(1, 2, LinkKind.Coil, "5 V 400 ohm"))),
        ["WIRE-038"] = (Wound("supply/1"), Wound("supply/2")),
    };

    private static Graft Wound(string contact) => Assembled([Supply, Part(PartKind.Other, "winding", "none,none",
        Link(1, 2, LinkKind.Winding, "6.3 V isolated"))], $"{contact}-winding/1");

    // A board on the supply, and a device on either.
    private static Graft Talking(string feed)
        => Assembled([Supply, Brick, Part(PartKind.Board, "board", "+5 V,ground,serial-transmit@3.3"),
            Part(PartKind.Other, "device", "+5 V,ground,serial-receive@3.3")],
            "supply/1-board/1", "supply/2-board/2", $"{feed}/1-device/1", $"{feed}/2-device/2", "board/2-device/2", "board/3-device/3");

    private static Graft Recognising(string brick)
    {
        string[] wires = ["brick/1-board/1", "brick/2-board/2", "brick/3-board/3"];
        return Assembled([Part(PartKind.Brick, "brick", brick), Part(PartKind.Board, "board", "+5 V,ground,identification")], wires[..brick.Split(',').Length]);
    }

    private static Graft Behind(PartLink link) => Assembled([Supply, Part(PartKind.Panel, "panel", "none,none", link)], "supply/1-panel/1", "supply/2-panel/2");

    private static Graft Driving(int contact)
    {
        var drive = new Part("drive", "drive", PartKind.Drive)
        {
            Ports = [Port("power", "+3.3 V,+3.3 V,+3.3 V,ground") with { Type = ConnectorTypes.Find("drive-power-15")! }],
        };
        return Assembled([Supply, drive], $"supply/3-drive.power/{contact}", "supply/2-drive.power/4");
    }
}
