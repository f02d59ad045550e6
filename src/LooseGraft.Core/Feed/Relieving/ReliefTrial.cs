using LooseGraft.Core.Circuit;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Feed.Relieving;

/// <summary>Tries changes for a place that is asked for more than it bears: after one the place must carry the high figure, and no other may fare worse.
/// </summary>
internal sealed class ReliefTrial(
    Graft graft, WireReview wire, FeedReview feed, (string Supply, FeedLimitKey Key) place, LoadCase loadCase, CancellationToken giveUp)
{
    private readonly ILookup<(string Supply, FeedLimitKey Key), FeedLimit> _standing = feed.ByKey();

    private int _tried;

    /// <summary>Whether nothing more is tried: so many were, or it took too long.</summary>
    public bool IsOver => _tried >= ReliefSearch.MostTried || (_tried >= ReliefSearch.LeastTried && giveUp.IsCancellationRequested);

    /// <summary>Whether a change of the figures helps.</summary>
    public bool Helps(GraftEdit edit) => Helps(edit.Apply(graft), feed.Netlist);

    /// <summary>Whether a change of the joints helps, and stops nothing in the wiring that was not stopped.</summary>
    public bool HelpsWired(GraftEdit edit)
    {
        var after = edit.Apply(graft);
        var wired = WireStage.Review(after, wire);
        return Stops(wired) <= Stops(wire) && Helps(after, wired.Circuit.Netlist);
    }

    private bool Helps(Graft after, Netlist netlist)
    {
        _tried++;
        var fed = FeedStage.Review(after, netlist);
        return fed.Flows.Collapses.Length <= feed.Flows.Collapses.Length && Held(fed) >= Held(feed)
            && fed.ByKey().All(same => same.All(limit => Bears(same.Key, limit)));
    }

    private bool Bears((string Supply, FeedLimitKey Key) key, FeedLimit limit)
        => (key != place || limit.In(loadCase).Verdict <= FeedVerdict.CarriesTightly)
            && (limit.Worst.Severity is not { } now || _standing[key].Any(before => now <= before.Worst.Severity));

    // A part that nothing feeds any more relieves every place, and is no relief.
    private static int Held(FeedReview review) => review.Flows.All.Count(flow => flow.Hold is FeedHold.Joined or FeedHold.Meant);

    private static int Stops(WireReview review) => review.Findings.Count(finding => finding.Severity == Severity.Stop);
}
