using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire.Remedies;

/// <summary>Tries changes against one fault, one review of the wiring for each.</summary>
internal sealed class RemedyTrial(Graft graft, WireReview review, Conflict conflict)
{
    private readonly CircuitFault _fault = CircuitFault.Of(conflict);
    private readonly int _hard = Hard(review);
    private readonly HashSet<ContactId> _served = Served(review);
    private readonly HashSet<string> _stops = Stops(review);

    /// <summary>What a change comes to; null where it mends nothing, or costs a stop that was not there.</summary>
    public Remedy? Of(RemedyCandidate candidate)
    {
        var after = WireStage.Review(candidate.Edit.Apply(graft), review);
        var (left, stops) = (Hard(after), Stops(after));
        var isBetter = left < _hard || (left == _hard && stops.Count < _stops.Count);
        return isBetter && !IsLeft(after) && !stops.Except(_stops).Any()
            ? new Remedy(candidate.Edit, candidate.Words, _served.Except(Served(after)).Count(), left) : null;
    }

    private static int Hard(WireReview review) => review.Findings.Count(finding => finding.Severity >= Severity.Fix);

    private bool IsLeft(WireReview after) => after.Circuit.Conflicts.Any(_fault.Names);

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
