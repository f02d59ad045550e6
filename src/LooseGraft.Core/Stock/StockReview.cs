using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Stock;

/// <summary>What the Stock stage says about a graft.</summary>
/// <param name="Questions">What to ask about the old case, with the answers given.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record StockReview(ImmutableArray<CaseQuestion> Questions, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <inheritdoc/>
    public Figures Figures => new StockFigures(
        Questions.Count(question => question.IsWorthAsking && question.Answer is null),
        Questions.Count(question => question.Answer is { Did: true, IsOpen: true }));
}
