using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down what is left over, or says anew what it may fetch.</summary>
/// <param name="Left">What is left over; one without an id gets one from its name.</param>
public sealed record PutLeftOver(LeftOver Left) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => Left.Id.Length == 0
        ? worth with { LeftOvers = worth.LeftOvers.Add(Left with { Id = GraftEdits.FreshId(Left.Name, worth.LeftOvers.Select(left => left.Id)) }) }
        : worth.LeftOvers.FirstOrDefault(left => left.Id == Left.Id) is not { } found ? worth
        : worth with { LeftOvers = worth.LeftOvers.With(Left with { Unknown = found.Unknown }, left => left.Id == Left.Id) });

    public override string Words(Graft graft) => $"Left over: {Left.Name}, {Left.Fetches.In(graft.Currency)}";

    public override string Standing(Graft graft) => graft.Buying.Worth.LeftOvers.FirstOrDefault(left => left.Id == Left.Id) is { } found
        ? found.Fetches.In(graft.Currency) : $"{graft.Buying.Worth.LeftOvers.Length.Counted("thing")} left over";
}
