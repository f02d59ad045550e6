using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A point of a fan's curve at full speed.</summary>
/// <param name="Flow">What it moves.</param>
/// <param name="Pressure">Against what.</param>
public readonly record struct FanPoint(LitresPerSecond Flow, Pascals Pressure);
