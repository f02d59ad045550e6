using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes a plane out, with everything on it.</summary>
public sealed record RemovePlane(string Plane) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Seating.FindPlane(Plane) is null ? graft : graft.WithSeating(seating => seating.WithoutPlane(Plane));

    public override string Words(Graft graft) => $"Plane {Plane} taken out, with everything on it";

    public override string Standing(Graft graft) => graft.Seating.Planes.Length.Counted("base");
}
