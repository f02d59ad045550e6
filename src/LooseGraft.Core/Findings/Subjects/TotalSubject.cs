namespace LooseGraft.Core.Findings.Subjects;

/// <summary>The total of a supply.</summary>
/// <param name="Supply">Its id.</param>
public sealed record TotalSubject(string Supply) : SupplyPartSubject(Supply)
{
    /// <inheritdoc/>
    public override string Text => $"/supplies/{Supply}/total";
}
