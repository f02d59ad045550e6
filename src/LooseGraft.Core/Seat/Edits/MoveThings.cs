using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Moves things of the shell along a plane.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Things">What is moved.</param>
/// <param name="By">How far, in millimetres.</param>
public sealed record MoveThings(string Plane, ValueList<ShellThing> Things, PlanPoint By) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => ShellThings.Moved(seating, Plane, Things, new ShellShift(By)));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Plane, Things)} moved by {By}";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Plane);
}
