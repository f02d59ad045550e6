namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A rail of a supply.</summary>
/// <param name="Supply">The id of the supply.</param>
/// <param name="Rail">The name of the rail.</param>
public sealed record RailSubject(string Supply, string Rail) : SupplyPartSubject(Supply)
{
    /// <inheritdoc/>
    public override string Text => $"/supplies/{Supply}/rails/{Rail}";
}
