using System.Collections.Immutable;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Stock;

/// <summary>What the Stock stage says about a graft.</summary>
/// <param name="Questions">What to ask about the old case of each donor, with the answers given; the first donor first.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record StockReview(ImmutableArray<DonorQuestions> Questions, ImmutableArray<Finding> Findings) : IStageReview
{
    /// <inheritdoc/>
    public Figures Figures => new StockFigures(Questions.Sum(donor => donor.Open), Questions.Sum(donor => donor.NeedsOpen));
}
