namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A supply.</summary>
/// <param name="Supply">Its id.</param>
public sealed record SupplySubject(string Supply) : SupplyPartSubject(Supply)
{
    /// <inheritdoc/>
    public override string Text => $"/supplies/{Supply}";
}
