using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using NetTopologySuite.Geometries;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on openings in a plane, and what stands where they are or will be.</summary>
internal static class CutAwayFindings
{
    // A washer for M3 is 7 mm across (ISO 7089); what it presses on has to be there.
    private const double FootMm = 3.5;

    public static IEnumerable<Finding> Of(Graft graft, IReadOnlyCollection<SeatedBoard> boards)
        => from plane in graft.Seating.Planes
           from opening in plane.Openings
           where opening.Wall == PlaneWall.Floor
           let area = Shapes.Of(opening)
           let above = boards.Where(board => board.Plane.Id == plane.Id)
           from finding in Mounts(plane, opening, area).Concat(above.SelectMany(board => Holes(board, opening, area)))
           select finding;

    // What is there already stands beside it, whatever the drawing says.
    private static IEnumerable<Finding> Mounts(MountPlane plane, Opening opening, Geometry area)
        => from mount in plane.Mounts
           where opening.IsToCut && mount.State != MountState.Removed
           let gap = area.Distance(Shapes.Point(mount.At)) - (mount.Across.Value / 2)
           where gap < 0
           select Finding.Of(SeatRules.CutTakesAway, new MountSubject(plane.Id, mount.Id), new CutTakesAway(opening.Name, mount.Id, new Millimetres(-gap)),
               $"The cut for {opening.Name} takes away what {mount.Id} stands on.", mount.Evidence, $"move or shrink {opening.Name}", $"say that {mount.Id} is taken out");

    private static IEnumerable<Finding> Holes(SeatedBoard board, Opening opening, Geometry area)
        => from hole in board.Holes
           where board.HeldBy(hole)?.DrillMm > 0
           let gap = area.Distance(Shapes.Point(hole.At)) - FootMm
           where gap < 0
           select Finding.Of(
               SeatRules.CutTakesAway, new HoleSubject(board.Board.Id, hole.Number), new CutTakesAway(opening.Name, hole.Name, new Millimetres(-gap)),
               $"{hole.Name} of {board.Board.Name} is to be drilled {(gap <= -FootMm ? "in" : $"{Mm(gap + FootMm)} beside")} {opening.Name}: a nut or a washer wants {Mm(FootMm)} of {board.Plane.Name} round it.",
               board.Evidence, $"hold {hole.Name} another way, or leave it free", $"bridge {opening.Name} with a strip of sheet", $"move {opening.Name}");
}
