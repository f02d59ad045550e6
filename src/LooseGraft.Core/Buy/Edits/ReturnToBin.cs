using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Leaves in the bin what was to be taken from it for a need.</summary>
/// <param name="Need">The key of the need.</param>
/// <param name="Entry">The bin's own short name for the thing.</param>
public sealed record ReturnToBin(string Need, string Entry) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with { FromBin = buying.FromBin.RemoveAll(IsThis) });

    public override string Words(Graft graft) => $"{graft.Buying.FromBin.FirstOrDefault(IsThis)?.Name ?? Entry} stays in the bin";

    public override string Standing(Graft graft) => $"{graft.Buying.FromBin.Length.Counted("thing")} taken from the bin";

    private bool IsThis(BinTake take) => take.Need == Need && take.Claim.Entry == Entry;
}
