using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Surveying;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Makes measured places those of a plane's mounts; what a mount is stays as it was said.</summary>
public sealed record TakeSurveyedMounts(string Plane, SurveyResult Survey) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating.WithPlane(Plane, plane => plane with
    {
        Mounts = [.. plane.Mounts.Where(mount => Survey.Points.All(point => point.Name != mount.Id)), .. Survey.Points.Select(point => Made(plane, point))],
    }));

    public override string Words(Graft graft)
        => $"{graft.Seating.FindPlane(Plane)?.Name ?? Plane}: {Survey.Points.Length.Counted("mount")} from measured distances";

    public override string Standing(Graft graft) => (graft.Seating.FindPlane(Plane)?.Mounts.Length ?? 0).Counted("mount");

    private static Mount Made(MountPlane plane, SurveyedPoint point)
    {
        var corner = plane.Bounds;
        var at = new PlanPoint(Math.Round(point.At.X + corner.X, 2), Math.Round(point.At.Y + corner.Y, 2));
        return (plane.Mounts.FirstOrDefault(mount => mount.Id == point.Name) ?? new Mount(point.Name, MountKind.Standoff, at, UsualBoard.Rise)) with
        {
            At = at,
            Evidence = Evidence.Measured,
        };
    }
}
