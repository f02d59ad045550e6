using System.Collections.Immutable;

namespace LooseGraft.Core.Findings;

/// <summary>What a stage concludes of a graft.</summary>
public interface IStageReview
{
    /// <summary>What its rules say.</summary>
    ImmutableArray<Finding> Findings { get; }

    /// <summary>What it comes to, for a program to read; null when its findings say all.</summary>
    Figures? Figures => null;
}
