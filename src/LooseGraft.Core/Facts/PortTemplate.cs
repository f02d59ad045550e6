namespace LooseGraft.Core.Facts;

/// <summary>A connector of a usual part.</summary>
/// <param name="Connector">Id of its connector type, whose usual pinout it has.</param>
/// <param name="Name">As a builder says it.</param>
/// <param name="Gender">Pins or sockets.</param>
/// <param name="LeadMm">Typical length of the lead behind it in millimetres; null on a board.</param>
/// <param name="Columns">Positions in a row, where they differ from the type's.</param>
/// <param name="Signals">What it carries, position 1 first, where that differs from the type's usual pinout.</param>
public sealed record PortTemplate(
    string Connector, string Name, Gender Gender, double? LeadMm = null, int? Columns = null, IReadOnlyList<string>? Signals = null);
