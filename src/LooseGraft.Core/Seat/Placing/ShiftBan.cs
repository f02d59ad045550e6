using System.Collections.Immutable;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Placing;

/// <summary>Shifts at which a piece of a board meets something: the inside of a convex region, while their heights meet.</summary>
/// <param name="Corners">The region, counter-clockwise.</param>
/// <param name="Low">Where the thing begins, in millimetres above the plane.</param>
/// <param name="High">Where it ends.</param>
/// <param name="From">Where the piece begins, above the board's solder side: where that stands highest for what is above it, lowest for what is below.
/// </param>
/// <param name="To">Where it ends, likewise.</param>
internal sealed record ShiftBan(ImmutableArray<PlanPoint> Corners, double Low, double High, double From, double To)
{
    private const double Rim = 1e-6;

    private readonly PlanRectangle _bounds = PlanRectangle.Round(Corners);

    /// <summary>Whether it bans a shift of a board that stands from one height to another.</summary>
    public bool Bans(PlanPoint shift, double lowest, double highest)
        => _bounds.Holds(shift) && (To > 0 ? highest : lowest) + To > Low + Rim && (From < 0 ? lowest : highest) + From < High - Rim && IsInside(shift, 0);

    /// <summary>Whether it bans every shift of a disc, however a board stands between two heights.</summary>
    public bool Buries(PlanPoint middle, double radius, double lowest, double highest)
        => _bounds.Holds(middle) && lowest + To > Low + Rim && highest + From < High - Rim && IsInside(middle, radius);

    /// <summary>Adds the sides that come within a disc.</summary>
    public void Add(List<ShiftCurve> curves, PlanPoint middle, double radius)
    {
        if (middle.X < _bounds.X - radius || middle.X > _bounds.X + _bounds.Width + radius || middle.Y < _bounds.Y - radius
            || middle.Y > _bounds.Y + _bounds.Depth + radius) return;
        for (var index = 0; index < Corners.Length; index++)
        {
            var side = new ShiftCurve(Corners[index], Corners[(index + 1) % Corners.Length], 0);
            if (side.Reaches(middle, radius)) curves.Add(side);
        }
    }

    private bool IsInside(PlanPoint shift, double deep)
    {
        for (var index = 0; index < Corners.Length; index++)
        {
            var (from, side) = (Corners[index], Corners[(index + 1) % Corners.Length] - Corners[index]);
            var length = Math.Sqrt((side.X * side.X) + (side.Y * side.Y));
            if (length > 0 && ((side.X * (shift.Y - from.Y)) - (side.Y * (shift.X - from.X))) / length <= Rim + deep) return false;
        }

        return true;
    }
}
