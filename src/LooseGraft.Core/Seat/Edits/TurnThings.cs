using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Turns things of the shell or of a board together by a quarter, counter-clockwise.</summary>
/// <param name="Of">The plane, or the board.</param>
/// <param name="Things">What is turned.</param>
/// <param name="About">The place that stays where it is.</param>
public sealed record TurnThings(string Of, ValueList<ShellThing> Things, PlanPoint About) : GraftEdit
{
    public override Graft Apply(Graft graft) => ShellThings.Moved(graft, Of, Things, new ShellShift(default, 1, About));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Of, Things)} turned by a quarter";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Of);
}
