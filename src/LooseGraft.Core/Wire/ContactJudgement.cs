using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>The verdict on two pins that meet.</summary>
/// <param name="Outcome">What happens.</param>
/// <param name="Rule">The rule that objects; null when nothing is wrong.</param>
/// <param name="Words">What happens, in the builder's words.</param>
/// <param name="Evidence">The weaker of the two facts.</param>
public sealed record ContactJudgement(ContactOutcome Outcome, Rule? Rule, string Words, Evidence Evidence)
{
    /// <summary>How much it weighs; null when nothing is wrong.</summary>
    public Severity? Severity => Rule?.Severity;

    /// <summary>Whether something would be destroyed.</summary>
    public bool IsStop => Severity == Findings.Severity.Stop;

    /// <summary>Whether the two belong together.</summary>
    public bool IsRight => Outcome is ContactOutcome.Right or ContactOutcome.Switch;
}
