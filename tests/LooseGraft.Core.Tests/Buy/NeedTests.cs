using LooseGraft.Core.Buy.Fits;
using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Buy.Orders;
using LooseGraft.Core.Tests.Seat;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>Every decision names what it asks for.</summary>
public sealed class NeedTests
{
    private static IReadOnlyList<Need> Needs(Graft graft) => [.. Core.Review.Of(graft).Buy.Basket.Value.Lines.Select(line => line.Need)];

    private static IEnumerable<string> Written(Graft graft) => Needs(graft).Select(need => $"{need.Count} {need.Key}");

    [Fact]
    public void A_crimped_lead_asks_for_a_housing_terminals_tube_and_tools_and_a_fuse_where_it_carries_a_supply()
    {
        var power = Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Splice, (1, 1), (2, 2));
        Assert.Equal(
            ["1 tool meter", "1 housing 1×2, 2.54 mm", "2 terminal 2.54 mm", "1 tool crimping pliers", "1 tool cutter and stripper", "1 heat-shrink", "1 fuse"],
            Written(power).OrderBy(text => Array.FindIndex(Order, text.EndsWith)));
        var signal = Joined(Header("power-switch,ground"), Plug("power-switch,ground"), JointMethod.Splice, (1, 1), (2, 2));
        Assert.DoesNotContain(Needs(signal), need => need.Ware.Kind == WareKind.Fuse);
        // Nobody read the gauge: what is offered has to be held against the wire first, and no seller is asked about it.
        var fused = power.With((BuyBench.Offer("fuse", 2, Of("fuse 5 A")), 1)).Shop(shop => shop with { TakesBack = false });
        var basket = Core.Buy.Basket.Of(fused, [.. Needs(power)], OrderBook.Empty);
        Assert.Equal(FitGrade.ProveFirst, Assert.Single(basket.Sacks[0].Lines[0].Gifts).Fit);
        Assert.Empty(basket.Sacks[0].Lines[0].Believed);
        // It guards the wire: 24 AWG bears 2 A.
        var thin = power.WithJoint("joint", joint => joint with { Awg = 24 });
        Assert.Equal("fuse 2 A", Needs(thin).Single(need => need.Ware.Kind == WareKind.Fuse).Key);
    }

    private static readonly string[] Order =
        ["tool meter", "housing 1×2, 2.54 mm", "terminal 2.54 mm", "tool crimping pliers", "tool cutter and stripper", "heat-shrink", "fuse"];

    [Fact]
    public void A_lead_made_from_scratch_asks_for_both_ends_and_for_wire_by_gauge_and_colour_in_whole_metres()
    {
        var graft = Joined(Header("+5 V,ground"), Plug("+5 V,ground"), JointMethod.Rebuild, (1, 1), (2, 2))
            .WithJoint("joint", joint => joint with { Awg = 20, Length = new(960) });
        var needs = Needs(graft);
        Assert.Equal(2, needs.Single(need => need.Ware.Kind == WareKind.Housing).Count);
        Assert.Equal(4, needs.Single(need => need.Ware.Kind == WareKind.Terminal).Count);
        // 0.96 m and 0.05 m to cut: two metres of each colour.
        Assert.Equal(["2 wire red 20 AWG", "2 wire black 20 AWG"], needs.Where(need => need.Ware.Kind == WareKind.Wire).Select(need => $"{need.Count} {need.Key}"));
        Assert.Equal(1, Needs(graft.WithJoint("joint", joint => joint with { Length = new(950) })).First(need => need.Ware.Kind == WareKind.Wire).Count);
    }

    [Fact]
    public void Two_leads_for_one_header_share_its_housing_and_their_terminals_add_up()
    {
        var graft = Joined(Header("power-switch,ground,power-light+,power-light-"), Plug("power-switch,ground"), JointMethod.Splice, (1, 1), (2, 2));
        graft = graft with
        {
            Parts = graft.Parts.Add(Shell(Plug("power-light+,power-light-")) with { Id = "light" }),
            Joints = graft.Joints.Add(new Joint("light", new("board", "header"), new("light", "plug"), JointMethod.Splice) { Wires = [new(3, 1), new(4, 2)] }),
        };
        var needs = Needs(graft);
        Assert.Equal((1, 4), (needs.Single(need => need.Ware.Kind == WareKind.Housing).Count, needs.Single(need => need.Ware.Kind == WareKind.Terminal).Count));
        Assert.Equal(2, needs.Single(need => need.Ware.Kind == WareKind.Terminal).Asks.Length);
    }

    [Fact]
    public void A_bridge_asks_for_a_fine_iron_and_little_solder_and_moved_terminals_only_for_a_tool()
    {
        var bridge = Joined(Header("+5 V,ground"), Plug("ground,+5 V"), JointMethod.Bridge, (1, 2), (2, 1));
        Assert.Contains("1 solder", Written(bridge));
        Assert.Contains("1 tool fine soldering iron", Written(bridge));
        var moved = Joined(Header("+5 V,ground"), Plug("ground,+5 V"), JointMethod.Repin, (1, 2), (2, 1));
        Assert.Equal(["1 tool meter", "1 tool terminal tool or slim blade"], Written(moved));
    }

    [Fact]
    public void What_is_pushed_on_or_left_off_asks_for_nothing()
        => Assert.All(new[] { JointMethod.Straight, JointMethod.LeaveOff }, method => Assert.Empty(Needs(Joined(Header("ground"), Plug("ground"), method))));

    [Fact]
    public void A_seated_board_asks_for_screws_of_a_length_that_holds_and_ends_before_what_is_behind()
    {
        var need = Assert.Single(Needs(SeatBench.Seated()), need => need.Ware.Kind == WareKind.Screw);
        Assert.Equal(4, need.Count);
        Assert.True(Ware("screw M3 6 mm").Meets(need.Ware));
        Assert.False(Ware("screw M3 30 mm").Meets(need.Ware));
    }

    [Theory]
    [InlineData(MountMethod.ThroughBolt, "nut M3")]
    [InlineData(MountMethod.Insert, "insert M3")]
    [InlineData(MountMethod.AdhesivePillar, "glue slow epoxy")]
    [InlineData(MountMethod.PlasticStud, "stud")]
    [InlineData(MountMethod.Tie, "tie")]
    [InlineData(MountMethod.Tray, "sheet for a tray")]
    [InlineData(MountMethod.DrillAndTap, "tool tap M3")]
    [InlineData(MountMethod.Move, "tool nut driver")]
    public void A_hole_held_otherwise_asks_for_what_holds_it(MountMethod method, string ware)
    {
        var graft = SeatBench.Seated();
        graft = graft with
        {
            Seating = graft.Seating with
            {
                Planes = [graft.Seating.Planes[0] with { Mounts = graft.Seating.Planes[0].Mounts.RemoveAt(0) }],
                Seats = [graft.Seating.Seats[0] with { Holes = [new HoleMounting(1, method)] }],
            },
        };
        Assert.Contains(ware, Needs(graft).Select(need => need.Key));
    }

    [Fact]
    public void A_go_between_is_judged_by_its_ends_and_its_map_and_not_by_its_name()
    {
        var supply = new Part("supply", "Supply", PartKind.Supply) { Ports = [Usual("plug", "peripheral-power-4", Gender.Female)] };
        var drive = new Part("drive", "Drive", PartKind.Drive) { Ports = [Usual("power", "drive-power-15", Gender.Male)] };
        var joint = new Joint("power", new("drive", "power"), new("supply", "plug"), JointMethod.Adapter);
        var graft = Graft.Empty("test") with { Parts = [drive, supply], Joints = [joint] };
        var school = Core.Review.Of(graft) is var review ? review.SchoolsFor(review.Wire.Find("power")!).Plans[0] : null!;
        graft = graft with { Joints = [graft.Joints[0] with { Wires = school.Review.Joint.Wires }] };
        var need = Assert.Single(Needs(graft), need => need.GoBetween is not null);
        Assert.Equal("part adapter-drive", need.Ware.ToString());
        Assert.Equal(FitGrade.Fits, WareFit.Of(need, Ware("part adapter-drive"), FitWord.NeverTried));
        Assert.All(PartTemplate.All.Where(template => template.Kind == PartKind.Adapter && template.Id != "adapter-drive"),
            template => Assert.Equal(FitGrade.No, WareFit.Of(need, Core.Facts.Ware.Usual(template), FitWord.MakersList)));
        Assert.Equal(FitGrade.ProveFirst, WareFit.Of(need, Ware("for joint power"), FitWord.SellersWord));
        Assert.Equal(FitGrade.Fits, WareFit.Of(need, Ware("for joint power"), FitWord.MakersList));
        Assert.Equal(FitGrade.No, WareFit.Of(need, Ware("for joint other"), FitWord.MakersList));
    }

    private static Port Usual(string id, string connector, Gender gender)
        => new(id, id, ConnectorTypes.Find(connector)!, gender) { Pins = [.. Model.Pin.UsualFor(ConnectorTypes.Find(connector)!)] };

    [Fact]
    public void A_part_to_buy_is_found_by_its_connectors_and_wires()
    {
        var template = PartTemplate.Find("adapter-drive")!;
        var part = Core.Stock.TemplatePart.MakePart(template, "any", "a name that says nothing") with { Origin = PartOrigin.ToBuy };
        var need = Needs(Graft.Empty("test") with { Parts = [part] }).First(need => need.Part is not null);
        Assert.Equal(FitGrade.Fits, WareFit.Of(need, Ware("part adapter-drive"), FitWord.NeverTried));
        Assert.Equal(FitGrade.No, WareFit.Of(need, Ware("part adapter-drive-card"), FitWord.NeverTried));
        var crossed = part with { Links = part.Links.RemoveAt(0) };
        var other = Needs(Graft.Empty("test") with { Parts = [crossed] }).First(need => need.Part is not null);
        Assert.Equal(FitGrade.No, WareFit.Of(other, Ware("part adapter-drive"), FitWord.NeverTried));
    }

    [Fact]
    public void The_bin_is_asked_by_what_a_thing_is_and_what_is_broken_or_promised_is_passed_over()
    {
        var need = Assert.Single(Needs(Needing(("nut M3", 3))));
        OwnedThing Nuts(string entry, int free) => new(entry, "nuts", Ware("nut M3"), free);
        var around = Around with
        {
            Bin =
            [
                Nuts("broken", 5) with { Condition = WareCondition.Broken }, Nuts("promised", 0), new OwnedThing("other", "nut M3", Ware("nut M4"), 5),
                Nuts("free", 1),
            ],
        };
        Assert.Equal("free", Assert.Single(BinFit.For(need, around)).Entry);
    }

    [Fact]
    public void A_need_of_a_part_with_a_long_name_can_be_marked_and_is_read_back()
    {
        var name = new string('n', Core.Files.GraftFileLimits.NameLength);
        var graft = Graft.Empty("test") with { Parts = [new Part("board", name, PartKind.Board)] };
        graft = graft with { Cooling = Cooling.Empty with { Coolers = [new CoolerPlace("board") { Hold = CoolerHold.CasePosts }] } };
        var key = Needs(graft).Single(need => need.Ware.Kind == WareKind.Other).Key;
        var marked = new Core.Buy.Edits.MarkNeed(key, "plate", NeedMarking.There, null).Apply(graft);
        Assert.Equal(marked, Core.Files.GraftFile.Read(Core.Files.GraftFile.Write(marked)).Graft);
    }
}
