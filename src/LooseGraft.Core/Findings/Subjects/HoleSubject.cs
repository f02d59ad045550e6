namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A hole of a seated board.</summary>
/// <param name="Board">The id of the part.</param>
/// <param name="Number">Which hole, from 1.</param>
public sealed record HoleSubject(string Board, int Number) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/seats/{Board}/holes/{Number}";
}
