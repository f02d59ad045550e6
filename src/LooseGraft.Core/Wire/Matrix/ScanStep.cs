using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Matrix;

/// <summary>One step of a scan.</summary>
/// <param name="Row">The row that is driven.</param>
/// <param name="Keys">The key on each column; null where there is none.</param>
public sealed record ScanStep(int Row, ImmutableArray<string?> Keys);
