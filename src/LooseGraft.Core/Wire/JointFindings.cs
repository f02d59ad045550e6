using System.Collections.Immutable;
using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Wire.Circuits;
using LooseGraft.Core.Wire.Groups;

namespace LooseGraft.Core.Wire;

/// <summary>What the rules say about one joint.</summary>
internal static class JointFindings
{
    private const int HazardsNamed = 3;

    public static ImmutableArray<Finding> Of(JointReview review)
        => [.. Fit(review), .. Contacts(review), .. Ties(review), .. Placements(review), .. Decision(review), .. ConversionRules.Of(review)];

    private static IEnumerable<Finding> Fit(JointReview review)
        => review.Joint.Method != JointMethod.Straight
            ? []
            : review.FitProblems.Select(problem => Finding.Of(problem.Rule, Subject(review),
                $"{Names(review)}: {(problem.IsSure ? "it does not go on, " : "")}{problem.Words}.", Evidence.Document,
                "use a go-between, or rebuild the lead with the wire table below"));

    private static IEnumerable<Finding> Contacts(JointReview review)
    {
        foreach (var contact in review.Decided.Where(contact => contact.Judgement.Rule is not null || contact.ProveFirst is not null))
        {
            var (judgement, where) = (contact.Judgement, $"{Names(review)}, {JointVerdicts.Where(contact)}");
            if (judgement.Rule is { } rule && rule != WireRules.ProveFirst)
                yield return new Finding(
                    rule, judgement.Severity!.Value, Suspect(review, contact), $"{where}: {judgement.Words}.", judgement.Evidence, Remedies(review, contact))
                { Case = Case(judgement) };
            if (judgement.Rule == WireRules.ProveFirst || contact.ProveFirst is not null)
            {
                var words = contact.ProveFirst is { } otherwise
                    ? $"{where}: {judgement.Words}, but not if position {(IsFromSuspect(review, contact) ? contact.From : contact.To)} turns out wrong: {otherwise.Words}"
                    : $"{where}: {judgement.Words}";
                yield return Finding.Of(WireRules.ProveFirst, Suspect(review, contact), words + ".", judgement.Evidence,
                    $"prove it first: meter {SuspectName(review, contact)} before power is applied");
            }
        }
    }

    private static IEnumerable<Finding> Ties(JointReview review)
    {
        foreach (var (tie, judgement) in review.Ties)
        {
            if (judgement.Rule is not { } rule) continue;
            var end = tie.One.IsFrom ? review.From : review.To;
            yield return new Finding(rule, judgement.Severity!.Value, new PinSubject(end.Id, tie.One.Position),
                $"{end.Port.Name}, positions {tie.One.Position} and {tie.Other.Position} tied: {judgement.Words}.", judgement.Evidence, ["take this tie out"])
            {
                Case = Case(judgement),
            };
        }
    }

    private static CircuitFault? Case(ContactJudgement judgement) => judgement.Told is { } conflict ? CircuitFault.Of(conflict) : null;

    private static ImmutableArray<string> Remedies(JointReview review, JointContact contact)
    {
        var judgement = contact.Judgement;
        if (judgement is { Conflict: ConflictKind.LevelDiffers or ConflictKind.LevelKills, Gives.Role.Level: { } given, Takes.Role.Level: { } made })
            return [LevelRemedy(given, made), "leave the function off"];
        if (judgement is { Conflict: ConflictKind.BelowLoad, Weight: Severity.Check })
            return ["try it cold, ten times: it may stay so if it starts every time", "give it what it is made for, if it stands still or hums"];
        var change = review.WiresToMove > 0
            ? $"wire {review.To.Port.Name} by the proposed table: {review.WiresToMove} of {review.Proposal.Length} wires move"
            : "take this wire out, or leave the function off";
        return judgement.Evidence.IsProven() ? [change] : [change, "prove it first: the facts behind this are not proven"];
    }

    private static string LevelRemedy(Volts given, Volts made)
    {
        var answer = LogicLevels.OneWay(given, made);
        return $"{char.ToLowerInvariant(answer.Words[0])}{answer.Words[1..].TrimEnd('.')}; see the small circuits";
    }

    private static IEnumerable<Finding> Placements(JointReview review)
    {
        if (review.Hazards.IsEmpty || review.Joint.Method == JointMethod.LeaveOff) yield break;
        var worst = review.Hazards.Take(HazardsNamed).Select(hazard => $"{hazard.Words}, {hazard.Contact.Judgement.Words}");
        var count = review.Joint.Method == JointMethod.Straight
            ? $"{review.Hazards.Length} of the {review.PlacementCount - 1} other ways it goes on would destroy something"
            : $"the plug as it is goes on in {review.PlacementCount} ways, of which {review.Hazards.Length} would destroy something";
        yield return new Finding(WireRules.DangerousPlacement, IsKeyed(review) ? Severity.Note : WireRules.DangerousPlacement.Severity, Subject(review),
            $"{Names(review)}: {count}; {string.Join("; ", worst)}.", review.Hazards.Select(hazard => hazard.Contact.Judgement.Evidence).Weakest(),
            ["mark position 1 on both halves, or key the plug with a filled cavity"]);
    }

    // A missing pin against a filled cavity on the very header it is made for: beside it a hand pushes only without looking.
    private static bool IsKeyed(JointReview review)
        => review.From.Port.Keying == Keying.KeyPin && review.To.Port.Keying == Keying.KeyPin && review.From.Port.Type == review.To.Port.Type
            && review.From.Port.HasUsualPinout && review.To.Port.HasUsualPinout
            && (review.From.Terminals.Any(IsFilled) || review.To.Terminals.Any(IsFilled));

    private static bool IsFilled(Terminal terminal) => terminal.Pin.Contact == ContactState.Blocked;

    private static IEnumerable<Finding> Decision(JointReview review)
    {
        if (review.Joint.Method == JointMethod.LeaveOff && string.IsNullOrWhiteSpace(review.Joint.Reason))
        {
            yield return Finding.Of(WireRules.LeftOffWithoutReason, Subject(review), $"{Names(review)}: left off, and nobody wrote down why.",
                Evidence.Measured, "write the reason, so that it is not wondered about later");
        }

        if (review.Joint.Method is not (JointMethod.LeaveOff or JointMethod.Straight) && review.Joint.Wires.IsEmpty && review.Joint.Ties.IsEmpty)
        {
            yield return Finding.Of(WireRules.NoWireTable, Subject(review), $"{Names(review)}: the method is chosen, but not which wire goes where.",
                Evidence.Measured, "take the proposed wire table");
        }
    }

    private static JointSubject Subject(JointReview review) => new JointSubject(review.Joint.Id);

    // The finding points at the fact to look at: the worse known of the two pins.
    private static PinSubject Suspect(JointReview review, JointContact contact)
        => IsFromSuspect(review, contact) ? new PinSubject(review.From.Id, contact.From) : new PinSubject(review.To.Id, contact.To);

    private static string SuspectName(JointReview review, JointContact contact)
        => IsFromSuspect(review, contact) ? $"position {contact.From} of {review.From.Port.Name}" : $"position {contact.To} of {review.To.Port.Name}";

    private static bool IsFromSuspect(JointReview review, JointContact contact)
        => review.From.At(contact.From).Pin.Signal.Evidence <= review.To.At(contact.To).Pin.Signal.Evidence;

    private static string Names(JointReview review) => $"{review.To.Port.Name} on {review.From.Port.Name}";
}
