namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A way that air goes.</summary>
/// <param name="Way">Its id, or plane/opening for an opening that Seat knows.</param>
public sealed record AirWaySubject(string Way) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/cooling/ways/{Way}";
}
