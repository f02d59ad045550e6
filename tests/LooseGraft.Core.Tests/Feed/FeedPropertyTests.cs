using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Files;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What must hold of every chain, and figures worked out by hand.</summary>
public sealed class FeedPropertyTests
{
    public static TheoryData<EfficiencyClass> Classes => [.. Enum.GetValues<EfficiencyClass>()];

    [Theory]
    [MemberData(nameof(Classes))]
    public void The_most_that_may_be_given_is_what_bisection_finds(EfficiencyClass efficiencyClass)
    {
        var curve = EfficiencyCurve.Of(efficiencyClass);
        Gen.Double[0, 400].Hold(taken =>
        {
            var (low, high) = (0.0, 1000.0);
            for (var step = 0; step < 80; step++)
            {
                var middle = (low + high) / 2;
                (low, high) = middle / curve.At(middle / 200).Low <= taken ? (middle, high) : (low, middle);
            }

            Assert.Equal(low, curve.MostGiven(taken, 200), 4);
        }, iter: 40);
    }

    [Theory]
    [InlineData("ferry-radiogram")]
    [InlineData("slide-projector")]
    [InlineData("weighbridge")]
    [InlineData("lending-desk")]
    public void What_hangs_on_a_node_of_the_tree_adds_up_to_what_runs_through_it(string demo)
    {
        var graft = GraftFile.Read(File.ReadAllBytes(Path.Combine(House.Root.Folder("demo"), demo + ".json"))).Graft!;
        foreach (var loadCase in Enum.GetValues<LoadCase>())
        {
            var tree = FeedTree.Of(graft, Review.Of(graft).Feed, loadCase);
            foreach (var node in All(tree)
                .Where(node => node.Kind is TreeNodeKind.Rail or TreeNodeKind.Lead && node.Children.All(child => child.Kind != TreeNodeKind.Supply)))
                Assert.Equal(node.Power.Likely.Value, node.Children.Sum(child => child.Power.Likely.Value), 6);
        }
    }

