namespace LooseGraft.Core.Stock.Lines;

/// <summary>A conductor inside a part as a line describes it.</summary>
/// <param name="One">Name of a connector.</param>
/// <param name="Position">Its position, from 1.</param>
/// <param name="Other">Name of a connector, the same or another.</param>
/// <param name="OtherPosition">Its position, from 1.</param>
public sealed record WrittenWire(string One, int Position, string Other, int OtherPosition);
