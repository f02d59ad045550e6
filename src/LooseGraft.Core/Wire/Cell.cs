namespace LooseGraft.Core.Wire;

/// <summary>A place on a connector's grid, looking at the mating face of the male half, position 1 at the upper left.</summary>
/// <param name="Row">From 0 downwards.</param>
/// <param name="Column">From 0 to the right.</param>
public readonly record struct Cell(int Row, int Column);
