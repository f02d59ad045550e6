using LooseGraft.Core.Model;

namespace LooseGraft.Data;

/// <summary>A graft as it stood at one revision.</summary>
/// <param name="Id">Its number on the shelf.</param>
/// <param name="Revision">The revision.</param>
/// <param name="Graft">The graft.</param>
/// <param name="ChangedAt">When it was last changed.</param>
/// <param name="CanUndo">What undo would take back; null when there is nothing.</param>
/// <param name="CanRedo">What redo would bring back; null when there is nothing.</param>
public sealed record GraftSnapshot(int Id, int Revision, Graft Graft, DateTimeOffset ChangedAt, string? CanUndo, string? CanRedo);
