using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down what is left over, or says anew what it may fetch.</summary>
/// <param name="Left">What is left over; one without an id gets one from its name.</param>
public sealed record PutLeftOver(LeftOver Left) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with
    {
        LeftOvers = worth.LeftOvers.Put(
            left => left.Id, Left.Id, Left.Name, (id, was) => Left with { Id = id, Unknown = was?.Unknown ?? Left.Unknown }),
    });

    public override string Words(Graft graft) => $"Left over: {Left.Name}, {Left.Fetches.In(graft.Currency)}";

    public override string Standing(Graft graft) => graft.Buying.Worth.LeftOvers.FirstOrDefault(left => left.Id == Left.Id) is { } found
        ? found.Fetches.In(graft.Currency) : $"{graft.Buying.Worth.LeftOvers.Length.Counted("thing")} left over";
}
