using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes out a space that no plane is the base of, with the ways that lead to it. Of one over a plane only what was said of it goes.</summary>
/// <param name="Space">Its id.</param>
public sealed record RemoveSpace(string Space) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.WithCooling(cooling => cooling with { Spaces = cooling.Spaces.RemoveAll(space => space.Id == Space) }).WithCoolingOfWhatIsThere();

    public override string Words(Graft graft) => $"{graft.NameOfSpace(Space)} taken out";

    public override string Standing(Graft graft) => graft.AirSpaces().Count().Counted("space");
}
