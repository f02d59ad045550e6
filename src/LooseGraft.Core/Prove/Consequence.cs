using LooseGraft.Core.Findings;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Prove;

/// <summary>What would change if a fact turned out wrong.</summary>
/// <param name="Otherwise">How it would be, in words.</param>
/// <param name="Finding">The heaviest finding that would come, or go.</param>
/// <param name="Comes">Whether the finding would come; false when it would go.</param>
/// <param name="AtRisk">What the parts cost that this finding speaks of.</param>
public sealed record Consequence(string Otherwise, Finding Finding, bool Comes, Money AtRisk)
{
    /// <summary>The consequence as a builder would say it.</summary>
    public override string ToString() => $"if it is {Otherwise}{(Comes ? "" : ", this falls away")}: {Finding.Message}";
}
