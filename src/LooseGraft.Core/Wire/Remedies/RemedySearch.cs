using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Remedies;

/// <summary>Finds what mends a fault of the circuit by trying single changes: each is made, the whole wiring judged again, and kept if the fault is gone, fewer
/// stops and fixes are left, or as many with fewer stops among them, and no stop is new.</summary>
/// <remarks>A wire is offered to be taken out only where nothing else helps, and what goes on serving as much as before goes first. Time: one review of the
/// wiring for each change, at most <see cref="MostTried"/>.</remarks>
public static class RemedySearch
{
    /// <summary>So many changes are tried.</summary>
    public const int MostTried = 200;

    /// <summary>So many are tried however slow the machine, so that what is likeliest is always looked at.</summary>
    public const int LeastTried = 12;

    /// <summary>So many are offered.</summary>
    public const int MostOffered = 5;

    /// <summary>Tries changes for a fault.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">Its review.</param>
    /// <param name="conflict">The fault, as that review tells it.</param>
    /// <param name="giveUp">Ends the search, after <see cref="LeastTried"/>, with what was found so far.</param>
    public static RemediesTried Of(Graft graft, WireReview review, Conflict conflict, CancellationToken giveUp)
    {
        var (hard, served, fault) = (Hard(review), Served(review), CircuitFault.Of(conflict));
        var stops = Stops(review);
        var (found, tried, isAll) = (new List<(Remedy Remedy, bool TakesOut)>(), 0, true);
        foreach (var candidate in RemedyCandidates.Of(graft, review, conflict))
        {
            if (tried == MostTried || (tried >= LeastTried && giveUp.IsCancellationRequested))
            {
                isAll = false;
                break;
            }

            tried++;
            var after = WireStage.Review(candidate.Edit.Apply(graft), review);
            var (left, stopsLeft) = (Hard(after), Stops(after));
            var isBetter = left < hard || (left == hard && stopsLeft.Count < stops.Count);
            if (!isBetter || IsLeft(after, fault) || stopsLeft.Except(stops).Any()) continue;
            found.Add((new Remedy(candidate.Edit, candidate.Words, served.Except(Served(after)).Count(), left), candidate.TakesOut));
        }

        var kept = found.Exists(each => !each.TakesOut) ? found.Where(each => !each.TakesOut) : found;
        return new RemediesTried(
            [.. kept.Select(each => each.Remedy).OrderBy(remedy => remedy.Lost).ThenBy(remedy => remedy.Left).Take(MostOffered)], tried, isAll);
    }

    private static int Hard(WireReview review) => review.Findings.Count(finding => finding.Severity >= Severity.Fix);

    private static bool IsLeft(WireReview review, CircuitFault fault) => review.Circuit.Conflicts.Any(conflict => fault.Names(conflict));

    // What a stop is about, whatever its words.
    private static HashSet<string> Stops(WireReview review)
        => [.. review.Findings.Where(finding => finding.Severity == Severity.Stop)
            .Select(finding => finding.Case is CircuitFault fault ? $"{fault.Fault} {fault.Giver} {fault.Taker}" : $"{finding.Rule.Code} {finding.Subject.Text}")];

    // What gets what it is made for; on a net that is shorted nothing does.
    private static HashSet<ContactId> Served(WireReview review)
        => [.. from net in review.Circuit.Open.Nets
               where net.Feed is null || !net.Has(RoleKind.Ground)
               from taker in net.Actors
               where taker.Role.Kind is RoleKind.Load or RoleKind.Rail or RoleKind.Input
                   && net.Actors.Any(giver => giver.Part.Id != taker.Part.Id && (giver.Role.Feeds || giver.Role.Kind == RoleKind.Driver)
                       && NetRules.Judge(giver.Terminal, taker.Terminal)?.Kind is null)
               select taker.Id];
}
