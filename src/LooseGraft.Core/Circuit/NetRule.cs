using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>One rule on two contacts that act on the same net.</summary>
/// <param name="Kind">What is wrong where it applies; null when it is right so.</param>
/// <param name="Severity">How much it weighs.</param>
/// <param name="Applies">Whether it applies to two contacts in this order.</param>
internal sealed record NetRule(ConflictKind? Kind, Severity Severity, Func<Terminal, Terminal, bool> Applies);
