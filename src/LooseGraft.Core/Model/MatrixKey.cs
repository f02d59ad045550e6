namespace LooseGraft.Core.Model;

/// <summary>One key of a key matrix.</summary>
/// <param name="Row">Its row, counted from 1.</param>
/// <param name="Column">Its column, counted from 1.</param>
/// <param name="Name">What it shall be: a letter or a name such as <c>Enter</c>.</param>
public sealed record MatrixKey(int Row, int Column, string Name)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
