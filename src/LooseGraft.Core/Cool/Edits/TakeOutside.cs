using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes what heats the shell out of it, its fan with it.</summary>
/// <param name="Part">The part.</param>
public sealed record TakeOutside(string Part) : GraftEdit
{
    private readonly PlaceHeat _place = new(Part, new HeatPlace(Part, null));

    public override Graft Apply(Graft graft) => new UnplaceFan(Part).Apply(_place.Apply(graft));

    public override string Words(Graft graft) => _place.Words(graft);

    public override string Standing(Graft graft) => _place.Standing(graft);
}
