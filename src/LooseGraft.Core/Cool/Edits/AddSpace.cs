using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Puts in a space of the shell that no plane of Seat is the base of.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Size">How large it is inside.</param>
/// <param name="Material">What its sides are made of; null for steel.</param>
public sealed record AddSpace(string Name, SpaceSize Size, PlaneMaterial? Material) : GraftEdit
{
    /// <summary>The id that it has in a graft; spaces and planes share theirs.</summary>
    public string IdIn(Graft graft)
        => GraftEdits.FreshId(Name, [.. graft.Seating.Planes.Select(plane => plane.Id), .. graft.Cooling.Spaces.Select(space => space.Id)]);

    public override Graft Apply(Graft graft)
        => graft.WithCooling(cooling => cooling with { Spaces = cooling.Spaces.Add(new AirSpace(IdIn(graft), Name) { Size = Size, Material = Material }) });

    public override string Words(Graft graft) => $"A space of the shell: {Name}, {Size.Words()}";

    public override string Standing(Graft graft) => graft.AirSpaces().Count().Counted("space");
}
