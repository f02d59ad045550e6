using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>What a rule says of two terminals on one net.</summary>
/// <param name="Kind">What is wrong; null when it is right so.</param>
/// <param name="Severity">How much it weighs.</param>
/// <param name="IsSwapped">Whether the second is the one that gives.</param>
internal readonly record struct NetVerdict(ConflictKind? Kind, Severity Severity, bool IsSwapped);
