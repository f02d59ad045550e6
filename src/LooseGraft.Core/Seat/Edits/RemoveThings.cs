using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes things of the shell off the description.</summary>
public sealed record RemoveThings(string Plane, ValueList<ShellThing> Things) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => ShellThings.Without(seating, Plane, Things));

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Plane, Things)} taken off the plan";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Plane);
}
