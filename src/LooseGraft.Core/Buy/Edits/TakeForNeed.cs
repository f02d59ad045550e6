using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes something from the bin for a need: a part of the graft then comes from there.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Claim">The thing in the bin, and how many of it.</param>
/// <param name="Name">What the bin calls it.</param>
/// <param name="PaidEach">What each cost; null when nobody knows.</param>
/// <param name="Currency">In which currency.</param>
public sealed record TakeForNeed(string Need, BinClaim Claim, string Name, Money? PaidEach, string Currency) : GraftEdit
{
    // Money of another currency is not added up with this graft's.
    private Money? Cost(Graft graft) => PaidEach is { } paid && Currency == graft.Currency ? new Money(paid.Amount * Claim.Count) : null;

    public override Graft Apply(Graft graft)
    {
        if (WareText.Read(Need) is { Kind: WareKind.ForPart, Word: var part } && graft.FindPart(part) is not null)
            return graft.WithPart(part, found => found.From(PartOrigin.Bin, null) with { Bin = Claim, Cost = Cost(graft) });
        return graft.WithBuying(buying => buying with
        {
            FromBin = buying.FromBin.With(
                new BinTake(Need, Name, Claim with { Count = Claim.Count + (Before(graft)?.Claim.Count ?? 0) })
                {
                    Cost = Sum(Before(graft)?.Cost, Cost(graft)),
                },
                IsThis),
        });
    }

    public override string Words(Graft graft) => $"{Claim.Count} of {Name} taken from the bin";

    public override string Standing(Graft graft) => $"{graft.Buying.FromBin.Length.Counted("thing")} taken from the bin";

    private BinTake? Before(Graft graft) => graft.Buying.FromBin.FirstOrDefault(IsThis);

    private bool IsThis(BinTake take) => take.Need == Need && take.Claim.Entry == Claim.Entry;

    private static Money? Sum(Money? one, Money? other) => one is null ? other : one + (other ?? Money.Zero);
}
