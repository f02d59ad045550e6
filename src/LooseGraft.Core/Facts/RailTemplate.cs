namespace LooseGraft.Core.Facts;

/// <summary>An output of a usual supply.</summary>
/// <param name="Output">The rail, such as <c>+12 V</c>.</param>
/// <param name="Amps">The most it carries, in amperes.</param>
public sealed record RailTemplate(string Output, double Amps);
