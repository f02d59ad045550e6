using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes something that was added out of what is needed. What the bin promised for it is free again.</summary>
/// <param name="OwnNeed">Its id.</param>
public sealed record RemoveNeed(string OwnNeed) : GraftEdit
{
    private string Key => $"own {OwnNeed}";

    public override Graft Apply(Graft graft) => Found(graft) is null ? graft : graft.WithBuying(buying => buying with
    {
        OwnNeeds = buying.OwnNeeds.RemoveAll(own => own.Id == OwnNeed),
        Marks = buying.Marks.RemoveAll(mark => mark.Need == Key),
        NoPower = buying.NoPower.RemoveAll(said => said.Need == Key),
        FromBin = buying.FromBin.RemoveAll(take => take.Need == Key),
    });

    public override string Words(Graft graft) => $"{(Found(graft) is { } found ? WareWords.Of(found.Ware, graft) : OwnNeed)} taken out of what is needed";

    public override string Standing(Graft graft) => $"{graft.Buying.OwnNeeds.Length.Counted("thing")} added to what is needed";

    private OwnNeed? Found(Graft graft) => graft.Buying.OwnNeeds.FirstOrDefault(own => own.Id == OwnNeed);
}
