using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Gives a plane the standoffs of a standard board, where it has no mount yet.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Standard">The sort of board.</param>
/// <param name="Left">Where the board's rear left corner comes to lie, from the plane's left.</param>
/// <param name="Rear">The same from its rear.</param>
public sealed record AddStandoffs(string Plane, PartTemplate Standard, Millimetres Left, Millimetres Rear) : GraftEdit
{
    // Nearer than this it is the mount that is there already.
    private const double SameMm = 1;

    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating.WithPlane(Plane, plane => plane with
    {
        Mounts = TemplatePart.MakeHoles(Standard).Aggregate(plane.Mounts, WithStandoff),
    }));

    public override string Words(Graft graft) => $"{graft.Seating.FindPlane(Plane)?.Name ?? Plane} has the standoffs of a standard board: {Standard.Name}";

    public override string Standing(Graft graft) => (graft.Seating.FindPlane(Plane)?.Mounts.Length ?? 0).Counted("mount");

    // s1, s2 and so on, as builders number them.
    private static string FreshName(ValueList<Mount> mounts)
        => Enumerable.Range(1, mounts.Length + 1).Select(number => FormattableString.Invariant($"s{number}"))
            .First(name => mounts.All(mount => mount.Id != name));

    private ValueList<Mount> WithStandoff(ValueList<Mount> mounts, MountHole hole)
    {
        var at = new PlanPoint(Math.Round(hole.X + Left.Value, 2), Math.Round(hole.Y + Rear.Value, 2));
        return mounts.Any(mount => mount.At.To(at) < SameMm)
            ? mounts
            : mounts.Add(new Mount(FreshName(mounts), MountKind.Standoff, at, UsualBoard.Rise)
            {
                Evidence = Evidence.Document,
            });
    }
}
