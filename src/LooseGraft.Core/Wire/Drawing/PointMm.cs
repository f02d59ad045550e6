namespace LooseGraft.Core.Wire.Drawing;

/// <summary>A point of a drawing, in millimetres, x to the right and y downwards.</summary>
/// <param name="X">Millimetres to the right.</param>
/// <param name="Y">Millimetres downwards.</param>
public readonly record struct PointMm(double X, double Y);
