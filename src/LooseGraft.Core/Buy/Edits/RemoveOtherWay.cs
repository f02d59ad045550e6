using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Takes out what could be had in place of the graft.</summary>
/// <param name="OtherWay">Its id.</param>
public sealed record RemoveOtherWay(string OtherWay) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with { OtherWays = worth.OtherWays.RemoveAll(way => way.Id == OtherWay) });

    public override string Words(Graft graft)
        => $"Not instead of the graft: {graft.Buying.Worth.OtherWays.FirstOrDefault(way => way.Id == OtherWay)?.Name ?? OtherWay}";

    public override string Standing(Graft graft) => $"{graft.Buying.Worth.OtherWays.Length.Counted("other way")}";
}
