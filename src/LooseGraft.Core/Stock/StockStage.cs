using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>The Stock stage: what there is, and what the old case did that nothing does yet.</summary>
public static class StockStage
{
    /// <summary>The stage, for the list of all.</summary>
    public static StageDefinition Definition { get; } = new(Stage.Stock, input => Review(input.Graft), StageDefinition.RulesIn(typeof(StockRules)));

    /// <summary>Reviews the stock of a graft.</summary>
    public static StockReview Review(Graft graft)
    {
        ImmutableArray<DonorQuestions> questions = [.. graft.Donors().Select(donor => CaseQuestions.For(graft, donor))];
        return new StockReview(questions,
            [.. graft.Donors().SelectMany(donor => Needs(graft, donor)), .. questions.SelectMany(asked => Unasked(graft, asked)), .. Revisions(graft)]);
    }

    private static IEnumerable<Finding> Needs(Graft graft, GraftDonor donor)
    {
        foreach (var answer in donor.OldCase.Where(answer => answer.Did))
        {
            var (fact, subject) = (CaseDutyFact.Of(answer.Duty), new NeedSubject(answer.Duty, donor.Id));
            if (answer.IsOpen)
            {
                yield return new Finding(StockRules.NeedUnmet, fact.IsVital ? Severity.Fix : Severity.Check, subject,
                    $"{graft.CallOldCase(donor.Id).Capitalised()} did it, and nothing does it now: {fact.Need}. Left as it is, {fact.IfLeftOff}.", Evidence.Measured,
                    [.. fact.Remedies, "name the part that does it, or leave it off knowingly"])
                { Case = new NeedUnmet(answer.Duty) };
            }
            else if (answer.MetBy is null && answer.LeftOff!.Trim().Length < ShortestConsequence)
            {
                yield return Finding.Of(StockRules.LeftOffUnexplained, subject, new LeftOffUnexplained(answer.Duty),
                    $"Left off, but the consequence is not written: {fact.Need}.", Evidence.Measured,
                    $"write what follows, for example: {fact.IfLeftOff}");
            }
        }
    }

    // Shorter than this nothing has been said: a dash, "ok".
    private const int ShortestConsequence = 5;

    private static IEnumerable<Finding> Unasked(Graft graft, DonorQuestions questions)
    {
        var (donor, open, asked) = (questions.Donor, questions.Open, questions.Asked.Count());
        if (open == 0 || !graft.Parts.Any(donor.GaveBoard)) yield break;
        yield return Finding.Of(StockRules.OldCaseUnasked, new OldCaseSubject(donor.Id), new OldCaseUnasked(open, asked),
            $"{open} of {asked} questions on what {graft.CallOldCase(donor.Id)} did for the board are open.", Evidence.Measured,
            "answer them while the old case is still in one piece");
    }

    private static IEnumerable<Finding> Revisions(Graft graft)
        => from part in graft.Parts
           where part.BoardRevision is { IsProven: false }
           select Finding.Of(StockRules.RevisionUnsure, new PartSubject(part.Id), new RevisionUnsure(part.Id, part.BoardRevision!.Value),
               $"{part.Name}: described as revision {part.BoardRevision.Value}, but nobody has looked which revision lies on the desk, and revisions differ.",
               part.BoardRevision.Evidence,
               "read the revision printed on the board and say which it is");
}
