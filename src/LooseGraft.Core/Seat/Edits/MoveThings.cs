using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Moves things of the shell or of a board along.</summary>
/// <param name="Of">The plane, or the board.</param>
/// <param name="Things">What is moved.</param>
/// <param name="By">How far, in millimetres.</param>
public sealed record MoveThings(string Of, ValueList<ShellThing> Things, PlanPoint By) : GraftEdit
{
    public override Graft Apply(Graft graft) => ShellThings.Moved(graft, Of, Things, new ShellShift(By));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Of, Things)} moved by {By}";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Of);
}
