using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Edits;

/// <summary>Writes down what could be had in place of the graft, or says anew what is known of it.</summary>
/// <param name="Terms">The other way; one without an id gets one from its name.</param>
public sealed record PutOtherWay(OtherWay Terms) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithWorth(worth => worth with
    {
        OtherWays = worth.OtherWays.Put(
            way => way.Id, Terms.Id, Terms.Name, (id, was) => Terms with { Id = id, Unknown = was?.Unknown ?? Terms.Unknown }),
    });

    public override string Words(Graft graft) => $"Instead of the graft: {Terms.Name}, {Said(graft, Terms)}";

    public override string Standing(Graft graft) => graft.Buying.Worth.OtherWays.FirstOrDefault(way => way.Id == Terms.Id) is { } found
        ? Said(graft, found) : $"{graft.Buying.Worth.OtherWays.Length.Counted("other way")}";

    private static string Said(Graft graft, OtherWay way) => $"{way.Price.In(graft.Currency)}, {way.Hours:0.##} h";
}
