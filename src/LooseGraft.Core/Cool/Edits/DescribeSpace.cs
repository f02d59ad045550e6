using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says how large a space is, what its sides are and which of them is up.</summary>
/// <param name="Space">Its id, or that of the plane which it lies over.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Size">How large it is inside; null for what Seat says.</param>
/// <param name="Material">What its sides are made of; null for what Seat says.</param>
/// <param name="Top">Which side of it is up.</param>
public sealed record DescribeSpace(string Space, string Name, SpaceSize? Size, PlaneMaterial? Material, ShellTop Top) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.AirSpaces().All(space => space.Id != Space)) return graft;
        var now = new AirSpace(Space, Name) { Size = Size, Material = Material, Top = Top, Unknown = Found(graft)?.Unknown ?? UnknownMembers.None };
        return graft.WithCooling(cooling => cooling with { Spaces = cooling.Spaces.With(now, space => space.Id == Space) });
    }

    public override string Words(Graft graft)
        => $"{graft.NameOfSpace(Space)}: {Said(Size, Material, Top)}{(Name == graft.NameOfSpace(Space) ? "" : $", now called {Name}")}";

    public override string Standing(Graft graft)
        => graft.AirSpaces().All(space => space.Id != Space) ? "this space is not there any more"
            : Found(graft) is { } found ? Said(found.Size, found.Material, found.Top) : "as Seat says";

    private AirSpace? Found(Graft graft) => graft.Cooling.Spaces.FirstOrDefault(space => space.Id == Space);

    private static string Said(SpaceSize? size, PlaneMaterial? material, ShellTop top)
        => $"{size?.Words() ?? "as large as Seat says"}, {(material is { } sides ? sides.ToString().ToLowerInvariant() : "sides as Seat says")}, {top.Words()} up";
}
