using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts a thing of the shell down on a plane, or one of a board on it.</summary>
/// <param name="Of">The plane, or the board.</param>
/// <param name="Sort">What is put down.</param>
/// <param name="At">Where.</param>
/// <param name="To">Where the hand was lifted again; the same place for a press.</param>
/// <param name="Port">The port that is given its place; null for anything else.</param>
public sealed record PutThing(string Of, ShellSort Sort, PlanPoint At, PlanPoint To, string? Port = null) : GraftEdit
{
    /// <summary>What it will be called; null where it cannot be put down.</summary>
    public ShellThing? Thing(Graft graft) => PutDown.On(graft, Of, Sort, At, To, Port)?.Thing;

    public override Graft Apply(Graft graft) => PutDown.On(graft, Of, Sort, At, To, Port)?.Graft ?? graft;

    public override string Words(Graft graft)
        => $"{ShellWords.NameOf(graft, Of)}: {(Thing(graft) is { } thing ? ShellWords.Of(thing) : "nothing")} put down, {Sort.Words()}";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Of);
}
