namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A plane of the shell.</summary>
/// <param name="Plane">Its id.</param>
public sealed record PlaneSubject(string Plane) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/planes/{Plane}";
}
