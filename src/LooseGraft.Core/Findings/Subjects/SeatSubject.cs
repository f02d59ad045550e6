namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A seated board.</summary>
/// <param name="Board">The id of the part.</param>
public sealed record SeatSubject(string Board) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/seats/{Board}";
}
