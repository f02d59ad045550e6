namespace LooseGraft.Core.Findings.Subjects;

/// <summary>What the old case did, as a whole.</summary>
/// <param name="Donor">Of which donor; null for the first.</param>
public sealed record OldCaseSubject(string? Donor = null) : Subject
{
    /// <inheritdoc/>
    public override string Text => Donor is null ? "/old-case" : $"/donors/{Donor}/old-case";
}
