using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Puts a thing in that is owned.</summary>
/// <param name="Claim">The thing in the bin, and how many of it.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="PaidEach">What each cost; null when nobody knows.</param>
/// <param name="Currency">In which currency.</param>
/// <param name="Note">Its condition and its place.</param>
public sealed record TakeFromBin(BinClaim Claim, string Name, PartKind Kind, Money? PaidEach, string Currency, string Note) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft with
    {
        Parts = graft.Parts.Add(new Part(GraftEdits.FreshId(Name, graft.Parts.Select(part => part.Id)), Name, Kind)
        {
            Origin = PartOrigin.Bin,
            Bin = Claim,
            // Money of another currency is not added up with this graft's.
            Cost = PaidEach is { } paid && Currency == graft.Currency ? new Money(paid.Amount * Claim.Count) : null,
            Note = Note,
        }),
    };

    public override string Words(Graft graft) => $"{Claim.Count} of {Name} taken from the bin";

    public override string Standing(Graft graft) => graft.Parts.Length.Counted("part");
}
