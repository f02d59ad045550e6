using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>One change that may make something cooler.</summary>
/// <param name="Sort">What sort of change.</param>
/// <param name="Of">What is changed.</param>
/// <param name="Words">As a builder says it.</param>
/// <param name="Edit">The change.</param>
public sealed record Cure(CureSort Sort, Subject Of, string Words, GraftEdit Edit)
{
    /// <summary>What it costs, and what to mind.</summary>
    public CureFact Fact => CureFact.Of(Sort);

    /// <summary>Whether nobody has proven yet that it can be done: it counts for nothing until then.</summary>
    public bool IsToProve { get; init; }

    /// <summary>Of those that name the same only the best is told; null for one that stands by itself.</summary>
    internal string? Rivals { get; init; }
}
