namespace LooseGraft.Core.Wire;

/// <summary>The verdict on a joint.</summary>
/// <param name="Kind">What sort of verdict.</param>
/// <param name="Words">The verdict in the builder's words.</param>
/// <param name="Because">The reason in one line; empty when the words say it all.</param>
public sealed record JointVerdict(JointVerdictKind Kind, string Words, string Because);
