namespace LooseGraft.Data;

/// <summary>One change in a graft's history.</summary>
/// <param name="Id">Its number.</param>
/// <param name="What">What was changed.</param>
/// <param name="At">When.</param>
/// <param name="IsInForce">Whether the graft as it stands contains it; false for what was undone.</param>
public sealed record HistoryLine(int Id, string What, DateTimeOffset At, bool IsInForce);
