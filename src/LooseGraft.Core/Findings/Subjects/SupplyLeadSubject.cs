namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A string of a supply.</summary>
/// <param name="Supply">The id of the supply.</param>
/// <param name="Lead">The id of the string.</param>
public sealed record SupplyLeadSubject(string Supply, string Lead) : SupplyPartSubject(Supply)
{
    /// <inheritdoc/>
    public override string Text => $"/supplies/{Supply}/strings/{Lead}";
}
