using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Supplies with two rails of one voltage, and parts each of whose sockets wants its own plug.</summary>
public sealed class RailsAndSocketsTests
{
    private static readonly PortId ProcessorSocket = new("board", "processor");

    [Theory]
    [InlineData(9.9, null)]
    [InlineData(10.1, Severity.Fix)] // 12V2 gives 10 A; 12V1 and 12V2 together would carry it
    public void A_processor_by_its_own_socket_meets_the_rail_of_its_lead_alone(double amps, Severity? weight)
    {
        var graft = Machine(processor: amps, main: 3);
        var supply = Review.Of(graft).Feed.Supplies[0];
        Assert.Equal((36, Math.Round(12 * amps, 9)), (WattsOf(supply, "12V1"), Math.Round(WattsOf(supply, "12V2"), 9)));
        Assert.Equal(weight, supply.Find(FeedLimitKey.OfRail("12V2"))!.SeverityAt(LoadCase.Peak));
        Assert.Equal(weight is not null, Review.Of(graft).Findings.Any(finding
            => finding is { Rule.Code: "FEED-001", Subject.Text: "/supplies/supply/rails/12V2" }));
        Assert.DoesNotContain(Review.Of(graft).Findings, finding => finding.Rule.Code is "FEED-020" or "FEED-025");
    }

    [Fact]
    public void Without_a_socket_of_its_own_the_board_is_one_plane_and_both_rails_share()
    {
        var graft = Machine(processor: 6, main: 3);
        graft = graft with { Loads = [graft.Loads[0].WithoutSocket("processor")] };
        var supply = Review.Of(graft).Feed.Supplies[0];
        Assert.Equal(9, Assert.Single(graft.Loads[0].Draws).Peak.Likely.Value);
        Assert.Equal(108, WattsOf(supply, "12V1") + WattsOf(supply, "12V2"), 6);
        Assert.True(WattsOf(supply, "12V1") > 37);
    }

    [Theory]
    [InlineData("12V1", "12V1", false)]
    [InlineData(null, "12V2", true)] // as most supplies are made
    public void A_lead_of_which_nobody_said_is_counted_as_most_are_made_and_told(string? said, string counted, bool isTold)
    {
        var graft = Machine(processor: 6, main: 3).WithSupply("supply", supply => supply with
        {
            Leads = [.. supply.Leads.Select(lead => lead.Id == "processor" ? lead with { Rails = said is null ? [] : [said] } : lead)],
        });
        var review = Review.Of(graft);
        Assert.Equal(counted, review.Feed.Flows.All.Single(flow => flow.Subject.Text.EndsWith("processor", StringComparison.Ordinal)).Rail.Name);
        Assert.Equal(isTold, review.Findings.Any(finding
            => finding is { Rule.Code: "FEED-025", Severity: Severity.Check, Subject.Text: "/supplies/supply/strings/processor" }
                && finding.Message.Contains("hangs on 12V1 or 12V2;")));
    }

