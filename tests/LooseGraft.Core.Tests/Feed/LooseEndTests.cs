using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Network;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What is counted without a joint, and the joint that would make it so.</summary>
public sealed class LooseEndTests
{
    [Theory]
    [InlineData("s/a", "supply/a > drive/power")] // as it is meant
    [InlineData(null, "supply/a > drive/power")] // the free plug of its own kind
    [InlineData("s/b", "supply/a > drive/power")] // by an adapter, which is no joint
    public void A_drive_without_a_joint_is_offered_its_plug(string? meant, string joint)
    {
        var graft = Driven();
        graft = graft with { Loads = [graft.Loads[0] with { Meant = new MeantWay("supply") { Plug = meant } }] };
        Assert.Equal(joint, Said(Assert.Single(LooseEnd.Of(graft, Review.Of(graft).Feed))));
    }

    [Fact]
    public void What_is_joined_is_no_loose_end_and_a_plug_that_is_taken_is_offered_to_nobody()
    {
        var graft = Driven();
        var joined = graft with { Joints = [new Joint("j", new PortId("supply", "a"), new PortId("drive", "power"), JointMethod.Straight)] };
        Assert.Empty(LooseEnd.Of(joined, Review.Of(joined).Feed));
        var spare = joined.WithPart("supply", part => part with { Ports = part.Ports.Add(part.Ports[0] with { Id = "c" }) });
        Assert.Empty(LooseEnd.Of(spare, Review.Of(spare).Feed));
        var two = joined with
        {
            Parts = joined.Parts.Add(joined.FindPart("drive")! with { Id = "other" }),
            Loads = joined.Loads.Add(Hung("other", "other", "supply").At("s/a") with { Draws = [Draw("+5 V", 1)] }),
        };
        Assert.Equal("none", Said(Assert.Single(LooseEnd.Of(two, Review.Of(two).Feed))));
    }

    [Theory]
    [InlineData(2.9, true, true)]
    [InlineData(3.1, true, false)] // more than three contacts of 1.5 A bear, shared unevenly
    [InlineData(2.9, false, false)] // nobody described the plug as a port that could be joined
    public void Where_only_a_plug_of_another_kind_is_left_an_adapter_is_put_in(double amps, bool isPort, bool isOffered)
    {
        var graft = Driven();
        var drive = graft.FindPart("drive")!;
        graft = graft with
        {
            Parts = graft.Parts.Add(drive with { Id = "other" }),
            Joints = [new Joint("j", new PortId("supply", "a"), new PortId("drive", "power"), JointMethod.Straight)],
            Loads = graft.Loads.Add(new Load("other", "other") { Draws = [Draw("+5 V", amps)] }),
        };
        if (!isPort)
            graft = graft.WithSupply("supply", supply => supply with
            {
                Leads = [supply.Leads[0] with { Plugs = [supply.Leads[0].Plugs[0], supply.Leads[0].Plugs[1] with { Port = null }] }],
            });
        var end = Assert.Single(LooseEnd.Of(graft, Review.Of(graft).Feed));
        Assert.Equal(isOffered ? ["adapter-drive: supply/b > other/power"] : [],
            end.Adapters.Select(way => $"{way.Adapter.Id}: {Assert.Single(way.Plugs)} > {way.Socket}"));
        if (!isOffered) return;
        var after = end.Adapters[0].Apply(graft);
        Assert.All(Review.Of(after).Feed.Flows.All, flow => Assert.Equal(FeedHold.Joined, flow.Hold));
        // Once more it has nowhere to go.
        Assert.Empty(LooseEnd.Of(after, Review.Of(after).Feed));
    }

    [Fact]
    public void A_converter_goes_on_the_plug_that_is_meant_for_it()
    {
        var graft = Driven();
        var socket = graft.FindPart("drive")!.Ports[0];
        graft = graft.WithPart("drive", part => part with
        {
            Kind = PartKind.Converter,
            Ports = [socket, graft.Parts[0].Ports[1] with { Id = "other", Gender = Gender.Male }],
        });
        graft = graft with
        {
            Supplies = [.. graft.Supplies, SmallSupply() with { Id = "converter", Part = "drive", Meant = new MeantInput("supply", "+12 V") { Plug = "s/b" } }],
            Parts = graft.Parts.Add(new Part("board", "board", PartKind.Board)),
            Loads = [Hung("board", "board", "converter") with { Draws = [Draw("+3.3 V", 1)] }],
        };
        // As it is meant, before what fits.
        Assert.Equal("supply/b > drive/other, supply/a > drive/power", Said(LooseEnd.Of(graft, Review.Of(graft).Feed).First()));
    }

