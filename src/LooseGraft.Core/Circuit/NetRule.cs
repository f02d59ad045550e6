using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>One rule on two contacts that act on the same net.</summary>
/// <param name="Kind">What is wrong where it applies; null when it is right so.</param>
/// <param name="Severity">How much it weighs.</param>
/// <param name="One">The roles of the first contact it speaks of.</param>
/// <param name="Other">The roles of the second.</param>
/// <param name="Applies">Whether it applies to two contacts of such roles, in this order; null where it always does.</param>
internal sealed record NetRule(ConflictKind? Kind, Severity Severity, RoleKind[] One, RoleKind[] Other, Func<Terminal, Terminal, bool>? Applies = null);
