using System.Collections.Immutable;
using LooseGraft.Core.Files;

namespace LooseGraft.Data;

/// <summary>What came of a change.</summary>
/// <param name="Outcome">What came of it.</param>
/// <param name="Current">The graft as it now stands; null when it is gone.</param>
public sealed record SaveResult(SaveOutcome Outcome, GraftSnapshot? Current)
{
    /// <summary>What a change does, in words; null for undo and redo, and where it was not kept.</summary>
    public string? What { get; init; }

    /// <summary>What was kept since the change was begun; null when nothing was, or when nobody knows.</summary>
    public Meanwhile? Met { get; init; }

    /// <summary>Why it was refused; empty otherwise.</summary>
    public ImmutableArray<FileError> Errors { get; init; } = [];
}
