using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>How a tray stands on another plane.</summary>
/// <param name="Plane">The plane that it stands on, which stands on none itself.</param>
/// <param name="At">Where the origin of the tray's frame lies in that plane's.</param>
/// <param name="TurnDegrees">How far it is turned, counter-clockwise seen from above.</param>
/// <param name="Height">From that plane to the underside of the tray: its standoffs.</param>
public sealed record PlaneStand(string Plane, PlanPoint At, double TurnDegrees, Millimetres Height)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>A place of the tray in the frame of the plane below.</summary>
    public PlanPoint Place(PlanPoint ofTray) => ofTray.Turned(TurnDegrees) + At;
}
