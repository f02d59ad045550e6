using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Describing;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes things of the shell or of a board off the description.</summary>
public sealed record RemoveThings(string Of, ValueList<ShellThing> Things) : GraftEdit
{
    public override Graft Apply(Graft graft) => ShellThings.Without(graft, Of, Things);

    public override string Words(Graft graft) => $"{ShellWords.Of(graft, Of, Things)} taken off the plan";

    public override string Standing(Graft graft) => ShellWords.Standing(graft, Of);
}