    [Fact]
    public void A_drive_on_a_string_of_which_nobody_said_is_counted_on_the_first_rail()
    {
        var graft = Machine(6, 3).WithSupply("supply", supply => supply with
        {
            Leads = supply.Leads.Add(new SupplyLead("drives", "drives") { Plugs = [new SupplyPlug("p", ConnectorTypes.Find("drive-power-15")!)] }),
        });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("drive", "drive", PartKind.Drive)),
            Loads = graft.Loads.Add(Hung("drive", "drive", "supply").At("drives/p") with { Draws = [Draw("+12 V", 1)] }),
        };
        Assert.Equal("12V1", Review.Of(graft).Feed.Flows.All.Single(flow => flow.Consumer == "drive").Rail.Name);
        Assert.Equal(10, Rooms(graft, "12V1"), 9);
        Assert.Equal(4, Rooms(graft, "12V2"), 9);
    }

    [Fact]
    public void What_is_meant_to_hang_on_one_rail_of_two_hangs_there()
    {
        var graft = Fed(Two(), Draw("+12 V", 5));
        graft = graft with { Loads = [graft.Loads[0] with { Meant = new MeantWay("supply") { Rail = "12V2" } }] };
        Assert.Equal("12V2", Review.Of(graft).Feed.Flows.All.Single().Rail.Name);
    }

    [Fact]
    public void An_empty_processor_socket_is_not_fed_by_the_plug_beside_it()
    {
        var graft = Machine(6, 3);
        graft = graft with { Joints = [graft.Joints[0]] };
        var holds = Review.Of(graft).Feed.Flows.All.ToDictionary(flow => flow.Subject.Text, flow => flow.Hold);
        Assert.Equal((FeedHold.Joined, FeedHold.NotWired), (holds["/loads/load/draws/+12 V"], holds["/loads/load/draws/+12 V/processor"]));
    }

    [Fact]
    public void Each_socket_of_a_card_loads_its_own_plug()
    {
        var graft = Card();
        var limits = Review.Of(graft).Feed.Supplies[0].Limits;
        Assert.Equal((10, 5), (Through("+12 V at eight of supply"), Through("+12 V at six of supply")));

        double Through(string name) => Math.Round(limits.Single(limit => limit.Name == name).In(LoadCase.Peak).Used.Likely.Value, 9);
    }

    [Fact]
    public void A_rail_with_fewer_wires_than_the_lead_has_for_others_bears_less()
    {
        double Bears(params RailWires[] few) => Review.Of(Machine(6, 3).WithSupply("supply", supply => supply with
        {
            Leads = [.. supply.Leads.Select(lead => lead with { RailWires = [.. few] })],
        })).Feed.Supplies[0].Find(FeedLimitKey.OfWire("main", "+12 V"))!.Limit.Value.Value;
        Assert.Equal(7, Bears(new RailWires("12V1", 1)));
        Assert.Equal(10.5, Bears(), 9);
        Assert.Equal(10.5, Bears(new RailWires("12V2", 1), new RailWires("ground", 1)), 9);
    }

    [Fact]
    public void A_label_typed_anew_keeps_the_evidence_of_what_it_leaves_and_frees_what_it_takes_out()
    {
        var graft = Machine(6, 3).WithSupply("supply", supply => supply with
        {
            Rails = [supply.Rails[0] with { Limit = new(new Amps(14), Evidence.Measured, "by hand") }, supply.Rails[1]],
            Leads = [supply.Leads[0] with { RailWires = [new RailWires("12V1", 1), new RailWires("12V2", 1), new RailWires("ground", 3)] }, supply.Leads[1]],
        });
        var edited = new RelabelSupply("supply", new Supply("", "") { Rails = [new Rail(Signal("+12 V"), Limit(14)) { Label = "12V1" }] }).Apply(graft);
        var after = edited.Supplies[0];
        var meant = edited with
        {
            Loads = [Hung("a", "board", "supply") with { Meant = new MeantWay("supply") { Rail = "12V1" } },
            Hung("b", "board", "supply") with { Meant = new MeantWay("supply") { Rail = "gone" } }]
        };
        Assert.Equal(["12V1", null], new RelabelSupply("supply", after).Apply(meant).Loads.Select(load => load.Meant!.Rail));
        Assert.Equal(("by hand", 1), (after.Rails[0].Limit.Note, after.Rails.Length));
        Assert.Equal(["12V1"], after.Leads.SelectMany(lead => lead.Rails));
        Assert.Equal(["12V1", "ground"], after.Leads[0].RailWires.Select(few => few.Rail));
        Assert.Empty(after.Combined);
    }

    private static double Rooms(Graft graft, string rail)
        => RoomLeft.Everywhere(graft, Review.Of(graft).Feed, Review.Of(graft).Feed.Supplies[0])
            .First(each => each.Place == $"{rail} of supply").Room.Amps.Value;

    private static double WattsOf(SupplyReview supply, string rail) => supply.Find(FeedLimitKey.OfRail(rail))!.In(LoadCase.Peak).Used.Likely.Value;

    private static Supply Two() => new("supply", "supply")
    {
        Rails = [new Rail(Signal("+12 V"), Limit(14)) { Label = "12V1" }, new Rail(Signal("+12 V"), Limit(10)) { Label = "12V2" }],
        Combined = [new CombinedLimit(["12V1", "12V2"], new(new Watts(276), Evidence.Label))],
    };

    private static SupplyLead Lead(string id, string connector, string? rail) => new(id, id)
    {
        WiresEach = 2,
        Rails = rail is null ? [] : [rail],
        Plugs = [new SupplyPlug("p", ConnectorTypes.Find(connector)!) { Port = id }],
    };

    private static Port Socket(string id, string connector, Gender gender)
        => new(id, id, ConnectorTypes.Find(connector)!, gender) { Pins = [.. Core.Model.Pin.UsualFor(ConnectorTypes.Find(connector)!)] };

    private static Joint Straight(string port, string part, string socket)
        => new(port, new PortId("supply", port), new PortId(part, socket), JointMethod.Straight);

    // A board whose processor is fed by its own plug of the second rail, and the rest by a plug of the first.
    private static Graft Machine(double processor, double main) => Graft.Empty("test") with
    {
        Parts = [new Part("supply", "supply", PartKind.Supply) { Ports = [Block("main", Gender.Female), Socket("processor", "cpu-power-8", Gender.Female)] },
            new Part("board", "board", PartKind.Board) { Ports = [Block("main", Gender.Male), Socket("processor", "cpu-power-8", Gender.Male)] }],
        Supplies = [Two() with { Leads = [Lead("main", "power-block", "12V1"), Lead("processor", "cpu-power-8", "12V2")] }],
        Joints = [Straight("main", "board", "main"), Straight("processor", "board", "processor")],
        Loads = [new Load("load", "board") { Draws = [Draw("+12 V", main), Draw("+12 V", processor) with { Socket = ProcessorSocket.Port }] }],
    };

    private static Graft Card() => Graft.Empty("test") with
    {
        Parts = [new Part("supply", "supply", PartKind.Supply)
            {
                Ports = [Socket("eight", "card-power-8", Gender.Female), Socket("six", "card-power-6", Gender.Female)],
            },
            new Part("card", "card", PartKind.Card) { Ports = [Socket("eight", "card-power-8", Gender.Male), Socket("six", "card-power-6", Gender.Male)] }],
        Supplies = [SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(30))], Combined = [], Total = null }],
        Joints = [Straight("eight", "card", "eight"), Straight("six", "card", "six")],
        Loads = [new Load("load", "card") { Draws = [Draw("+12 V", 10) with { Socket = "eight" }, Draw("+12 V", 5) with { Socket = "six" }] }],
    };

    private static Port Block(string id, Gender gender) => Header("+12 V,+12 V,ground,ground", "power-block", gender) with { Id = id, Name = id };
}
