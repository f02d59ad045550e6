namespace LooseGraft.Core.Findings.Subjects;

/// <summary>Something that was ordered.</summary>
/// <param name="Order">The id of its record.</param>
public sealed record OrderSubject(string Order) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/records/{Order}";
}
