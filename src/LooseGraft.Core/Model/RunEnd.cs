namespace LooseGraft.Core.Model;

/// <summary>One end of a lead on a plane: a port of a seated board that has a place, or a fixed place.</summary>
/// <param name="Port">The port; null for a fixed place.</param>
/// <param name="At">The fixed place in the plane's frame; unused where a port is given.</param>
/// <param name="Drop">How far the connector lies above or below the way of the lead, in millimetres; not negative.</param>
public sealed record RunEnd(PortId? Port, PlanPoint At, double Drop)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
