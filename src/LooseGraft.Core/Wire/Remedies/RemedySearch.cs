using LooseGraft.Core.Circuit;
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
        var trial = new RemedyTrial(graft, review, conflict);
        var (found, tried, isAll) = (new List<(Remedy Remedy, bool TakesOut)>(), 0, true);
        foreach (var candidate in RemedyCandidates.Of(graft, review, conflict))
        {
            if (tried == MostTried || (tried >= LeastTried && giveUp.IsCancellationRequested))
            {
                isAll = false;
                break;
            }

            tried++;
            if (trial.Of(candidate) is { } remedy) found.Add((remedy, candidate.TakesOut));
        }

        var kept = found.Exists(each => !each.TakesOut) ? found.Where(each => !each.TakesOut) : found;
        return new RemediesTried(
            [.. kept.Select(each => each.Remedy).OrderBy(remedy => remedy.Lost).ThenBy(remedy => remedy.Left).Take(MostOffered)], tried, isAll);
    }

    /// <summary>One change that was offered, tried once more by itself, however far a search would come; null when it mends nothing.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="review">Its review.</param>
    /// <param name="conflict">The fault, as that review tells it.</param>
    /// <param name="words">What the change was offered as.</param>
    public static Remedy? Find(Graft graft, WireReview review, Conflict conflict, string words)
    {
        var trial = new RemedyTrial(graft, review, conflict);
        return RemedyCandidates.Of(graft, review, conflict).Where(candidate => candidate.Words == words).Take(MostOffered)
            .Select(trial.Of).FirstOrDefault(remedy => remedy is not null);
    }
}
