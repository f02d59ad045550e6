using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>Something that takes up room on a plane: a convex footprint from one height to another.</summary>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Id">The box it is, or the board and what of it.</param>
/// <param name="Owner">The board it moves with; the plane for what stands on that.</param>
/// <param name="Plane">The plane in whose frame it is given.</param>
/// <param name="Footprint">Its corners, counter-clockwise.</param>
/// <param name="From">Millimetres above the plane where it begins.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Clearance">What has to stay free round it, tolerance included.</param>
/// <param name="IsPlug">Whether it is the room a plug needs.</param>
/// <param name="Box">The box it comes from; null for a board, its zones and its plugs.</param>
public sealed record SolidBody(
    string Name, string Id, string Owner, string Plane, ImmutableArray<PlanPoint> Footprint, double From, double To, double Clearance, bool IsPlug,
    SeatBox? Box)
{
    /// <summary>The smallest rectangle round the footprint.</summary>
    public PlanRectangle Bounds { get; } = PlanRectangle.Round(Footprint);

    /// <summary>Everything that takes up room in a graft.</summary>
    public static ImmutableArray<SolidBody> Of(Graft graft) => Of(graft, SeatedBoard.Of(graft));

    internal static ImmutableArray<SolidBody> Of(Graft graft, ImmutableArray<SeatedBoard> boards)
    {
        var seated = boards.ToDictionary(board => board.Board.Id);
        var bodies = ImmutableArray.CreateBuilder<SolidBody>();
        foreach (var board in boards) AddBoard(bodies, board);
        foreach (var box in graft.Seating.Boxes)
        {
            if (seated.TryGetValue(box.On, out var board))
                bodies.Add(OfBox(box, board.Board.Id, board.Plane.Id, [.. box.Area.Corners.Select(board.Seat.Place)], board.Top));
            else if (graft.Seating.FindPlane(box.On) is { } plane)
                bodies.Add(OfBox(box, plane.Id, plane.Id, [.. box.Area.Corners], 0));
        }

        return bodies.ToImmutable();
    }

    private static SolidBody OfBox(SeatBox box, string owner, string plane, ImmutableArray<PlanPoint> footprint, double ground)
        => new(box.Name, box.Id, owner, plane, footprint, ground + box.From.Value, ground + box.From.Value + box.Height.Value,
            box.Clearance.Value + box.Tolerance.Value, false, box);

    private static void AddBoard(ImmutableArray<SolidBody>.Builder bodies, SeatedBoard board)
    {
        var (id, plane, top) = (board.Board.Id, board.Plane.Id, board.Top);
        // A notched board counts as its hull here; what matters below is the board's own outline.
        var tails = (board.Board.Body?.Tails ?? UsualBoard.Tails).Value;
        var hull = Shapes.Polygon(board.Outline).ConvexHull().Coordinates;
        bodies.Add(new SolidBody(
            board.Board.Name, id, id, plane, Counted([.. hull.Take(hull.Length - 1).Select(corner => new PlanPoint(corner.X, corner.Y))]),
            board.Rise.Value - tails, top, 0, false, null));
        foreach (var zone in board.Board.Body?.Zones.Where(zone => zone.Kind == BodyZoneKind.Tall) ?? [])
            bodies.Add(new SolidBody(
                zone.Name, $"{id}/{zone.Name}", id, plane, [.. zone.Area.Corners.Select(board.Seat.Place)], top, top + zone.Height.Value, 0, false, null));
        foreach (var port in board.Board.Ports.Where(port => port.Place is { PlugRoom.Value: > 0 })) bodies.Add(Plug(board, port, top));
    }

    private static SolidBody Plug(SeatedBoard board, Port port, double top)
    {
        var place = port.Place!;
        var (half, deep, room) = (place.Width.Value / 2, 6.0, place.PlugRoom.Value);
        var (at, tall) = (place.At, place.Height.Value);
        var (area, from, to) = place.Faces switch
        {
            PortFacing.Up => (new PlanRectangle(at.X - half, at.Y - (deep / 2), 2 * half, deep), top + tall, top + tall + room),
            PortFacing.Rear => (new PlanRectangle(at.X - half, at.Y - room, 2 * half, room), top, top + tall),
            PortFacing.Front => (new PlanRectangle(at.X - half, at.Y, 2 * half, room), top, top + tall),
            PortFacing.Left => (new PlanRectangle(at.X - room, at.Y - half, room, 2 * half), top, top + tall),
            _ => (new PlanRectangle(at.X, at.Y - half, room, 2 * half), top, top + tall),
        };
        return new SolidBody(
            $"plug in {port.Name}", $"{board.Board.Id}/{port.Id}", board.Board.Id, board.Plane.Id, [.. area.Corners.Select(board.Seat.Place)], from, to, 0,
            true, null);
    }

    private static ImmutableArray<PlanPoint> Counted(ImmutableArray<PlanPoint> corners)
    {
        var twice = corners.Index()
            .Sum(pair => (pair.Item.X * corners[(pair.Index + 1) % corners.Length].Y) - (corners[(pair.Index + 1) % corners.Length].X * pair.Item.Y));
        return twice < 0 ? [.. corners.Reverse()] : corners;
    }
}
