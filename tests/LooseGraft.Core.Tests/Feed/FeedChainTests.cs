using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

public sealed class FeedChainTests
{
    [Fact]
    public void A_converter_takes_what_it_gives_over_its_efficiency_from_the_brick()
    {
        // 5.1 V · 2 A = 10.2 W at a class whose likely share at 10.2 of 15.3 W is 0.89: 11.46 W or 0.955 A from 12 V.
        var feed = Review.Of(Chain(2)).Feed;
        var flow = Assert.Single(feed.Supplies[0].Flows);
        Assert.Equal(10.2 / EfficiencyCurve.Of(EfficiencyClass.Converter).At(10.2 / 15.3).Likely / 12, flow.At(LoadCase.Peak).Likely.Value, 6);
        var (low, _, high) = EfficiencyCurve.Of(EfficiencyClass.Converter).At(10.2 / 15.3);
        Assert.Equal((10.2 / high / 12, 10.2 / low / 12), (flow.At(LoadCase.Peak).Low.Value, flow.At(LoadCase.Peak).High.Value));
    }

    [Fact]
    public void The_brick_gives_though_its_converter_would_still_carry_it()
    {
        var review = Review.Of(Chain(2.6, brickAmps: 1));
        Assert.DoesNotContain(
            review.Findings, finding => finding.Subject.Text.StartsWith("/supplies/converter", StringComparison.Ordinal) && finding.Rule.Code == "FEED-001");
        Assert.Contains(review.Findings,
            finding => finding.Subject.Text.StartsWith("/supplies/brick", StringComparison.Ordinal) && finding.Rule.Code == "FEED-001");
    }

