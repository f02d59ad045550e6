using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Prepared;

namespace LooseGraft.Core.Seat.Standing;

/// <summary>The underside of a seated board: solder wherever nothing else is said.</summary>
internal sealed class Underside
{
    // The ring round a hole that boards keep free of solder is about 10 mm across (common practice).
    internal const double FreeRingMm = 5.0;
    private const double Rim = 1e-6;
    private const double AreaMm2 = 1e-6;

    private readonly SeatedBoard _board;
    private readonly ImmutableArray<(BodyZone Zone, Geometry Area)> _zones;
    private readonly Lazy<ImmutableArray<Geometry>> _rings;
    private readonly Lazy<IPreparedGeometry> _whole;

    public Underside(SeatedBoard board)
    {
        _board = board;
        _zones = [.. (board.Board.Body?.Zones ?? []).Where(zone => zone.Kind != BodyZoneKind.Tall)
            .Select(zone => (zone, Shapes.Polygon([.. zone.Area.Corners.Select(board.Seat.Place)])))];
        _rings = new Lazy<ImmutableArray<Geometry>>(() => [.. board.Holes.Select(hole => Shapes.Disc(hole.At, FreeRingMm))]);
        _whole = new Lazy<IPreparedGeometry>(() => PreparedGeometryFactory.Prepare(board.Shape));
        Deepest = _zones.Select(zone => Reach(zone.Zone)).Append(Tails).Max();
    }

    /// <summary>How far anything stands out below at the most, in millimetres.</summary>
    public double Deepest { get; }

    /// <summary>How far solder stands out below, in millimetres.</summary>
    public double Tails => (_board.Board.Body?.Tails ?? UsualBoard.Tails).Value;

    /// <summary>Where nothing is known to keep metal off its solder, rings round holes included.</summary>
    public Geometry Solder => _zones.Aggregate(_board.Shape, (left, zone) => left.Difference(zone.Area));

    /// <summary>Whether the whole top of a mount lies in the ring round a hole that is free of solder.</summary>
    public static bool IsInRing(SeatedBoard board, Mount mount) => board.Holes.Any(hole => IsInRing(hole.At, mount));

    /// <inheritdoc cref="IsInRing(SeatedBoard, Mount)"/>
    public static bool IsInRing(PlanPoint hole, Mount mount) => hole.To(mount.At) + (mount.Across.Value / 2) <= FreeRingMm + Rim;

    /// <summary>Whether nothing of a place but bare or covered board lies above a mount, so that it can carry it.</summary>
    public bool CanRestOn(Mount mount)
    {
        var isInRing = IsInRing(_board, mount);
        var disc = Shapes.DiscRound(mount.At, mount.Across.Value / 2);
        if (!isInRing && !_zones.Any(zone => zone.Area.EnvelopeInternal.Intersects(disc.EnvelopeInternal))) return false;
        return disc.Intersects(_board.Shape) && Over(disc, isInRing) is { IsEmpty: false } seen && seen.All(patch => !patch.Conducts && patch.Reach == 0);
    }

    /// <summary>What of the underside lies above an area.</summary>
    /// <param name="area">The area, in the plane's frame.</param>
    /// <param name="isInRing">Whether all of it is known to lie in the ring round a hole.</param>
    public ImmutableArray<UndersidePatch> Over(Geometry area, bool isInRing)
    {
        var patches = ImmutableArray.CreateBuilder<UndersidePatch>();
        // Most mounts lie wholly under a board: that is seen sooner than cut out.
        var left = _whole.Value.Covers(area) ? area : area.Intersection(_board.Shape);
        foreach (var (zone, where) in _zones)
        {
            if (!where.EnvelopeInternal.Intersects(area.EnvelopeInternal)) continue;
            var shared = where.Intersection(area);
            if (shared.Area <= AreaMm2) continue;
            left = left.Difference(where);
            patches.Add(new UndersidePatch(shared, Reach(zone), zone is { Kind: BodyZoneKind.Below, Conducts: true },
                zone.Kind switch { BodyZoneKind.Insulated => $"{zone.Name} (insulated)", BodyZoneKind.BareBoard => $"{zone.Name} (bare board)", _ => zone.Name }));
        }

        if (left.Area <= AreaMm2) return patches.ToImmutable();
        var (free, solder) = isInRing ? (left, null) : Ringed(left);
        if (free?.Area > AreaMm2) patches.Add(new UndersidePatch(free, 0, false, "the ring round a hole that is free of solder"));
        if (solder?.Area > AreaMm2) patches.Add(new UndersidePatch(solder, Tails, true, Near(solder)));
        return patches.ToImmutable();
    }

    private (Geometry? Free, Geometry? Solder) Ringed(Geometry area)
    {
        var rings = _rings.Value.Where(ring => ring.EnvelopeInternal.Intersects(area.EnvelopeInternal)).ToArray();
        if (rings.Length == 0) return (null, area);
        var all = Shapes.Union(rings);
        return (area.Intersection(all), area.Difference(all));
    }

    // Solder ends press on the sheet that covers them.
    private double Reach(BodyZone zone) => zone.Kind switch
    {
        BodyZoneKind.Below => zone.Height.Value,
        BodyZoneKind.Insulated => Tails,
        _ => 0,
    };

    private string Near(Geometry area)
    {
        var middle = area.Centroid;
        var at = new PlanPoint(middle.X, middle.Y);
        return _board.Board.Ports.Where(port => port.Place is not null).OrderBy(port => _board.Seat.Place(port.Place!.At).To(at)).FirstOrDefault() is { } port
            ? $"solder near {port.Name}"
            : "solder";
    }
}
