using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says that an order or arrival was written down by a slip. Parts that it brought are to be bought again.</summary>
/// <param name="Record">The record of it, by its id.</param>
/// <param name="Shop">Whose order it was, as it is called.</param>
/// <param name="Parts">The parts that it brought.</param>
public sealed record CorrectOrder(string Record, string Shop, ValueList<string> Parts) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override bool HappensAlone => true;

    public override BenchRecord Recorded(BenchRecord record) => record with { Corrects = Record };

    public override Graft Apply(Graft graft)
        => Parts.Aggregate(graft, (each, id) => each.FindPart(id) is not { Origin: PartOrigin.Bought } ? each
            : each.WithPart(id, part => part.From(PartOrigin.ToBuy, null)));

    public override string Words(Graft graft) => $"A slip: what was written down of {Shop} did not happen";

    public override string Standing(Graft graft) => $"{graft.Parts.Count(part => part.Origin == PartOrigin.ToBuy).Counted("part")} to buy";
}
