using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat;

/// <summary>What a hole of a seated board meets.</summary>
/// <param name="Number">Its place in the board's list, from 1.</param>
/// <param name="Hole">The hole.</param>
/// <param name="At">Where it lies in the plane's frame.</param>
/// <param name="Mount">The mount that holds it; null when none does.</param>
/// <param name="Under">What stands under it without a thread, and carries the board there; null for nothing.</param>
/// <param name="Method">What holds it instead, as decided; null when nothing is decided.</param>
/// <param name="NearestOff">How far the nearest mount that takes a screw is off, in millimetres; null when there is none.</param>
public sealed record HoleMeeting(int Number, MountHole Hole, PlanPoint At, Mount? Mount, Mount? Under, MountMethod? Method, double? NearestOff)
{
    /// <summary>Whether anything holds the board here.</summary>
    public bool IsHeld => Mount is not null || Method is not (null or MountMethod.LeftFree);

    /// <summary>How a builder calls it.</summary>
    public string Name => string.Create(System.Globalization.CultureInfo.InvariantCulture, $"h{Number}");
}
