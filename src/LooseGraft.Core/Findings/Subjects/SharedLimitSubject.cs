namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A limit that rails share.</summary>
/// <param name="Supply">The id of the supply.</param>
/// <param name="Index">Its place in the list, from 0.</param>
public sealed record SharedLimitSubject(string Supply, int Index) : SupplyPartSubject(Supply)
{
    /// <inheritdoc/>
    public override string Text => $"/supplies/{Supply}/combined/{Index}";
}
