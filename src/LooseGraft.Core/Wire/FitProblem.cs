using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>A reason why a plug does not go on.</summary>
/// <param name="Rule">The rule that says so.</param>
/// <param name="Words">The reason, in the builder's words.</param>
public sealed record FitProblem(Rule Rule, string Words);
