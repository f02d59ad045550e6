using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Tests.Wire;

/// <summary>The everyday machine: what is joined as everybody joins it must not be found fault with.</summary>
public sealed class EverydayTests
{
    [Fact]
    public void An_all_standard_machine_joined_straight_is_left_in_peace()
    {
        var parts = new Part[]
        {
            On("board", PartKind.Board, ("main", "atx-main-24", Gender.Male), ("cpu", "cpu-power-8", Gender.Male), ("fan-a", "fan-4", Gender.Male),
                ("fan-b", "fan-4", Gender.Male), ("usb", "usb2-header", Gender.Male), ("panel", "panel-header", Gender.Male)),
            On("supply", PartKind.Supply, ("main", "atx-main-24", Gender.Female), ("cpu", "cpu-power-8", Gender.Female),
                ("card", "card-power-8", Gender.Female),
                ("drive", "drive-power-15", Gender.Female)),
            On("card", PartKind.Card, ("power", "card-power-8", Gender.Male)),
            On("drive", PartKind.Drive, ("power", "drive-power-15", Gender.Male)),
            On("fan-1", PartKind.Fan, ("plug", "fan-4", Gender.Female)), On("fan-2", PartKind.Fan, ("plug", "fan-3", Gender.Female)),
            On("front", PartKind.Panel, ("usb", "usb2-header", Gender.Female), ("panel", "panel-header", Gender.Female)),
        };
        var found = Found(parts, "board/main-supply/main", "board/cpu-supply/cpu", "card/power-supply/card", "drive/power-supply/drive",
            "board/fan-a-fan-1/plug",
            "board/fan-b-fan-2/plug", "board/usb-front/usb", "board/panel-front/panel");
        Assert.DoesNotContain(found, finding => finding.Severity >= Severity.Fix);
        // What a hand might push on wrongly is told beside; of the circuit itself there is nothing to look at.
        Assert.Empty(found.Where(finding => finding.Severity == Severity.Check).Select(finding => finding.Message));
    }

    [Fact]
    public void Two_fans_on_a_splitter_are_as_they_should_be()
    {
        Part Fan(string id) => On(id, PartKind.Fan, ("plug", "fan-3", Gender.Female));
        var splitter = On("splitter", PartKind.Lead, ("in", "fan-3", Gender.Female), ("a", "fan-3", Gender.Male), ("b", "fan-3", Gender.Male)) with
        {
            // Only one of the two fans may speak to the board.
            Links = [.. Links("in/1 a/1", "in/2 a/2", "in/3 a/3", "in/1 b/1", "in/2 b/2")],
        };
        var found = Found([On("board", PartKind.Board, ("fan", "fan-4", Gender.Male)), splitter, Fan("one"), Fan("two")], "board/fan-splitter/in",
            "splitter/a-one/plug",
            "splitter/b-two/plug");
        Assert.DoesNotContain(found, finding => finding.Severity >= Severity.Fix);
    }

    [Fact]
    public void A_bought_adapter_between_a_supply_and_a_makers_board_says_nothing_of_its_own()
    {
        string[] signals = ["+12 V", "ground", "power-good", "supply-on", "+5 V standby"];
        Port Main(string id, Gender gender)
            => Bench.Header(string.Join(',', signals), gender == Gender.Male ? "pin-header" : "crimp-plug", gender) with { Id = id, Name = id };
        var board = new Part("board", "board", PartKind.Board) { Ports = [Main("main", Gender.Male)] };
        var adapter = new Part("adapter", "adapter", PartKind.Adapter)
        {
            Ports = [Main("far", Gender.Female), On("x", PartKind.Adapter, ("near", "atx-main-24", Gender.Male)).Ports[0]],
            Links = [.. Links("far/1 near/10", "far/2 near/3", "far/3 near/8", "far/4 near/16", "far/5 near/9")],
        };
        var found = Found([board, adapter, On("supply", PartKind.Supply, ("main", "atx-main-24", Gender.Female))], "board/main-adapter/far",
            "adapter/near-supply/main");
        Assert.DoesNotContain(found, finding => finding.Severity >= Severity.Fix);
    }

    private static PartLink[] Links(params string[] pairs)
        => [.. pairs.Select(pair => new PartLink(InnerEnd.Parse(pair.Split(' ')[0])!.Value, InnerEnd.Parse(pair.Split(' ')[1])!.Value, LinkKind.Wire))];

    private static Part On(string id, PartKind kind, params (string Id, string Connector, Gender Gender)[] ports) => new(id, id, kind)
    {
        Ports = [.. ports.Select(port => new Port(port.Id, port.Id, ConnectorTypes.Find(port.Connector)!, port.Gender)
        {
            Pins = [.. Pin.UsualFor(ConnectorTypes.Find(port.Connector)!)
                .Select(pin => pin with { Signal = pin.Signal with { Evidence = Evidence.Document } })],
        })],
    };

    private static Finding[] Found(Part[] parts, params string[] joints)
        => [.. Review.Of(Graft.Empty("everyday") with
        {
            Parts = [.. parts],
            Joints = [.. joints.Select((joint, index) => new Joint($"j{index}", End(joint, 0), End(joint, 1), JointMethod.Straight))],
        }).Wire.Findings];

    // Written board/fan-a-fan-1/plug: the second half begins at the last dash that leaves a part and a port on either side.
    private static PortId End(string joint, int half)
    {
        for (var dash = joint.IndexOf('/', StringComparison.Ordinal); (dash = joint.IndexOf('-', dash + 1)) > 0;)
        {
            if (PortId.Parse(joint[..dash]) is { } from && PortId.Parse(joint[(dash + 1)..]) is { } to && IsPart(to.Part)) return half == 0 ? from : to;
        }

        throw new ArgumentException(joint);
    }

    private static bool IsPart(string id) => id is "supply" or "card" or "drive" or "fan-1" or "fan-2" or "front" or "splitter" or "one" or "two" or "adapter";
}
