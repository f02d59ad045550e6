using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>How things are moved on a plane: quarter turns about a place, then along.</summary>
/// <param name="By">How far along, in millimetres.</param>
/// <param name="Turns">Quarter turns counter-clockwise, from 0 to 3.</param>
/// <param name="About">The place that stays where it is while they are turned.</param>
public readonly record struct ShellShift(PlanPoint By, int Turns = 0, PlanPoint About = default)
{
    // Counter-clockwise, as a quarter turn goes.
    private static readonly PortFacing[] Round = [PortFacing.Rear, PortFacing.Right, PortFacing.Front, PortFacing.Left];

    /// <summary>Where a place comes to lie, to the hundredth of a millimetre.</summary>
    public PlanPoint Of(PlanPoint place)
    {
        var moved = About + (place - About).Turned(90 * Turns) + By;
        return new PlanPoint(Math.Round(moved.X, 2), Math.Round(moved.Y, 2));
    }

    /// <summary>Where a rectangle comes to lie.</summary>
    public PlanRectangle Of(PlanRectangle area)
    {
        var middle = About + (area.Middle - About).Turned(90 * Turns) + By;
        var (width, depth) = Turns % 2 == 0 ? (area.Width, area.Depth) : (area.Depth, area.Width);
        return new PlanRectangle(Math.Round(middle.X - (width / 2), 2), Math.Round(middle.Y - (depth / 2), 2), width, depth);
    }

    /// <summary>Where an opening comes to lie; one in a wall goes along it and stays in it.</summary>
    public Opening Of(Opening opening) => opening with
    {
        Area = opening.Wall switch
        {
            PlaneWall.Floor => Of(opening.Area),
            PlaneWall.Rear or PlaneWall.Front => opening.Area with { X = Math.Round(opening.Area.X + By.X, 2) },
            _ => opening.Area with { X = Math.Round(opening.Area.X + By.Y, 2) },
        },
    };

    /// <summary>Where a port comes to lie, and where its plug then comes from.</summary>
    public PortPlace Of(PortPlace place)
        => place with { At = Of(place.At), Faces = place.Faces == PortFacing.Up ? place.Faces : Round[(Array.IndexOf(Round, place.Faces) + Turns) % 4] };

    /// <summary>Where an end of a lead comes to lie; one at a port stays there.</summary>
    public RunEnd Of(RunEnd end) => end.Port is null ? end with { At = Of(end.At) } : end;
}
