using System.Collections.Immutable;

namespace LooseGraft.Core.Circuit;

/// <summary>What is wrong with a circuit.</summary>
/// <param name="Conflicts">Each thing, the worst first.</param>
/// <param name="IsAll">Whether that is all: false where so much is wrong, or so much is joined, that a bound was met. Then silence proves nothing.</param>
public sealed record CircuitAnswer(ImmutableArray<Conflict> Conflicts, bool IsAll);
