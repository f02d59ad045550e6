using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Turns things of the shell together by a quarter, counter-clockwise.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Things">What is turned.</param>
/// <param name="About">The place that stays where it is.</param>
public sealed record TurnThings(string Plane, ValueList<ShellThing> Things, PlanPoint About) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => ShellThings.Moved(seating, Plane, Things, new ShellShift(default, 1, About)));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Plane, Things)} turned by a quarter";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Plane);
}
