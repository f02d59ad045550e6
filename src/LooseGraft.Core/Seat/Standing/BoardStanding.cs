using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>
/// How high the solder side of a board stands above its plane, place by place. Screwed down, it stands at each mount's own height and bends between them;
/// loose, it lies on the highest that hold its middle between them. It is both in turn while it is built in, so the lower of the two counts for what lies
/// below.
/// </summary>
public sealed class BoardStanding
{
    private readonly BentSheet? _onMounts;
    private readonly BentSheet? _held;
    private readonly RestingBoard? _loose;
    private readonly double _otherwise;

    internal BoardStanding(double spacer, ImmutableArray<HoleMeeting> holes, IEnumerable<Mount> plain, Geometry shape)
    {
        var places = ImmutableArray.CreateBuilder<HeldPlace>();
        foreach (var hole in holes)
        {
            if (Height(hole, spacer) is { } height) places.Add(new HeldPlace(hole.At, height, hole.IsHeld));
        }

        Places = [.. places, .. plain.Select(mount => new HeldPlace(mount.At, mount.Height.Value, false))];
        var middle = shape.Centroid;
        _loose = RestingBoard.On(Places, new PlanPoint(middle.X, middle.Y));
        var held = Places.Where(place => place.IsHeld).ToArray();
        if (held.Length > 0)
        {
            // What it only rests on pushes it up where it would hang lower.
            _onMounts = new BentSheet(held);
            _held = new BentSheet([.. held, .. Places.Where(place => !place.IsHeld && place.Height > _onMounts.At(place.At))]);
        }

        // Ties keep nothing apart: with nothing under it, what they hold lies on the plane.
        _otherwise = holes.Any(hole => hole.Method == MountMethod.Tie) ? 0
            : Places.Select(place => place.Height).Append(spacer).Min();
        IsFlat = _held is null && _loose is null && _otherwise == 0;
        Highest = Places.IsEmpty ? _otherwise
            : shape.Coordinates.Select(corner => _loose?.At(new PlanPoint(corner.X, corner.Y)) ?? 0).Concat(Places.Select(place => place.Height)).Max();
    }

    /// <summary>What carries it, and how high.</summary>
    public ImmutableArray<HeldPlace> Places { get; }

    /// <summary>How high it stands where it stands highest, in millimetres.</summary>
    public double Highest { get; }

    /// <summary>Whether it lies on the plane.</summary>
    public bool IsFlat { get; }

    /// <summary>How high it stands at a place, in millimetres; the lower of what it may be.</summary>
    public double At(PlanPoint place) => Lower(_held?.At(place), _loose?.At(place));

    /// <summary>How high it would stand at a place on what holds it down alone, in millimetres.</summary>
    public double OnMountsAt(PlanPoint place) => _onMounts?.At(place) ?? At(place);

    /// <summary>How high it stands at the least over an area that is not empty, in millimetres.</summary>
    internal double LowestOver(Geometry area)
        => Lower(_held?.LowestOver(area), _loose is { } loose ? area.Coordinates.Min(corner => loose.At(new PlanPoint(corner.X, corner.Y))) : null);

    private double Lower(double? held, double? loose) => held is { } one && loose is { } other ? Math.Min(one, other) : held ?? loose ?? _otherwise;

    // Null where nothing keeps it off the plane.
    private static double? Height(HoleMeeting hole, double spacer) => hole switch
    {
        { Mount: { } mount } => mount.Height.Value,
        { Under: { } under } => under.Height.Value,
        { Method: null or MountMethod.LeftFree or MountMethod.Tie } => null,
        _ => spacer,
    };
}