    [Fact]
    public void A_drop_is_ohms_law_there_and_back_with_its_contacts()
    {
        // 5 A there along 600 mm of 20 AWG at 0.0333 Ω/m and a contact of 7.5 mΩ, back by two of each, and a tenth of a milliohm both ways:
        // 5 · (0.01998 + 0.0075 + (0.01998 + 0.0075) / 2 + 0.0002) = 0.2071 V, 1.7 % of 12 V.
        var supply = SmallSupply() with
        {
            Leads = [new SupplyLead("s", "string")
            {
                Awg = 20, Length = new Millimetres(600), Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)],
            }],
        };
        var graft = Fed(supply, Draw("+12 V", 5));
        graft = graft with { Loads = [graft.Loads[0].At("s/a")] };
        var drop = Assert.Single(VoltageDrop.Of(Review.Of(graft).Feed.Supplies[0], Flows(graft)));
        Assert.Equal((0.2071, 0.01726), (Math.Round(drop.Drop.Value, 4), Math.Round(drop.Share, 5)));
    }

    [Theory]
    [InlineData(10, false, Evidence.Label, 0.925, 0.925, 1)] // 0.75 % a year
    [InlineData(10, true, Evidence.Label, 0.8325, 0.8325, 0.9)]
    [InlineData(0, false, Evidence.Diagram, 0.8, 1, 1)]
    [InlineData(0, false, Evidence.Label, 1, 1, 1)]
    [InlineData(60, false, Evidence.Label, 0.7, 0.7, 1)] // beyond forty years nobody knows
    public void What_one_would_ask_of_a_supply_falls_with_age_heat_and_hearsay(
        double years, bool hot, Evidence evidence, double total, double rail, double wire)
    {
        var lead = new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)] };
        var supply = SmallSupply() with { AgeYears = years, RunsHot = hot, Total = new TotalLimit(new(new Watts(150), evidence)), Leads = [lead] };
        var graft = Fed(supply, Draw("+12 V", 1));
        var limits = Review.Of(graft with { Loads = [graft.Loads[0].At("s/a")] }).Feed.Supplies[0].Limits;
        double Factor(FeedLimitKind kind) => PrudentLimit.FactorOf(supply, limits.First(limit => limit.Kind == kind));
        Assert.Equal((total, rail), (Factor(FeedLimitKind.Total), Factor(FeedLimitKind.Rail)));
        Assert.Equal((wire, wire), (Factor(FeedLimitKind.Wire), Factor(FeedLimitKind.Plug)));
        Assert.Equal(total == 1, PrudentLimit.Because(supply, limits.First(limit => limit.Kind == FeedLimitKind.Total)).Length == 0);
    }

    [Fact]
    public void What_a_usual_board_takes_is_taken_from_the_rails_that_a_board_has()
    {
        var sort = PartTemplate.All.First(template => template.Id == "board-mini-itx");
        Part With(params string[] signals) => Board(Header(string.Join(',', signals), "power-block"));
        string[] Rails(Part part) => [.. UsualDraws.Of(part, sort).Select(draw => draw.Rail)];
        Assert.Equal(["+12 V", "+5 V", "+3.3 V"], Rails(With("+12 V", "+5 V", "+3.3 V", "ground")));
        Assert.Equal(["+12 V", "+5 V", "+3.3 V"], Rails(new Part("board", "board", PartKind.Board)));
        // 4 A, and 2.5 A of 5 V and 1.8 of 3.3 made of it with a tenth lost: 4 + 12.5 / 12 / 0.9 + 5.94 / 12 / 0.9.
        var draw = Assert.Single(UsualDraws.Of(With("+12 V", "ground"), sort));
        Assert.Equal(("+12 V", Evidence.Assumed), (draw.Rail, draw.Evidence));
        Assert.Equal(4 + (12.5 / 10.8) + (5.94 / 10.8), draw.Peak.Likely.Value, 9);
        Assert.Equal("+19 V", Assert.Single(Rails(With("+19 V", "ground"))));
        var (first, watts) = UsualDraws.Sorts(With("+12 V", "ground")).First(each => each.Sort == sort);
        Assert.Equal(12 * draw.Peak.Likely.Value, watts.Likely.Value, 6);
    }

    [Fact]
    public void A_board_that_nobody_knows_the_draw_of_is_told_until_it_is_said()
    {
        var graft = Fed(SmallSupply()).WithPart("board", part => part with { Ports = [Header("+12 V,ground", "power-block")] }) with { Loads = [] };
        Assert.Contains("FEED-024", Review.Of(graft).Findings.Select(finding => finding.Rule.Code));
        Assert.Equal("board", Assert.Single(Review.Of(graft).Feed.Uncounted).Id);
        var other = graft with { Loads = [Hung("other", "supply", "supply") with { Draws = [Draw("+12 V", 1)] }, Hung("load", "board", "supply")] };
        Assert.Equal("board", Assert.Single(Review.Of(other).Feed.Uncounted).Id);
        var said = new TakeUsualDraws("board", PartTemplate.All.First(template => template.Id == "board-mini-itx")).Apply(graft);
        Assert.Empty(Review.Of(said).Feed.Uncounted);
        // What is known is not written over, and without a supply there is no sum to be left out of.
        Assert.Equal(said, new TakeUsualDraws("board", PartTemplate.All.First(template => template.Id == "board-atx")).Apply(said));
        Assert.Empty(Review.Of(graft with { Supplies = [] }).Feed.Uncounted);
    }

    [Fact]
    public void A_candidate_is_answered_by_the_link_that_gives_first()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 6));
        Graft With(double amps)
            => graft with
            {
                Parts = graft.Parts.Add(new Part("card", "card", PartKind.Card)),
                Loads = graft.Loads.Add(Hung("card", "card", "supply") with { Draws = [Draw("+12 V", amps)] })
            };
        var feed = Review.Of(graft).Feed;
        Assert.Equal(FeedVerdict.Carries, Candidate.Try(feed, With(1), "card").Fits);
        var tight = Candidate.Try(feed, With(3), "card");
        Assert.Equal(FeedVerdict.CarriesTightly, tight.Fits);
        Assert.StartsWith("tightly: +12 V of supply keeps 12 W", tight.Because);
        var none = Candidate.Try(feed, With(5), "card");
        Assert.Equal((FeedVerdict.DoesNotCarry, "+12 V of supply gives first: 132 W of 120 W"), (none.Fits, none.Because));
    }

    [Fact]
    public void Another_supply_is_told_with_the_rails_and_plugs_it_lacks()
    {
        var graft = Fed(SmallSupply(), Draw("+12 V", 6), Draw("+3.3 V", 1));
        var choices = SupplyChoice.InPlaceOf(graft, Review.Of(graft).Feed, Review.Of(graft).Feed.Supplies[0], []);
        Assert.Empty(choices[0].Losses);
        Assert.True(choices[0].Verdict <= FeedVerdict.CarriesTightly);
        Assert.Contains(choices[^1].Losses, loss => loss == "no +3.3 V");
        Assert.Equal(FeedVerdict.DoesNotCarry, choices[^1].Verdict);
    }

    [Fact]
    public void Room_is_none_where_nothing_is_known_and_says_so()
    {
        var graft = Fed(new Supply("supply", "supply") { Rails = [new Rail(Signal("+12 V"), Limit(10))] }, Draw("+12 V", 4));
        Assert.Equal(6, Room(graft, "supply", "+12 V").Amps.Value, 9);
        Assert.Equal(new RoomLeft(new Amps(0), "no +5 V there"), Room(graft, "supply", "+5 V"));
    }

    private static IEnumerable<TreeNode> All(TreeNode node) => node.Children.SelectMany(All).Prepend(node);
}
