using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat.Holding;

/// <summary>Rules on trays that stand on another plane: what they stand on.</summary>
internal static class TrayFindings
{
    // Two hold a tray that a third place keeps from rocking; standoffs as tall as said to within a washer.
    private const int Fewest = 2;
    private const double LevelMm = 0.5;

    public static IEnumerable<Finding> Of(Graft graft)
        => from tray in graft.Seating.Planes
           let stand = tray.Stand
           where stand is not null
           let below = graft.Seating.FindPlane(stand.Plane)
           where below is not null
           let under = Under(tray, stand, below)
           where under < Fewest
           select Finding.Of(SeatRules.NothingHolds, new PlaneSubject(tray.Id), new NothingHolds(tray.Id),
               $"{tray.Name} stands {Mm(stand.Height.Value)} above {below.Name}, and {(under == 0 ? "no standoff" : "only one standoff")} of that height is written down under it.",
               Evidence.Assumed, $"write down what holds it among what stands on {below.Name}, or drill for bolts") with
           { Severity = Severity.Check };

    private static int Under(MountPlane tray, PlaneStand stand, MountPlane below)
    {
        var shape = Shapes.Polygon([.. tray.Outline.Select(stand.Place)]);
        return below.Mounts.Count(mount => mount.TakesScrew
            && Math.Abs(mount.Height.Value - stand.Height.Value) <= LevelMm && shape.Covers(Shapes.Point(mount.At)));
    }
}
