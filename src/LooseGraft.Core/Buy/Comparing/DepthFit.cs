using System.Collections.Immutable;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Seat.Clashes;

namespace LooseGraft.Core.Buy.Comparing;

/// <summary>How deep an offer is against the room that Seat keeps for the part.</summary>
/// <param name="Box">The box that stands for the part.</param>
/// <param name="Depth">How deep the offer is.</param>
/// <param name="Grown">Where it is deeper than the box is long: each way in which the box could grow by as much. Empty where it is not.</param>
public sealed record DepthFit(SeatBox Box, Millimetres Depth, ImmutableArray<DepthGrown> Grown)
{
    /// <summary>By how many millimetres it is deeper than the longer side of the box; 0 or less where it is not.</summary>
    public double Over => Depth.Value - Math.Max(Box.Area.Width, Box.Area.Depth);

    /// <summary>Whether it stays within the box whichever way it lies.</summary>
    public bool IsWithin => Depth.Value <= Math.Min(Box.Area.Width, Box.Area.Depth);

    /// <summary>Holds a depth against the box of a part. Where it is too deep, the box is grown each way along its longer side, and whatever it meets then is
    /// told.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="part">The part.</param>
    /// <param name="depth">How deep the offer is.</param>
    /// <returns>Null where no box stands for the part.</returns>
    public static DepthFit? Of(Graft graft, string part, Millimetres depth)
    {
        if (graft.Seating.Boxes.FirstOrDefault(box => box.Part == part) is not { } box) return null;
        var fit = new DepthFit(box, depth, []);
        if (fit.Over <= 0) return fit;
        var (area, over) = (box.Area, fit.Over);
        var along = new[]
        {
            ("to the left", IsLong(area.Width), area with { X = area.X - over, Width = area.Width + over }),
            ("to the right", IsLong(area.Width), area with { Width = area.Width + over }),
            ("to the rear", IsLong(area.Depth), area with { Y = area.Y - over, Depth = area.Depth + over }),
            ("to the front", IsLong(area.Depth), area with { Depth = area.Depth + over }),
        };
        var before = Met(graft, box);
        return fit with
        {
            Grown = [.. from way in along
                        where way.Item2
                        let grown = box with { Area = way.Item3 }
                        select new DepthGrown(way.Item1, [.. Met(WithBox(graft, grown), grown).Except(before).Order(StringComparer.Ordinal)])],
        };

        bool IsLong(double side) => side >= Math.Max(area.Width, area.Depth);
    }

    private static Graft WithBox(Graft graft, SeatBox box)
        => graft with { Seating = graft.Seating with { Boxes = [.. graft.Seating.Boxes.Select(each => each.Id == box.Id ? box : each)] } };

    // What the box wants room of, by name, and the rim of its plane.
    private static HashSet<string> Met(Graft graft, SeatBox box)
    {
        var bodies = SolidBody.Of(graft);
        var met = Clash.Of(bodies).Where(clash => clash.One.Id == box.Id || clash.Other.Id == box.Id)
            .Select(clash => clash.One.Id == box.Id ? clash.Other.Name : clash.One.Name).ToHashSet();
        if (bodies.FirstOrDefault(body => body.Id == box.Id && body.Via is null) is { } own && graft.Seating.FindPlane(own.Plane) is { } plane
            && PlanRectangle.Round(plane.Outline) is var rim && own.Footprint.Any(corner => !rim.Holds(corner)))
            met.Add($"the rim of {plane.Name}");
        return met;
    }
}
