namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The proof that the bare board lives.</summary>
/// <param name="Donor">Of which donor; null for the first.</param>
public sealed record LifeSubject(string? Donor = null) : Subject
{
    /// <inheritdoc/>
    public override string Text => Donor is null ? "/life" : $"/donors/{Donor}/life";
}
