using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Wall;

/// <summary>One line of a wall meter's log.</summary>
/// <param name="At">When.</param>
/// <param name="Power">Power at the wall.</param>
public readonly record struct WallSample(DateTimeOffset At, Watts Power);
