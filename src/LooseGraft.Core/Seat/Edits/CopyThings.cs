using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts a row of copies of things beside them.</summary>
/// <param name="Of">The plane, or the board.</param>
/// <param name="Things">What is copied.</param>
/// <param name="Count">How many copies of each.</param>
/// <param name="By">From one to the next, in millimetres.</param>
public sealed record CopyThings(string Of, ValueList<ShellThing> Things, int Count, PlanPoint By) : GraftEdit
{
    public override Graft Apply(Graft graft) => Enumerable.Range(1, Math.Max(0, Count)).Aggregate(graft, (with, step)
        => ShellThings.Copied(with, Of, Things, new ShellShift(new PlanPoint(By.X * step, By.Y * step))));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Of, Things)} copied {(Count == 1 ? "once" : $"{Count} times")}, by {By} each";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Of);
}
