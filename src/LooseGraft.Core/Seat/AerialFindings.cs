using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;
using static LooseGraft.Core.Seat.LengthText;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on aerials and the metal round them.</summary>
internal static class AerialFindings
{
    // Makers of small aerials ask for about 10 mm free of metal (common practice).
    private const double AwayMm = 10;

    public static IEnumerable<Finding> Of(IEnumerable<SeatedBoard> boards, ImmutableArray<SolidBody> bodies)
        => from board in boards
           from zone in board.Board.Body?.Zones ?? []
           where zone.Kind == BodyZoneKind.Aerial
           let near = Near(board, zone, bodies).Where(thing => thing.Gap < AwayMm).OrderBy(thing => thing.Gap).ToArray()
           where near.Length > 0
           select Finding.Of(SeatRules.AerialShielded, new SeatSubject(board.Board.Id),
               new AerialShielded(zone.Name, near[0].Name, new Millimetres(near[0].Gap)),
               $"{zone.Name} of {board.Board.Name} has metal within {Mm(AwayMm)}: {string.Join(", ", near.Select(thing => $"{thing.Name} {Mm(thing.Gap)} off"))}. It takes most of an aerial's reach away.",
               Evidence.Assumed, "turn or move the board so that the aerial looks at plastic, wood or an opening",
               "where the board has a socket for one, an aerial outside on a short lead");

    private static IEnumerable<(string Name, double Gap)> Near(SeatedBoard board, BodyZone zone, IEnumerable<SolidBody> bodies)
    {
        ImmutableArray<PlanPoint> corners = [.. zone.Area.Corners.Select(board.Seat.Place)];
        var (bottom, top) = (board.Standing.LowestOver(Shapes.Polygon(corners)), board.Top + zone.Height.Value);
        var plane = board.Plane;
        var aerial = new SolidBody(zone.Name, zone.Name, board.Board.Id, plane.Id, corners, bottom, top, 0, BodyKind.Zone, null);
        foreach (var body in bodies.Where(body => body.Plane == plane.Id && body.IsMetal)) yield return (body.Name, Math.Max(0, Clash.Distance(aerial, body)));
        if (plane.IsMetal && Shapes.Polygon(plane.Outline).Intersects(aerial.Shape)) yield return (plane.Name, Math.Max(0, bottom));
        if (plane is { HasMetalLid: true, Lid: { } lid }) yield return ("the lid", Math.Max(0, lid.Value - top));
    }
}
