using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Drawing;

/// <summary>The feeding of a graft as a tree that flows from the wall to the parts, along the ways by which each current comes.</summary>
/// <remarks>Time linear in currents and the places they pass. A supply that closes a ring is left out here as it is in the sums.</remarks>
public sealed class FeedTree
{
    // What comes by another way and is less than a hundredth is not told.
    private const double Whole = 0.99;

    private readonly Graft _graft;
    private readonly FeedReview _feed;
    private readonly LoadCase _case;

    private FeedTree(Graft graft, FeedReview feed, LoadCase loadCase) => (_graft, _feed, _case) = (graft, feed, loadCase);

    /// <summary>The tree in one load case, the wall its root.</summary>
    public static TreeNode Of(Graft graft, FeedReview feed, LoadCase loadCase)
    {
        var tree = new FeedTree(graft, feed, loadCase);
        var onWall = feed.Supplies.Where(review => review.Into is null).ToArray();
        var taken = onWall.Aggregate(Nothing, (sum, review) => sum + feed.Flows.Taken(review.Supply, loadCase));
        return new TreeNode(TreeNodeKind.Wall, "wall", taken, Subject.Whole, null, [.. onWall.Select(tree.Supply)]);
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
        var ways = from flow in _feed.Flows.All
                   from way in flow.Ways
                   where way.Supply.Id == review.Supply.Id && way.Rail.Name == rail.Name && way.Share > 1 - Whole
                   select new Branch(flow, way.Share, IsMain: way == flow.Ways[0], StepsOf(flow, way));
        var children = Below(review, [.. ways], 0);
        return new TreeNode(TreeNodeKind.Rail, rail.Name, Sum(children), new RailSubject(review.Supply.Id, rail.Name),
            review.Find(FeedLimitKey.OfRail(rail.Name)), children);
    }

    // A part stands before the ports by which it feeds on, and at the end of its own currents.
    private ImmutableArray<Step> StepsOf(FeedFlow flow, FeedWay way)
    {
        var steps = ImmutableArray.CreateBuilder<Step>();
        foreach (var place in way.Steps)
        {
            if (place.Key is { Kind: FeedLimitKind.Port, Port: { } port }
                && _graft.FindPart(port.Part) is { Kind: not (PartKind.Adapter or PartKind.Lead) } part)
                steps.Add(new Step(TreeNodeKind.Part, part.Id, part.Name, new PartSubject(part.Id), null));
            steps.Add(new Step(KindOf(place.Key.Kind), place.Key.ToString(), place.Label, place.Subject, place.Key));
        }

        steps.Add(new Step(TreeNodeKind.Part, flow.Consumer, _graft.NameOf(flow.Consumer), flow.Subject, null));
        return steps.DrainToImmutable();
    }

    private static TreeNodeKind KindOf(FeedLimitKind kind) => kind switch
    {
        FeedLimitKind.Wire => TreeNodeKind.Lead,
        FeedLimitKind.Plug => TreeNodeKind.Plug,
        FeedLimitKind.Lead => TreeNodeKind.Adapter,
        _ => TreeNodeKind.Port,
    };

    private ImmutableArray<TreeNode> Below(SupplyReview review, Branch[] flows, int depth)
        => [.. from each in flows
               where depth < each.Steps.Length
               group each by each.Steps[depth].Id into same
               select Node(review, [.. same], depth)];

    private TreeNode Node(SupplyReview review, Branch[] flows, int depth)
    {
        var own = flows.Where(each => each.Steps.Length == depth + 1).ToArray();
        // A supply that is fed by two ways is drawn with all that hangs on it where most of it comes.
        if (own.Where(each => each.IsMain).Select(each => each.Flow.Feeds).OfType<Supply>().FirstOrDefault() is { } fed
            && _feed.Supplies.FirstOrDefault(other => other.Supply.Id == fed.Id) is { } below) return Supply(below);
        var (step, children) = (flows[0].Steps[depth], Below(review, flows, depth + 1));
        var power = own.Aggregate(Sum(children), (sum, each) => sum + PowerOf(each));
        var name = own.Length > 0 && own.All(each => each.Share < Whole) ? $"{step.Name}, {100 * own.Max(each => each.Share):0} %" : step.Name;
        return new TreeNode(
            step.Kind, name, power, own.Length > 0 ? own[0].Flow.Subject : step.Subject, step.Key is { } key ? LimitAt(review, key) : null, children);
    }

    private Spread<Watts> PowerOf(Branch branch)
        => branch.Flow.At(_case).Rising(amps => branch.Flow.Rail.Voltage * new Amps(branch.Share * amps.Value));

    // Of one rail there, or of all together.
    private static FeedLimit? LimitAt(SupplyReview review, FeedLimitKey key)
        => FeedLimit.TightestOf(new[] { review.Find(key), review.Find(key with { Rail = null }) }.OfType<FeedLimit>());

    private static Spread<Watts> Sum(IEnumerable<TreeNode> nodes) => nodes.Aggregate(Nothing, (sum, node) => sum + node.Power);

    private sealed record Branch(FeedFlow Flow, double Share, bool IsMain, ImmutableArray<Step> Steps);

    private sealed record Step(TreeNodeKind Kind, string Id, string Name, Subject Subject, FeedLimitKey? Key);
}
