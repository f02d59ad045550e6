using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Drawing;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>The ways by which a current comes.</summary>
public sealed class FeedWaysTests
{
    [Theory]
    [InlineData(false)]
    [InlineData(true)] // whichever way the joints were written down
    public void A_current_that_comes_by_two_plugs_is_drawn_at_both(bool isReversed)
    {
        var graft = TwoPlugs(6);
        if (isReversed) graft = graft with { Joints = [.. graft.Joints.Select(joint => joint with { From = joint.To, To = joint.From })] };
        var feed = Review.Of(graft).Feed;
        var flow = Assert.Single(feed.Flows.All);
        Assert.Equal(["second", "first"], flow.Ways.Select(way => Assert.Single(way.Steps).Label));
        Assert.Equal(2.0 / 3, flow.Ways[0].Share, 0.01);
        Assert.Equal(1, flow.Ways.Sum(way => way.Share), 9);
        var rail = FeedTree.Of(graft, feed, LoadCase.Peak).Children[0].Children[0];
        Assert.Equal(["second", "first"], rail.Children.Select(node => node.Name));
        Assert.Equal(["board, 67 %", "board, 33 %"], rail.Children.Select(node => Assert.Single(node.Children).Name));
        Assert.Equal(72, rail.Power.Likely.Value, 9);
    }

    [Theory]
    [InlineData(1000, 2)] // 339 mΩ of 30 AWG and a contact of 7.5 mΩ, beside two of those: 3.85 of 350 mΩ
    [InlineData(1200, 1)] // 3.85 of 418 mΩ
    public void What_comes_by_another_way_and_is_less_than_a_hundredth_is_not_drawn(double length, int ways)
    {
        var graft = TwoPlugs(6);
        SupplyLead Lead(string port, double? mm, int awg) => new(port, port)
        {
            Awg = awg,
            Length = mm is { } known ? new Millimetres(known) : null,
            Plugs = [new SupplyPlug("p", ConnectorTypes.Find("power-block")!) { Port = port }],
        };
        graft = graft with { Supplies = [graft.Supplies[0] with { Leads = [Lead("first", length, 30), Lead("second", null, 16)] }] };
        var feed = Review.Of(graft).Feed;
        Assert.Equal(2, Assert.Single(feed.Flows.All).Ways.Length);
        Assert.Equal(ways, FeedTree.Of(graft, feed, LoadCase.Peak).Children[0].Children[0].Children.Length);
    }

    [Fact]
    public void A_current_that_comes_by_one_way_keeps_its_name()
        => Assert.Equal("board", Leaf(FeedTree.Of(BehindAdapter(6), Review.Of(BehindAdapter(6)).Feed, LoadCase.Peak)).Name);

    [Fact]
    public void Over_all_ways_each_rail_gives_what_the_shares_say()
        => Gen.Int[0, int.MaxValue].Hold(seed =>
        {
            var flows = Flows(SlowFeedTests.Made(seed));
            foreach (var (tap, at) in flows.Network.Taps.Select((tap, at) => (tap, at)))
            {
                var ways = flows.Network.WaysTo(at).ToArray();
                foreach (var (outlet, index) in flows.Network.Outlets.Select((outlet, index) => (outlet, index)))
                {
                    var given = flows.Network.Given(index).Where(each => each.Tap == at).Sum(each => each.Share);
                    // What comes by a thread of less than a thousandth is not told.
                    Assert.Equal(given, ways.Where(way => way.Outlet == outlet).Sum(way => way.Share), 0.02);
                }
            }
        });

    private static TreeNode Leaf(TreeNode node) => node.Children.IsEmpty ? node : Leaf(node.Children[0]);
}
