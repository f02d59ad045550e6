namespace LooseGraft.Data;

/// <summary>Every change of a graft.</summary>
/// <param name="Head">The change whose state the graft is in; null as it began.</param>
/// <param name="Lines">The changes in the order they were made.</param>
public sealed record GraftHistory(int? Head, IReadOnlyList<HistoryLine> Lines);