    [Fact]
    public void What_a_board_feeds_on_comes_in_by_the_boards_own_plug()
    {
        var graft = Fed(SmallSupply() with
        {
            Leads = [new SupplyLead("s", "main lead") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("power-block")!)] }],
        }, Draw("+12 V", 3))
            .WithPart("board", part => part with { Ports = [Header("ground,+12 V", "fan-3")] });
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("fan", "fan", PartKind.Fan)),
            Loads = [graft.Loads[0].At("s/a"),
                Hung("fan", "fan", "supply") with { Draws = [Draw("+12 V", 0.5)], Meant = new MeantWay("supply") { Through = new PortId("board", "header") } }],
        };
        var feed = Review.Of(graft).Feed;
        Assert.Equal(3.5, feed.Supplies[0].Find(FeedLimitKey.OfWire("s", "+12 V"))!.In(LoadCase.Peak).Used.Likely.Value, 9);
        var tree = FeedTree.Of(graft, feed, LoadCase.Peak);
        var lead = tree.Children[0].Children[0].Children[0];
        Assert.Equal(("main lead", 42), (lead.Name, lead.Power.Likely.Value));
        Assert.Equal("fan", lead.Children[0].Children[0].Children[0].Children[0].Name);
    }

    [Fact]
    public void A_chain_never_carries_more_than_its_least_link()
        => Gen.Select(Gen.Double[0, 3], Gen.Double[0.2, 4]).Hold((amps, brickAmps) =>
        {
            var graft = Chain(amps, brickAmps);
            var room = Room(graft, "converter", "+5.1 V");
            var limits = Review.Of(Chain(amps + room.Amps.Value, brickAmps)).Feed.Supplies.SelectMany(supply
                => supply.Limits.Select(limit => (Name: $"{limit.Name} of {supply.Name}", Left: limit.LeastShareLeft))).ToArray();
            Assert.Equal(room.Amps.Value > 0, Review.Of(graft).Feed.Supplies.SelectMany(supply => supply.Limits).All(limit => limit.LeastLeft.Value > 0));
            // What fits leaves no link over its limit, and just fills the one that is named.
            if (room.Amps.Value <= 0) return;
            Assert.All(limits, limit => Assert.True(limit.Left > -0.001));
            Assert.Equal(0, limits.Single(limit => limit.Name == room.First).Left, 0.001);
        });

    [Fact]
    public void Room_left_is_what_bisection_finds()
        => Gen.Select(Gen.Double[0, 9], Gen.Double[0, 9], Gen.Bool).Hold((twelve, five, onPlug) =>
        {
            Graft With(double more)
                => Fed(SmallSupply() with
                {
                    Leads = [new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)] }],
                }, Draw("+12 V", twelve), Draw("+5 V", five)) is var graft && more >= 0
                ? graft with { Loads = graft.Loads.Add(More(onPlug) with { Draws = [Draw("+12 V", more)] }) }
                : throw new ArgumentOutOfRangeException(nameof(more));
            bool Fits(double more)
                => Review.Of(With(more)).Feed.Supplies[0].Limits.Where(limit => limit.Kind != FeedLimitKind.Rail || limit.Name == "+12 V")
                .Where(limit => limit.Kind != FeedLimitKind.Combined).All(limit => limit.LeastLeft.Value >= -1e-9);
            var (low, high) = (0.0, 40.0);
            for (var step = 0; step < 60 && Fits(0); step++) (low, high) = Fits((low + high) / 2) ? ((low + high) / 2, high) : (low, (low + high) / 2);
            Assert.Equal(low, Room(With(0), "supply", "+12 V", onPlug ? "s/a" : null).Amps.Value, tolerance: 1e-6);
        }, iter: 40);

    [Fact]
    public void Standby_takes_nothing_of_the_rail_whose_name_its_own_begins_with()
    {
        var standby = new Rail(Signal("+5 V standby"), Limit(10));
        var main = new SupplyLead("s", "main") { Awg = 18, WiresEach = 1, Plugs = [new SupplyPlug("a", ConnectorTypes.Find("atx-main-24")!)] };
        var graft = Fed(SmallSupply() with { Rails = SmallSupply().Rails.Add(standby), Leads = [main] }, Draw("+5 V standby", 6));
        double Left(Graft with, string? plug, PortId? port) => Room(with, "supply", "+5 V", plug, port).Amps.Value;
        Assert.Equal(10, Left(graft, null, null), 9);
        // Five wires and contacts of +5 V bear more than the rail gives; the one standby contact bears just the 6 A asked of it.
        Assert.Equal(10, Left(graft with { Loads = [graft.Loads[0].At("s/a")] }, "s/a", null), 9);
        var header = graft.WithPart("board", part => part with { Ports = [Header("+5 V,+5 V standby", "fan-3")] });
        header = header with
        {
            Parts = header.Parts.Add(new Part("other", "other", PartKind.Drive)),
            Loads = [header.Loads[0] with { Part = "other", Meant = new MeantWay("supply") { Through = new PortId("board", "header") } }],
        };
        // A fan header's ampere, of which the standby current beside it takes nothing.
        Assert.Equal(1, Left(header, null, new PortId("board", "header")), 9);
    }

    [Fact]
    public void The_chance_is_none_or_certain_where_ranges_leave_no_doubt_and_a_half_in_the_middle()
    {
        Assert.Equal(new FeedChance(0, 0), ChanceOf(Currents(6, 8, 10)));
        Assert.Equal(new FeedChance(1, 0), ChanceOf(Currents(10.1, 11, 12)));
        // Symmetrical about the limit.
        var half = ChanceOf(Currents(8, 10, 12));
        Assert.InRange(half.Share, 0.5 - half.Error, 0.5 + half.Error);
        Assert.Equal(0.04295, half.Error, 5);
        // A triangle rising from 8 to 12 A is beyond 10 A with (12² … ): 1 − ((10 − 8) / 4)² = 0.75.
        var rising = ChanceOf(Currents(8, 12, 12));
        Assert.InRange(rising.Share, 0.75 - rising.Error, 0.75 + rising.Error);
        // The same on every machine and each time.
        Assert.Equal((0.501, 0.756), (half.Share, rising.Share));
    }

    [Fact]
    public void The_schools_disagree_and_the_page_can_say_why()
    {
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Bronze }, Draw("+12 V", 9)) with
        {
            CardTotal = new Known<Watts>(new Watts(300), Evidence.Document),
            WallReadings = [new WallReading("full", default, WallWork.Peak, new Watts(100)) { Highest = new Watts(104) }],
        };
        var feed = Review.Of(graft).Feed;
        var schools = feed.SchoolsFor(graft, feed.Supplies[0]);
        Assert.Equal([FeedVerdict.DoesNotCarry, FeedVerdict.Carries, FeedVerdict.Carries], schools.Verdicts.Select(school => school.Verdict!.Value));
        Assert.Equal(FeedSchool.Measured, schools.Trusted.School);
        // 108 W and a quarter are 135 W; the maker's 300 W are 165 W above; 100 W at the wall are 86 to 91 W of output.
        Assert.Contains("165 W above the sum", schools.WhyTheyDiffer);
        Assert.Contains("They disagree", schools.WhyTheyDiffer);
        Assert.Equal(FeedSchool.Recommended, feed.SchoolsFor(graft with { TrustedSchool = FeedSchool.Recommended }, feed.Supplies[0]).Trusted.School);
    }

    // A class is a minimum, and three points above is the next.
    [Theory]
    [InlineData(EfficiencyClass.Gold, 115, 0.2, 0.87, 0.90)]
    [InlineData(EfficiencyClass.Gold, 115, 0.35, 0.885, 0.915)]
    [InlineData(EfficiencyClass.Gold, 115, 0.75, 0.885, 0.915)]
    [InlineData(EfficiencyClass.Gold, 115, 2, 0.87, 0.90)]
    [InlineData(EfficiencyClass.Gold, 115, 0.1, 0.77, 0.85)] // five points less than certified, and five more in doubt
    [InlineData(EfficiencyClass.Gold, 230, 0.5, 0.92, 0.95)]
    [InlineData(EfficiencyClass.Gold, 230, 1, 0.89, 0.92)]
    [InlineData(EfficiencyClass.Gold, null, 0.5, 0.90, 0.95)] // while nobody says which mains
    [InlineData(EfficiencyClass.Titanium, 230, 0.5, 0.96, 0.99)]
    [InlineData(EfficiencyClass.Unlabelled, 115, 0.5, 0.70, 0.78)]
    [InlineData(EfficiencyClass.Converter, 230, 0.5, 0.86, 0.94)]
    [InlineData(EfficiencyClass.Lossless, null, 0.01, 1, 1)]
    public void Efficiency_is_interpolated_between_certified_points(EfficiencyClass efficiencyClass, int? mains, double load, double low, double high)
    {
        var (least, likely, most) = EfficiencyCurve.Of(efficiencyClass, mains).At(load);
        Assert.Equal((low, high), (Math.Round(least, 9), Math.Round(most, 9)));
        Assert.InRange(likely, least, most);
    }

    [Fact]
    public void What_gives_more_takes_more_whatever_its_class()
        => Gen.Select(Gen.Double[0, 3], Gen.Double[0, 1], Gen.Enum<EfficiencyClass>(), Gen.OneOf<int?>(null, 115, 230)).Hold((load, more, sort, mains) =>
        {
            var curve = EfficiencyCurve.Of(sort, mains);
            Assert.True(load / curve.At(load).High <= (load + more) / curve.At(load + more).Likely);
            Assert.True(load / curve.At(load).Likely <= (load + more) / curve.At(load + more).Low);
            Assert.True(load / curve.At(load).High <= load / curve.At(load).Likely && load / curve.At(load).Likely <= load / curve.At(load).Low);
        });

    [Fact]
    public void What_is_given_of_what_is_taken_is_what_takes_it()
        => Gen.Select(Gen.Double[1, 400], Gen.Double[50, 400], Gen.Enum<EfficiencyClass>()).Hold((taken, total, sort) =>
        {
            var curve = EfficiencyCurve.Of(sort);
            var (low, likely, high) = curve.Given(taken, total);
            Assert.Equal(taken, low / curve.At(low / total).Low, 6);
            Assert.Equal(taken, likely / curve.At(likely / total).Likely, 6);
            Assert.Equal(taken, high / curve.At(high / total).High, 6);
            // With no total it is reckoned at half load.
            Assert.Equal(taken * curve.At(0.5).Low, curve.Given(taken, null).Low, 9);
        });

    [Fact]
    public void Taking_the_upstream_supply_out_lets_the_converter_hang_on_the_wall()
    {
        var graft = Chain(1).WithoutPart("brick");
        Assert.Null(Assert.Single(graft.Supplies).Meant);
    }

    private static Load More(bool onPlug) => onPlug ? Hung("more", "board", "supply").At("s/a") : Hung("more", "board", "supply");

    private static FeedChance ChanceOf(Spread<Amps> peak)
    {
        var supply = SmallSupply() with { Total = null, Combined = [] };
        var feed = Review.Of(Fed(supply, Draw("+12 V", 6) with { Peak = peak })).Feed;
        Assert.Equal(FeedChance.OfAll(feed.Supplies[0])[0], FeedChance.Of(feed.Supplies[0].Limits[0]));
        return FeedChance.Of(feed.Supplies[0].Limits[0]);
    }

    private static Graft Chain(double amps, double brickAmps = 3) => Graft.Empty("chain") with
    {
        Parts = [new Part("brick", "brick", PartKind.Brick), new Part("converter", "converter", PartKind.Converter),
            new Part("board", "board", PartKind.Board)],
        Supplies =
        [
            new Supply("brick", "brick")
            {
                Rails = [new Rail(Signal("+12 V"), Limit(brickAmps))], Total = new TotalLimit(new(new Watts(brickAmps * 12), Evidence.Label)),
            },
            new Supply("converter", "converter")
            {
                Rails = [new Rail(Signal("+5.1 V"), Limit(3))],
                Total = new TotalLimit(new(new Watts(15.3), Evidence.Label)),
                Meant = new MeantInput("brick", "+12 V"),
                Class = EfficiencyClass.Converter,
            },
        ],
        Loads = [Hung("board", "board", "converter") with { Draws = [Draw("+5.1 V", amps)] }],
    };
}
