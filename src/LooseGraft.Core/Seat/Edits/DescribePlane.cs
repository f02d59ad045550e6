using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says all that is known of a plane.</summary>
/// <param name="Plane">The plane as it is described now; its id stays.</param>
public sealed record DescribePlane(MountPlane Plane) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating.WithPlane(Plane.Id, plane => Plane with { Unknown = plane.Unknown }));

    public override string Words(Graft graft) => $"{Plane.Name} described: {Plane.Mounts.Length.Counted("mount")}, {Plane.Openings.Length.Counted("opening")}";

    public override string Standing(Graft graft)
        => graft.Seating.FindPlane(Plane.Id) is { } found
            ? $"{found.Mounts.Length.Counted("mount")}, {found.Openings.Length.Counted("opening")}, {found.Ceilings.Length.Counted("ceiling")}"
            : "gone";
}
