namespace LooseGraft.Core.Findings.Subjects;

/// <summary>A seller that was written down.</summary>
/// <param name="Seller">Its id.</param>
public sealed record SellerSubject(string Seller) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/buying/sellers/{Seller}";
}
