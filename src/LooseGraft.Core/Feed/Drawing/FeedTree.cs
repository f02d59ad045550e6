using System.Collections.Immutable;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Drawing;

/// <summary>The feeding of a graft as a tree that flows from the wall to the parts.</summary>
/// <remarks>Time linear in currents. A supply that closes a ring is left out here as it is in the sums.</remarks>
public sealed class FeedTree
{
    private readonly Graft _graft;
    private readonly FeedReview _feed;
    private readonly LoadCase _case;
    private readonly Dictionary<(string Supply, string Rail), Volts> _volts;

    private FeedTree(Graft graft, FeedReview feed, LoadCase loadCase)
    {
        (_graft, _feed, _case) = (graft, feed, loadCase);
        _volts = graft.Supplies.SelectMany(supply => supply.Rails.Select(rail => (Key: Key(supply, rail.Name), rail.Voltage)))
            .ToDictionary(pair => pair.Key, pair => pair.Voltage);
    }

    /// <summary>The tree in one load case, the wall its root.</summary>
    public static TreeNode Of(Graft graft, FeedReview feed, LoadCase loadCase)
    {
        var tree = new FeedTree(graft, feed, loadCase);
        var supplies = feed.Supplies.Where(review => review.Supply.Input is null).Select(tree.Supply).ToImmutableArray();
        var taken = feed.Supplies.Where(review => review.Supply.Input is null)
            .Aggregate(Nothing, (sum, review) => sum + feed.Flows.Taken(review.Supply, loadCase));
        return new TreeNode(TreeNodeKind.Wall, "wall", taken, Subject.Whole, null, supplies);
    }

    private static Spread<Watts> Nothing => Spread<Watts>.Exactly(Watts.Zero);

    private TreeNode Supply(SupplyReview review)
    {
        var rails = review.Supply.Rails.Select(rail => Rail(review, rail)).Where(node => !node.Children.IsEmpty).ToImmutableArray();
        var shared = review.Limits.Where(limit => limit.Kind is FeedLimitKind.Total or FeedLimitKind.Combined).MinBy(limit => limit.LeastShareLeft);
        return new TreeNode(TreeNodeKind.Supply, review.Name, _feed.Flows.Given(review.Supply, _case), new SupplySubject(review.Supply.Id), shared, rails);
    }

    private TreeNode Rail(SupplyReview review, Rail rail)
    {
        var flows = review.Flows.Where(flow => flow.Rail == rail.Name).ToArray();
        var onward = flows.Where(flow => flow.Through is not null).ToLookup(flow => flow.Through!.Value.Part);
        var direct = flows.Where(flow => flow.Through is null).ToArray();
        // What is fed on by a part that takes nothing of this rail itself hangs on the rail.
        var orphans = onward.Where(group => direct.All(flow => flow.Consumer != group.Key)).SelectMany(group => Ports(review, group));
        var leads = direct.Where(flow => flow.Plug is not null).GroupBy(flow => flow.Plug!.Split('/')[0])
            .Select(group => Lead(
                review, group.Key, [.. group], [.. flows.Where(flow => flow.Plug?.StartsWith(group.Key + "/", StringComparison.Ordinal) == true)], onward));
        var loose = direct.Where(flow => flow.Plug is null).Select(flow => Consumer(review, flow, onward));
        return new TreeNode(TreeNodeKind.Rail, rail.Name, Sum(review, flows), new RailSubject(review.Supply.Id, rail.Name),
            review.Find(FeedLimitKey.OfRail(rail.Name)), [.. leads, .. loose, .. orphans]);
    }

    private TreeNode Lead(SupplyReview review, string id, FeedFlow[] flows, FeedFlow[] carried, ILookup<string, FeedFlow> onward)
    {
        var lead = review.Supply.Leads.First(each => each.Id == id);
        var plugs = flows.GroupBy(flow => flow.Plug!)
            .Select(group => new TreeNode(
            TreeNodeKind.Plug, group.Key.Split('/')[1], Sum(review, carried.Where(flow => flow.Plug == group.Key)), new SupplyLeadSubject(review.Supply.Id, id),
            review.Find(FeedLimitKey.OfPlug(group.Key, flows[0].Rail)), [.. group.Select(flow => Consumer(review, flow, onward))]));
        return new TreeNode(TreeNodeKind.Lead, lead.Name, Sum(review, carried), new SupplyLeadSubject(review.Supply.Id, id),
            review.Find(FeedLimitKey.OfWire(id, flows[0].Rail)), [.. plugs]);
    }

    private TreeNode Consumer(SupplyReview review, FeedFlow flow, ILookup<string, FeedFlow> onward)
    {
        if (flow.Feeds is { } fed && _feed.Supplies.FirstOrDefault(other => other.Supply.Id == fed.Id) is { } below) return Supply(below);
        return new TreeNode(TreeNodeKind.Part, _graft.NameOf(flow.Consumer), Sum(review, onward[flow.Consumer].Append(flow)),
            flow.Subject, null, [.. Ports(review, onward[flow.Consumer])]);
    }

    private IEnumerable<TreeNode> Ports(SupplyReview review, IEnumerable<FeedFlow> flows)
        => flows.GroupBy(flow => flow.Through!.Value)
            .Select(group => new TreeNode(TreeNodeKind.Port, _graft.NameOf(group.Key), Sum(review, group), new PortSubject(group.Key),
            review.Find(FeedLimitKey.OfPort(group.Key, group.First().Rail)),
            [.. group.Select(flow =>
                new TreeNode(TreeNodeKind.Part, _graft.NameOf(flow.Consumer), Sum(review, [flow]), flow.Subject, null, []))]));

    private Spread<Watts> Sum(SupplyReview review, IEnumerable<FeedFlow> flows)
        => flows.Aggregate(Nothing, (sum, flow) => sum + flow.At(_case).Rising(amps => _volts[Key(review.Supply, flow.Rail)] * amps));

    private static (string, string) Key(Supply supply, string rail) => (supply.Id, rail);
}
