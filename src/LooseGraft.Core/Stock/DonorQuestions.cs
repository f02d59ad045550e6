using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>What to ask about the old case of one donor.</summary>
/// <param name="Donor">The donor.</param>
/// <param name="All">Every question in order, with the answers given.</param>
public sealed record DonorQuestions(GraftDonor Donor, ImmutableArray<CaseQuestion> All)
{
    /// <summary>Those that are likely to matter for this donor.</summary>
    public IEnumerable<CaseQuestion> Asked => All.Where(question => question.IsWorthAsking);

    /// <summary>How many of those are not answered.</summary>
    public int Open => Asked.Count(question => question.Answer is null);

    /// <summary>Things its case did that nothing does now.</summary>
    public int NeedsOpen => All.Count(question => question.Answer is { IsOpen: true });
}
