using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What flows where, read from the joints.</summary>
public sealed class FeedNetworkTests
{
    private static readonly ConnectorType Drive = ConnectorTypes.Find("drive-power-15")!;

    [Fact]
    public void A_board_behind_an_adapter_shows_its_current_on_the_two_wires_that_carry_it()
    {
        // 12 A through two wires of 18 AWG and two contacts of 6 A: the worst of either takes two thirds.
        var graft = BehindAdapter(12);
        var limits = Review.Of(graft).Feed.Supplies[0].Limits;
        var wires = Assert.Single(limits, limit => limit is { Kind: FeedLimitKind.Lead, Name: "+12 V in the wires of adapter at in" });
        Assert.Equal((12, 10.5, "2 × wire of 18 AWG, taken for granted, shared unevenly"),
            (Math.Round(wires.In(LoadCase.Peak).Used.Likely.Value, 9), Math.Round(wires.Limit.Value.Value, 9), wires.Limit.Note));
        Assert.Equal(FeedVerdict.DoesNotCarry, wires.In(LoadCase.Peak).Verdict);
        Assert.Equal([FeedHold.Joined], Review.Of(graft).Feed.Flows.All.Select(flow => flow.Hold));
        Assert.Contains(Review.Of(graft).Findings, finding => finding is { Rule.Code: "FEED-011", Severity: Severity.Fix, Subject.Text: "/parts/adapter" });
        Assert.DoesNotContain(Review.Of(BehindAdapter(8)).Findings, finding => finding.Rule.Code is "FEED-011" or "FEED-012" or "FEED-013" or "FEED-020");
    }

    [Theory]
    [InlineData(9.9, 3)] // three splitters in a row: five drives of 0.99 A behind the first, four contacts' worth behind none
    [InlineData(7.4, 2)]
    public void Of_splitters_in_a_row_the_plug_nearest_the_supply_is_the_hot_one(double watts, int splitters)
    {
        var graft = Splitters(splitters, watts / 5);
        var hot = Review.Of(graft).Feed.Supplies[0].Limits.Where(limit => limit.Kind > FeedLimitKind.Total && limit.Key.Rail == "+5 V")
            .MaxBy(limit => limit.In(LoadCase.Peak).Used.Likely.Value / limit.Limit.Value.Value)!;
        Assert.Equal("+5 V at plug of supply", hot.Name);
        Assert.Equal((splitters + 1) * watts / 5, hot.In(LoadCase.Peak).Used.Likely.Value, 9);
        // Three contacts of 1.5 A of which one may take half of all.
        Assert.Equal(3, hot.Limit.Value.Value, 9);
    }

    [Fact]
    public void A_board_fed_by_two_plugs_shares_between_them_and_what_it_feeds_on_goes_the_same_way()
    {
        var graft = TwoPlugs(6);
        var feed = Review.Of(graft).Feed;
        double Through(string name) => feed.Supplies[0].Limits.Single(limit => limit.Name == name).In(LoadCase.Peak).Used.Likely.Value;
        // One contact of 7.5 mΩ on the first plug, two on the second, a tenth of a milliohm to each: 2 and 4 A, but for that.
        Assert.Equal(6, Through("+12 V at first of supply") + Through("+12 V at second of supply"), 9);
        Assert.Equal(2, Through("+12 V at first of supply"), 0.03);
        Assert.Equal(6, feed.Supplies[0].Find(FeedLimitKey.OfRail("+12 V"))!.In(LoadCase.Peak).Used.Likely.Value / 12, 9);
    }

    [Fact]
    public void What_is_joined_needs_no_word_and_what_was_meant_gives_way_to_it()
    {
        var graft = BehindAdapter(8);
        var other = graft.Supplies[0] with { Id = "other" };
        graft = graft with { Supplies = graft.Supplies.Add(other), Loads = [graft.Loads[0] with { Meant = new MeantWay("other") }] };
        var feed = Review.Of(graft).Feed;
        Assert.Single(feed.Supplies[0].Flows);
        Assert.Empty(feed.Supplies[1].Flows);
    }

