using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>Which space a part is in.</summary>
internal static class ScenePlaces
{
    /// <summary>Index of the space that a part heats: where somebody said, else where its box or seat is, else the first; -1 for outside the shell, where
    /// bricks are unless somebody says otherwise.</summary>
    public static int SpaceOf(Graft graft, Part part, List<CoolSpace> spaces)
    {
        if (graft.Cooling.Places.FirstOrDefault(place => place.Part == part.Id) is { } said)
            return said.Space is { } space ? spaces.FindIndex(each => each.Id == space) : -1;
        if (part.Kind == PartKind.Brick || spaces.Count == 0) return -1;
        var on = graft.Seating.Boxes.FirstOrDefault(box => box.Part == part.Id)?.On ?? graft.Seating.SeatOf(part.Id)?.Plane;
        return Math.Max(SpaceOn(graft, on, spaces), 0);
    }

    /// <summary>Index of the space over a plane, or of what is on a board; -1 where there is none.</summary>
    public static int SpaceOn(Graft graft, string? on, List<CoolSpace> spaces)
    {
        // A box on a board is where the board is; a tray is in the space of what it stands on.
        if (on is not null && graft.Seating.SeatOf(on) is { } seat) on = seat.Plane;
        if (on is not null && graft.Seating.FindPlane(on)?.Stand is { } stand) on = stand.Plane;
        return spaces.FindIndex(each => each.Id == on);
    }
}
