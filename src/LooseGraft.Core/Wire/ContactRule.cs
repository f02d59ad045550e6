using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>One rule on two pins that meet.</summary>
/// <param name="Outcome">What happens where it applies.</param>
/// <param name="Rule">Its entry in the rule book; null when nothing is wrong.</param>
/// <param name="Applies">Whether it applies to two pins in this order.</param>
/// <param name="Words">What happens, in the builder's words, for pins in the order in which it applied.</param>
internal sealed record ContactRule(ContactOutcome Outcome, Rule? Rule, Func<Terminal, Terminal, bool> Applies, Func<Terminal, Terminal, string> Words);
