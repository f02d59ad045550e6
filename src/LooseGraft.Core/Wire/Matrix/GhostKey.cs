using System.Collections.Immutable;

namespace LooseGraft.Core.Wire.Matrix;

/// <summary>Keys that, pressed together, look as if another were pressed too.</summary>
/// <param name="Pressed">The three that are pressed.</param>
/// <param name="Appears">The one that appears.</param>
public sealed record GhostKey(ImmutableArray<string> Pressed, string Appears);
