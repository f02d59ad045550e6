using LooseGraft.Core.Buy.Needs;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Adds something to what is needed.</summary>
/// <param name="Ware">What it is.</param>
/// <param name="Count">How many of it.</param>
/// <param name="Note">What it is for.</param>
public sealed record AddNeed(Ware Ware, int Count, string? Note) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithBuying(buying => buying with
    {
        OwnNeeds = buying.OwnNeeds.Add(new OwnNeed(GraftEdits.FreshId(Ware.ToString(), buying.OwnNeeds.Select(own => own.Id)), Ware, Count) { Note = Note }),
    });

    public override string Words(Graft graft) => $"{WareWords.Of(Ware, graft)}: {WareFact.Of(Ware.Kind).Counted(Count)} added to what is needed{(Note is null ? "" : $": {Note}")}";

    public override string Standing(Graft graft) => $"{graft.Buying.OwnNeeds.Length.Counted("thing")} added to what is needed";
}