    [Theory]
    [InlineData("+12 V,ground", "ground,+12 V")] // a rail on ground
    [InlineData("+12 V,ground", "+12 V,+12 V")]
    public void What_is_shorted_is_counted_at_the_supply_until_that_is_mended(string plug, string header)
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 2)).WithPart("supply", part => part with { Ports = [Plug(plug)] })
            .WithPart("board", part => part with { Ports = [Header(header)] }) with
        {
            Joints = [new Joint("joint", new PortId("board", "header"), new PortId("supply", "plug"), JointMethod.Splice)
            {
                Wires = [new Conductor(1, 1), new Conductor(2, 2)],
            }],
        };
        var feed = Review.Of(graft).Feed;
        Assert.Equal(FeedHold.NotSolved, Assert.Single(feed.Supplies[0].Flows).Hold);
        Assert.Equal(24, feed.Supplies[0].Find(FeedLimitKey.OfRail("+12 V"))!.In(LoadCase.Peak).Used.Likely.Value, 9);
        Assert.Contains(Review.Of(graft).Findings, finding => finding.Rule.Code == "FEED-020" && finding.Message.Contains("shorted", StringComparison.Ordinal));
    }

    [Fact]
    public void Nobody_said_which_of_two_supplies_is_told_and_counted_nowhere()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 2));
        graft = graft with { Supplies = graft.Supplies.Add(SmallSupply() with { Id = "other" }), Loads = [graft.Loads[0] with { Meant = null }] };
        Assert.Contains(Review.Of(graft).Findings, finding => finding.Rule.Code == "FEED-020"
            && finding.Message.Contains("which supply", StringComparison.Ordinal));
        Assert.Empty(Review.Of(graft).Feed.Flows.All);
        // With one supply there is nothing to say.
        Assert.Single(Review.Of(graft with { Supplies = [SmallSupply()] }).Feed.Flows.All);
    }

    [Theory]
    [InlineData(19, 19.5, true)]
    [InlineData(5, 5.1, true)]
    [InlineData(5, 5.27, false)] // 5 V works up to 5.26
    [InlineData(12, 11.39, false)]
    public void A_rail_serves_what_is_made_for_nearly_its_voltage(double wanted, double given, bool serves)
    {
        var supply = SmallSupply() with { Rails = [new Rail(Core.Model.Signal.Supply(new Volts(given)), Limit(10))], Combined = [] };
        var graft = Fed(supply, Draw(Core.Model.Signal.Supply(new Volts(wanted)).Name, 1));
        Assert.Equal(serves, Review.Of(graft).Findings.All(finding => finding.Rule.Code != "FEED-004"));
    }

    [Fact]
    public void On_a_tree_of_splitters_every_limit_is_the_plain_sum_of_what_hangs_behind_it()
        => Gen.Select(Gen.Int[1, 6], Gen.Double[0.05, 2]).Hold((splitters, amps) =>
        {
            var limits = Review.Of(Splitters(splitters, amps)).Feed.Supplies[0].Limits;
            Assert.Equal((splitters + 1) * amps * 5, limits[1].In(LoadCase.Peak).Used.Likely.Value, 6);
            for (var at = 1; at <= splitters; at++)
            {
                var wires = limits.Single(limit => limit.Name == $"+5 V in the wires of s{at} at in");
                Assert.Equal((splitters + 2 - at) * amps, wires.In(LoadCase.Peak).Used.Likely.Value, 6);
            }
        }, iter: 40);

    [Fact]
    public void Room_at_a_place_is_what_makes_its_first_limit_equal_to_itself()
        => Gen.Select(Gen.Double[0.1, 4], Gen.Double[0, 3]).Hold((onBoth, more) =>
        {
            var graft = TwoPlugs(onBoth);
            var room = RoomLeft.At(graft, Review.Of(graft).Feed, [("+12 V", new MeantWay("supply") { Through = new PortId("board", "b") })])[0];
            graft = graft with
            {
                Parts = graft.Parts.Add(new Part("more", "more", PartKind.Drive)),
                Loads = graft.Loads.Add(Hung("more", "more", "supply").At(new PortId("board", "b")) with { Draws = [Draw("+12 V", room.Amps.Value)] }),
            };
            var limit = Review.Of(graft).Feed.Supplies[0].Limits.First(limit => $"{limit.Name} of supply" == room.First);
            Assert.Equal(limit.Limit.Value.Value, limit.In(LoadCase.Peak).Used.High.Value, 0.001 * limit.Limit.Value.Value);
        }, iter: 40);

    [Theory]
    [InlineData(1, true)]
    [InlineData(10, false)]
    public void More_than_is_solved_is_counted_at_the_supply_and_told(int draws, bool isWhole)
    {
        var pins = string.Join(',', Enumerable.Repeat("+12 V", 511).Append("ground"));
        Port Wide(string id, Gender gender) => Header(pins, "power-block", gender) with { Id = id, Name = id };
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(200))], Combined = [], Total = null });
        graft = graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply) { Ports = [Wide("plug", Gender.Female)] },
                new Part("board", "board", PartKind.Board) { Ports = [Wide("main", Gender.Male)] },
                new Part("adapter", "adapter", PartKind.Adapter) { Ports = [Wide("in", Gender.Male), Wide("out", Gender.Female)] }],
            Joints = [Straight("supply/plug", "adapter/in"), Straight("board/main", "adapter/out")],
            // Rails of nearly one voltage, each served by the one there is.
            Loads = [.. Enumerable.Range(0, 500).Select(index => new Load($"l{index}", "board")
            {
                Draws = [.. Enumerable.Range(0, draws).Select(at => Draw($"+12.0{at} V", 0.01))],
            })],
        };
        var review = Review.Of(graft);
        Assert.Equal(isWhole, review.Feed.Flows.Network.IsWhole);
        Assert.Equal(500 * draws * 0.01 * 12, review.Feed.Supplies[0].Limits[0].In(LoadCase.Peak).Used.Likely.Value, 6);
        Assert.Equal(isWhole, review.Findings.All(finding => !finding.Message.Contains("than is solved", StringComparison.Ordinal)));
    }
}
