using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says what was done with a mount of a plane.</summary>
public sealed record SetMountState(string Plane, string Mount, MountState State) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating.WithMount(Plane, Mount, mount => mount with { State = State }));

    public override string Words(Graft graft) => $"{Mount}: {State.Words()}";

    public override string Standing(Graft graft)
        => graft.Seating.FindPlane(Plane)?.Mounts.FirstOrDefault(mount => mount.Id == Mount) is { } found ? found.State.Words() : "gone";
}
