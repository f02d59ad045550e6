using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Says that something is not left over after all.</summary>
/// <param name="LeftOver">Its id.</param>
public sealed record RemoveLeftOver(string LeftOver) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with { LeftOvers = worth.LeftOvers.RemoveAll(left => left.Id == LeftOver) });

    public override string Words(Graft graft)
        => $"Not left over: {graft.Buying.Worth.LeftOvers.FirstOrDefault(left => left.Id == LeftOver)?.Name ?? LeftOver}";

    public override string Standing(Graft graft) => $"{graft.Buying.Worth.LeftOvers.Length.Counted("thing")} left over";
}