    [Theory]
    [InlineData(PartKind.Card, "board/slot > card/edge")]
    [InlineData(PartKind.Board, "none")] // a board is no card
    public void A_card_goes_into_the_slot_of_a_board(PartKind kind, string said)
    {
        var type = ConnectorTypes.Find("card-slot-4")!;
        Port Slot(string id, Gender gender) => new(id, id, type, gender) { Pins = [.. Core.Model.Pin.UsualFor(type)] };
        var graft = Fed(SmallSupply()).WithPart("board", part => part with { Ports = [Slot("slot", type.BoardGender)] });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("card", "card", kind) { Ports = [Slot("edge", type.BoardGender == Gender.Male ? Gender.Female : Gender.Male)] }),
            Loads = [Hung("card", "card", "supply") with { Draws = [Draw("+12 V", 1)] }],
        };
        Assert.Equal(said, Said(Assert.Single(LooseEnd.Of(graft, Review.Of(graft).Feed))));
    }

    [Fact]
    public void A_fan_goes_on_the_header_that_is_meant_to_feed_it()
    {
        var graft = Fed(SmallSupply()).WithPart("board", part => part with { Ports = [Header("ground,+12 V,unknown", "fan-3")] });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("fan", "fan", PartKind.Fan) { Ports = [Plug("ground,+12 V,unknown")] }),
            Loads = [Hung("fan", "fan", "supply").At(new PortId("board", "header")) with { Draws = [Draw("+12 V", 0.2)] }],
        };
        Assert.Equal("board/header > fan/plug", Said(Assert.Single(LooseEnd.Of(graft, Review.Of(graft).Feed))));
    }

    [Theory]
    [InlineData(null, true)] // nobody looked
    [InlineData(true, true)]
    [InlineData(false, false)]
    public void A_plug_that_is_one_piece_is_not_offered_to_a_smaller_socket(bool? parts, bool isOffered)
    {
        var (plug, socket) = (ConnectorTypes.Find("cpu-power-8")!, ConnectorTypes.Find("cpu-power-4")!);
        Port Port(string id, ConnectorType type, Gender gender) => new(id, id, type, gender) { Pins = [.. Core.Model.Pin.UsualFor(type)] };
        var lead = new SupplyLead("s", "s") { Plugs = [new SupplyPlug("a", plug) { Port = "a", Parts = parts }] };
        var graft = Fed(SmallSupply() with { Leads = [lead] }, Draw("+12 V", 1));
        graft = graft with
        {
            Parts = [graft.Parts[0] with { Ports = [Port("a", plug, Gender.Female)] }, graft.Parts[1] with { Ports = [Port("cpu", socket, Gender.Male)] }],
        };
        Assert.Equal(isOffered ? "supply/a > board/cpu" : "none", Said(Assert.Single(LooseEnd.Of(graft, Review.Of(graft).Feed))));
    }

    [Fact]
    public void An_adapter_goes_between_ends_that_there_are_and_once_to_each()
    {
        var graft = Driven();
        var (adapter, socket, plug) = (PartTemplate.Find("adapter-drive")!, new PortId("drive", "power"), new PortId("supply", "b"));
        Assert.Equal(2, new JoinByAdapter(adapter, socket, [plug]).Apply(graft).Joints.Length);
        foreach (var edit in (JoinByAdapter[])[new(adapter, socket, []), new(adapter, socket, [plug, plug]), new(adapter, socket, [plug, new("supply", "a")]),
            new(adapter, socket, [new("supply", "gone")]), new(adapter, new("drive", "gone"), [plug]), new(PartTemplate.Find("drive-35")!, socket, [plug])])
            Assert.Equal(graft, edit.Apply(graft));
    }

    [Fact]
    public void What_does_not_go_together_is_not_offered()
    {
        var graft = Driven();
        // A socket of the same gender, a supply, and a plug that carries nothing of what is wanted.
        string Offered(Func<Graft, Graft> change) => LooseEnd.Of(change(graft), Review.Of(change(graft)).Feed).Select(Said).FirstOrDefault("nothing at all");
        Assert.Equal("supply/a > drive/power", Offered(of => of));
        Assert.Equal("none", Offered(of => of.WithPart("drive", part => part with { Ports = [part.Ports[0] with { Gender = Gender.Female }] })));
        Assert.Equal("none", Offered(of => of.WithPart("drive", part => part with { Kind = PartKind.Brick })));
        Assert.Equal("none", Offered(of => of.WithPart("drive", part => part with { Kind = PartKind.Adapter })));
        Assert.Equal("none", Offered(of => of with { Supplies = [.. of.Supplies, SmallSupply() with { Id = "own", Part = "drive" }] }));
        Assert.Equal("none", Offered(of => of.WithPart("supply", part => part with
        {
            Ports = [part.Ports[0] with { Pins = [.. part.Ports[0].Pins.Where(pin => pin.Signal.Value.Name == "ground")] }],
        })));
        Assert.Equal("none", Offered(of => of with { Loads = [of.Loads[0].At("s/a")] } is var meant
            ? meant.WithPart("supply", part => part with { Ports = [part.Ports[0] with { Gender = Gender.Male }] }) : of));
    }

    private static string Said(LooseEnd end) => end.Joints.IsEmpty ? "none" : string.Join(", ", end.Joints.Select(joint => $"{joint.From} > {joint.To}"));

    private static Graft Driven()
    {
        var (drive, peripheral) = (ConnectorTypes.Find("drive-power-15")!, ConnectorTypes.Find("peripheral-power-4")!);
        Port Port(string id, ConnectorType type, Gender gender) => new(id, id, type, gender) { Pins = [.. Core.Model.Pin.UsualFor(type)] };
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", drive) { Port = "a" }, new SupplyPlug("b", peripheral) { Port = "b" }] }],
        });
        return graft with
        {
            Parts = [graft.Parts[0] with { Ports = [Port("a", drive, Gender.Female), Port("b", peripheral, Gender.Female)] },
                new Part("drive", "drive", PartKind.Drive) { Ports = [Port("power", drive, Gender.Male)] }],
            Loads = [Hung("drive", "drive", "supply") with { Draws = [Draw("+5 V", 1)] }],
        };
    }
}
