using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>A reason why a plug does not go on.</summary>
/// <param name="Rule">The rule that says so.</param>
/// <param name="Words">The reason, in the builder's words.</param>
/// <param name="IsSure">Whether it keeps the plug off; where it is not, nobody vouches that the plug goes on, and what a hand that forces it would do is still
/// judged.</param>
public sealed record FitProblem(Rule Rule, string Words, bool IsSure = true);
