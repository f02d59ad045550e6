using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>How large a space is inside.</summary>
/// <param name="Width">From left to right.</param>
/// <param name="Depth">From rear to front.</param>
/// <param name="Height">From base to lid.</param>
public readonly record struct SpaceSize(Millimetres Width, Millimetres Depth, Millimetres Height);
