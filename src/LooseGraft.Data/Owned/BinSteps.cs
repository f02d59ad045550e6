namespace LooseGraft.Data.Owned;

/// <summary>Where the bin stands among its changes.</summary>
/// <param name="Revision">The number of the last change in force, 0 where there is none: the same number is the same bin.</param>
/// <param name="Undo">What undo would take back; null where there is nothing.</param>
/// <param name="UndoAt">When that was done.</param>
/// <param name="Redo">What redo would bring back; null where there is nothing.</param>
public sealed record BinSteps(int Revision, string? Undo, DateTimeOffset? UndoAt, string? Redo);
