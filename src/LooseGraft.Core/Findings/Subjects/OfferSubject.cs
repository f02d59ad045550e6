namespace LooseGraft.Core.Findings.Subjects;

/// <summary>An offer that was written down.</summary>
/// <param name="Offer">Its id.</param>
public sealed record OfferSubject(string Offer) : Subject
{
    /// <inheritdoc/>
    public override string Text => $"/buying/offers/{Offer}";
}
