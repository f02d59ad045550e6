using System.Collections.Immutable;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat;

/// <summary>How a plane, the walls round it and what faces them hang together.</summary>
internal static class Walls
{
    private const double SquareDegrees = 1;

    /// <summary>The wall that a side of a seated board faces; null when it faces a corner.</summary>
    public static PlaneWall? Facing(BoardSeat seat, PortFacing side)
    {
        PlanPoint? outward = side switch
        {
            PortFacing.Rear => new(0, -1),
            PortFacing.Front => new(0, 1),
            PortFacing.Left => new(-1, 0),
            PortFacing.Right => new(1, 0),
            _ => null,
        };
        if (outward is not { } direction) return null;
        var turned = direction.Turned(seat.TurnDegrees);
        var square = Math.Cos(SquareDegrees * Math.PI / 180);
        return turned switch
        {
            { Y: var y } when y <= -square => PlaneWall.Rear,
            { Y: var y } when y >= square => PlaneWall.Front,
            { X: var x } when x <= -square => PlaneWall.Left,
            { X: var x } when x >= square => PlaneWall.Right,
            _ => null,
        };
    }

    /// <summary>The four walls round a plane.</summary>
    public static ImmutableArray<PlaneWall> All { get; } = [PlaneWall.Rear, PlaneWall.Front, PlaneWall.Left, PlaneWall.Right];

    /// <summary>How far the farthest of what lies outside a plane is from it, in millimetres.</summary>
    public static double Beyond(MountPlane plane, Geometry outside)
    {
        var inside = Shapes.Polygon(plane.Outline);
        return outside.Coordinates.Max(corner => inside.Distance(Shapes.Point(new PlanPoint(corner.X, corner.Y))));
    }

    /// <summary>The unit vector from a wall into the room.</summary>
    public static PlanPoint Inward(PlaneWall wall) => wall switch
    {
        PlaneWall.Rear => new(0, 1),
        PlaneWall.Front => new(0, -1),
        PlaneWall.Left => new(1, 0),
        PlaneWall.Right => new(-1, 0),
        _ => default,
    };

    /// <summary>How far an outline is from a wall; negative when it reaches through.</summary>
    public static double Distance(IReadOnlyCollection<PlanPoint> outline, MountPlane plane, PlaneWall wall)
    {
        var (thing, room) = (PlanRectangle.Round(outline), plane.Bounds);
        return wall switch
        {
            PlaneWall.Rear => thing.Y - room.Y,
            PlaneWall.Front => room.Y + room.Depth - thing.Y - thing.Depth,
            PlaneWall.Left => thing.X - room.X,
            PlaneWall.Right => room.X + room.Width - thing.X - thing.Width,
            _ => 0,
        };
    }

    /// <summary>What a port's face covers along a wall.</summary>
    public static (double From, double To) Span(BoardSeat seat, PortPlace place, PlaneWall wall)
    {
        var at = seat.Place(place.At);
        var middle = wall is PlaneWall.Rear or PlaneWall.Front ? at.X : at.Y;
        return (middle - (place.Width.Value / 2), middle + (place.Width.Value / 2));
    }
}
