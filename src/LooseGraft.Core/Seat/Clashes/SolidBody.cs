using System.Collections.Immutable;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Clashes;

/// <summary>Something that takes up room on a plane: a footprint from one height to another.</summary>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Id">The box it is, or the board and what of it.</param>
/// <param name="Owner">The board it moves with; the plane for what stands on that.</param>
/// <param name="Plane">The plane in whose frame it is given.</param>
/// <param name="Footprint">Its corners in order; round things as a polygon round them.</param>
/// <param name="From">Millimetres above the plane where it begins.</param>
/// <param name="To">Where it ends.</param>
/// <param name="Clearance">What has to stay free round it, tolerance included.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Box">The box it comes from; null for a board, its zones and its plugs.</param>
public sealed record SolidBody(
    string Name, string Id, string Owner, string Plane, ImmutableArray<PlanPoint> Footprint, double From, double To, double Clearance, BodyKind Kind,
    SeatBox? Box)
{
    /// <summary>What nothing comes nearer to mains than without being told, in millimetres: more than the 8 mm that IEC 62368-1 asks of reinforced insulation
    /// at 250 V in dust (pollution degree 3), and room for a hand's error.</summary>
    public const double MainsAwayMm = 10;

    private readonly Lazy<ImmutableArray<ImmutableArray<PlanPoint>>> _pieces = new(() => ConvexPieces.Of(Footprint));
    private readonly Lazy<Geometry> _shape = new(() => Shapes.Polygon(Footprint));

    /// <summary>The smallest rectangle round the footprint.</summary>
    public PlanRectangle Bounds { get; } = PlanRectangle.Round(Footprint);

    /// <summary>The tray by which it takes up room on a plane that the tray stands on; null for what stands there itself.</summary>
    public string? Via { get; init; }

    /// <summary>What a finding on it speaks of.</summary>
    internal Subject Subject => Kind == BodyKind.Tray ? new PlaneSubject(Id) : Box is not null ? new BoxSubject(Id) : new SeatSubject(Owner);

    /// <summary>Whether it is the room a plug needs.</summary>
    public bool IsPlug => Kind == BodyKind.Plug;

    /// <summary>Whether it is known to be bare metal outside.</summary>
    public bool IsMetal => Box?.IsMetal == true;

    /// <summary>Whether it carries mains or high voltage.</summary>
    public bool IsMains => Box?.IsMains == true;

    internal ImmutableArray<ImmutableArray<PlanPoint>> Pieces => _pieces.Value;

    internal Geometry Shape => _shape.Value;

    /// <summary>Everything that takes up room in a graft.</summary>
    public static ImmutableArray<SolidBody> Of(Graft graft) => Of(graft, SeatedBoard.Of(graft));

    internal static ImmutableArray<SolidBody> Of(Graft graft, ImmutableArray<SeatedBoard> boards)
    {
        var seated = boards.ToDictionary(board => board.Board.Id);
        var bodies = ImmutableArray.CreateBuilder<SolidBody>();
        foreach (var board in boards) bodies.AddRange(OfBoard(board));
        foreach (var box in graft.Seating.Boxes)
        {
            if (seated.TryGetValue(box.On, out var board)) bodies.Add(OfBox(box, board.Board.Id, board.Plane.Id, board.Seat.Place, board.Top));
            else if (graft.Seating.FindPlane(box.On) is { } plane) bodies.Add(OfBox(box, plane.Id, plane.Id, place => place, 0));
        }

        bodies.AddRange(Trays.Of(graft, bodies).ToArray());
        return bodies.ToImmutable();
    }

    private static SolidBody OfBox(SeatBox box, string owner, string plane, Func<PlanPoint, PlanPoint> place, double ground)
    {
        var footprint = box.IsRound
            ? Shapes.Corners(Shapes.DiscRound(place(box.Area.Middle), Math.Min(box.Area.Width, box.Area.Depth) / 2))
            : [.. box.Area.Corners.Select(place)];
        return new SolidBody(box.Name, box.Id, owner, plane, footprint, ground + box.From.Value, ground + box.From.Value + box.Height.Value,
            box.Clearance.Value + box.Tolerance.Value, BodyKind.Box, box);
    }

    private static IEnumerable<SolidBody> OfBoard(SeatedBoard board)
    {
        var (id, plane, top) = (board.Board.Id, board.Plane.Id, board.Top);
        var bottom = board.Standing.LowestOver(board.Shape);
        yield return new SolidBody(
            board.Board.Name, id, id, plane, Shapes.Corners(board.Shape), bottom - board.Underside.Tails, top, 0, BodyKind.Board, null);
        foreach (var zone in board.Board.Body?.Zones.Where(zone => zone.Kind is BodyZoneKind.Tall or BodyZoneKind.Below) ?? [])
        {
            var (from, to) = zone.Kind == BodyZoneKind.Tall ? (top, top + zone.Height.Value) : (bottom - zone.Height.Value, bottom);
            yield return new SolidBody(
                zone.Name, $"{id}/{zone.Name}", id, plane, [.. zone.Area.Corners.Select(board.Seat.Place)], from, to, 0, BodyKind.Zone, null);
        }

        foreach (var port in board.Board.Ports.Where(port => port.Place is { PlugRoom.Value: > 0 })) yield return Plug(board, port, top);
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
            BodyKind.Plug, null);
    }
}
