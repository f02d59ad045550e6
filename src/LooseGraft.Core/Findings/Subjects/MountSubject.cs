namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A mount of a plane.</summary>
/// <param name="Plane">The id of the plane.</param>
/// <param name="Mount">Its id there.</param>
public sealed record MountSubject(string Plane, string Mount) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/seating/planes/{Plane}/mounts/{Mount}";
}
