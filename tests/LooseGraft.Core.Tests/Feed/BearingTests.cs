using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What ports, wires and slots bear, by what is said of them and by what is usual.</summary>
public sealed class BearingTests
{
    private static readonly PortId Far = new("board", "far");

    [Theory]
    [InlineData(2.9, null)] // 34.8 W
    [InlineData(2.92, Severity.Fix)] // 35.04 W
    [InlineData(5.5, Severity.Stop)] // 66 W, more than half as much again
    public void A_slot_gives_what_its_maker_says(double amps, Severity? weight)
    {
        var graft = Fed(SmallSupply(), []).WithPart("board", part => part with
        {
            Ports = [Header("+12 V,ground", "power-block", Gender.Female) with
            {
                Id = "slot", Name = "slot", Limit = new PortLimit(null, new Watts(35), Evidence.Document),
            }],
        });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("card", "card", PartKind.Card)),
            Loads = [Hung("card", "card", "supply").At(new PortId("board", "slot")) with { Draws = [Draw("+12 V", amps)] }],
        };
        Assert.Equal(weight, WorstAt(graft, "/parts/board/ports/slot", "all rails"));
        // Of what its maker says nothing is left to be found.
        Assert.Equal(weight is null ? [] : ["choose a part that takes less"], Review.Of(graft).Findings
            .Where(finding => finding.Rule.Code == "FEED-013" && finding.Severity >= Severity.Fix).Select(finding => finding.Remedies[0]));
    }

    [Theory]
    [InlineData("card-slot-16", 49.9, null)]
    [InlineData("card-slot-16", 50.1, Severity.Fix)]
    [InlineData("card-slot-16", 74.9, Severity.Fix)]
    [InlineData("card-slot-16", 112.6, Severity.Stop)] // one and a half times the 75 W of the standard
    [InlineData("card-slot-4", 24.9, null)]
    [InlineData("card-slot-4", 25.1, Severity.Fix)]
    [InlineData("card-slot-1", 9.9, null)]
    [InlineData("card-slot-1", 10.1, Severity.Fix)]
    public void A_card_in_its_slot_is_held_against_what_such_a_slot_gives(string kind, double watts, Severity? weight)
    {
        Assert.Equal(weight, WorstAt(InSlot(kind, watts), "/parts/board/ports/far", "all rails"));
        if (weight is not null)
            Assert.StartsWith("find what its maker says",
                Review.Of(InSlot(kind, watts)).Findings.First(finding => finding.Rule.Code == "FEED-013").Remedies[0]);
    }

    [Fact]
    public void The_slot_in_the_tree_shows_what_it_gives_over_all_its_rails()
    {
        var graft = InSlot("card-slot-16", 60);
        var (nodes, found) = (new Queue<TreeNode>([FeedTree.Of(graft, Review.Of(graft).Feed, LoadCase.Peak)]), new List<FeedLimit?>());
        while (nodes.TryDequeue(out var node))
        {
            if (node.Name == "far") found.Add(node.Limit);
            foreach (var child in node.Children) nodes.Enqueue(child);
        }

        Assert.Equal("all rails at far of board", Assert.Single(found)?.Name);
    }

    [Theory]
    [InlineData(5.49, null)]
    [InlineData(5.51, Severity.Fix)]
    public void The_long_slot_gives_five_and_a_half_ampere_of_12_V(double amps, Severity? weight)
        => Assert.Equal(weight, WorstAt(InSlot("card-slot-16", 12 * amps), "/parts/board/ports/far", "+12 V"));

    [Theory]
    [InlineData("barrel-jack", null, 4.9, null)]
    [InlineData("barrel-jack", null, 5.1, Severity.Fix)]
    [InlineData("barrel-jack", 8.0, 7.9, null)] // what its maker says of it stands
    [InlineData("barrel-jack", 8.0, 8.1, Severity.Fix)]
    [InlineData("usb-socket", null, 0.49, null)]
    [InlineData("usb-socket", null, 0.51, Severity.Fix)]
    [InlineData("usb2-header", null, 0.99, null)]
    [InlineData("usb2-header", null, 1.01, Severity.Fix)]
    [InlineData("usb3-header", null, 1.79, null)]
    [InlineData("usb3-header", null, 1.81, Severity.Fix)]
    [InlineData("fan-4", null, 0.99, null)]
    [InlineData("fan-4", null, 1.01, Severity.Fix)]
    [InlineData("fan-4", 2.0, 1.99, null)]
    [InlineData("fan-4", 2.0, 2.01, Severity.Fix)]
    public void A_port_that_a_board_feeds_on_bears_what_is_said_or_usual(string kind, double? own, double amps, Severity? weight)
        => Assert.Equal(weight, WorstAt(FedOn(kind, own, amps), "/parts/board/ports/far", "+5 V"));

    [Fact]
    public void What_a_USB_port_gives_says_nothing_of_a_board_that_is_fed_through_one()
    {
        var graft = Fed(SmallSupply(), Draw("+5 V", 2.5)).WithPart("supply", part => part with { Ports = [Usb("plug", Gender.Male)] })
            .WithPart("board", part => part with { Ports = [Usb("far", Gender.Female)] }) with
        {
            Joints = [new Joint("usb", Far, new PortId("supply", "plug"), JointMethod.Straight)],
        };
        graft = graft with { Loads = [graft.Loads[0] with { Meant = null }] };
        Assert.Equal(FeedHold.Joined, Assert.Single(Review.Of(graft).Feed.Flows.All).Hold);
        Assert.Null(WorstAt(graft, "/parts/board/ports/far", "+5 V"));
        Assert.Null(WorstAt(graft, "/parts/supply/ports/plug", "+5 V"));
        // What is said of the port itself holds either way.
        Assert.Equal(Severity.Fix, WorstAt(graft.WithPort(Far, port => port with { Limit = new PortLimit(new Amps(2.4), null, Evidence.Document) }),
            "/parts/board/ports/far", "+5 V"));
    }

    [Theory]
    [InlineData(null, 6.9, null)]
    [InlineData(null, 7.1, Severity.Fix)] // 18 AWG where nobody looked
    [InlineData(22, 2.9, null)]
    [InlineData(22, 3.1, Severity.Fix)]
    [InlineData(16, 9.9, null)]
    public void Wires_of_a_made_lead_bear_what_their_gauge_bears(int? awg, double amps, Severity? weight)
    {
        var graft = Lead(amps);
        Assert.Equal(weight, WorstAt(graft with { Joints = [graft.Joints[0] with { Awg = awg }] }, "/joints/lead", "+12 V"));
    }

    [Theory]
    [InlineData(null, 7.1, Severity.Fix)]
    [InlineData(16, 9.9, null)]
    [InlineData(22, 3.1, Severity.Fix)]
    public void Wires_of_an_adapter_bear_what_their_gauge_bears(int? awg, double amps, Severity? weight)
    {
        var graft = Lead(amps);
        Port Pair(string id, Gender gender) => Header("+12 V,ground", "loose-ends", gender) with { Id = id, Name = id };
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("adapter", "adapter", PartKind.Adapter)
            {
                Awg = awg,
                Ports = [Pair("in", Gender.Male), Pair("out", Gender.Female)],
            }),
            Joints = [graft.Joints[0] with { To = new PortId("adapter", "in"), Method = JointMethod.Splice },
                graft.Joints[0] with { Id = "on", From = Far, To = new PortId("adapter", "out"), Method = JointMethod.Splice }],
        };
        Assert.Equal(weight, WorstAt(graft, "/parts/adapter", "+12 V"));
    }

    [Fact]
    public void A_long_thin_lead_loses_volts_and_a_splice_of_nothing_but_solder_none()
    {
        var graft = Lead(6);
        double Falls(Joint joint) => Flows(graft with { Joints = [joint] }).Network.Falls(0, 0);

        // A metre there and one back of 22 AWG; what is made has a second contact at the far end of each wire.
        var made = graft.Joints[0] with { Awg = 22, Length = new Millimetres(1000) };
        var spliced = graft.Joints[0] with { Method = JointMethod.Splice };
        Assert.Equal(2 * 0.0530, Falls(made) - Falls(graft.Joints[0]), 6);
        Assert.True(Falls(graft.Joints[0]) > Falls(spliced) + 0.01);
    }

    [Fact]
    public void Two_contacts_that_give_on_lose_half_of_what_one_does()
    {
        double Falls(string signals) => Flows(FedOn("fan-3", null, 0.1).WithPort(Far, port => port with { Pins = Header(signals).Pins })).Network.Falls(0, 0);
        Assert.Equal(0.5, Falls("+5 V,+5 V,ground") / Falls("+5 V,ground"), 6);
    }

    // The worst that is told of a place.
    private static Severity? WorstAt(Graft graft, string subject, string name)
        => Review.Of(graft).Feed.Supplies.SelectMany(supply => supply.Limits)
            .Where(limit => limit.Subject.Text == subject && limit.Name.StartsWith(name, StringComparison.Ordinal))
            .Select(limit => Enum.GetValues<LoadCase>().Max(limit.SeverityAt)).Max();

    private static Graft InSlot(string kind, double watts)
    {
        var type = ConnectorTypes.Find(kind)!;
        Port Slot(string id, Gender gender) => new(id, id, type, gender) { Pins = [.. Core.Model.Pin.UsualFor(type)] };
        var graft = Fed(SmallSupply(), []).WithPart("board", part => part with { Ports = [Slot("far", Gender.Female)] });
        return graft with
        {
            Parts = graft.Parts.Add(new Part("card", "card", PartKind.Card) { Ports = [Slot("edge", Gender.Male)] }),
            Joints = [new Joint("slot", Far, new PortId("card", "edge"), JointMethod.Straight)],
            Loads = [new Load("board", "board") { Meant = new MeantWay("supply"), Draws = [Draw("+12 V", 0.1)] },
                new Load("card", "card") { Draws = [Draw("+12 V", watts / 12)] }],
        };
    }

    private static Graft FedOn(string kind, double? own, double amps)
    {
        var limit = own is { } most ? new PortLimit(new Amps(most), null, Evidence.Document) : null;
        var graft = Fed(SmallSupply(), []).WithPart("board", part => part with
        {
            Ports = [Header("+5 V,ground", kind) with { Id = "far", Name = "far", Limit = limit }],
        });
        return graft with
        {
            Parts = graft.Parts.Add(new Part("thing", "thing", PartKind.Other)),
            Loads = [Hung("thing", "thing", "supply").At(Far) with { Draws = [Draw("+5 V", amps)] }],
        };
    }

    private static Port Usb(string id, Gender gender) => Header("+5 V,ground", "usb-socket", gender) with { Id = id, Name = id };

    // One wire there, one back, between blank tags.
    private static Graft Lead(double amps)
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(30))], Combined = [], Total = null }, Draw("+12 V", amps))
            .WithPart("supply", part => part with { Ports = [Header("+12 V,ground", "loose-ends", Gender.Female)] })
            .WithPart("board", part => part with { Ports = [Header("+12 V,ground", "loose-ends") with { Id = "far", Name = "far" }] });
        return graft with
        {
            Loads = [graft.Loads[0] with { Meant = null }],
            Joints = [new Joint("lead", new PortId("supply", "plug"), Far, JointMethod.Rebuild) { Wires = [new Conductor(1, 1), new Conductor(2, 2)] }],
        };
    }
}
