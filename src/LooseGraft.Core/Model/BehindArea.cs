using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Where something lies behind a plane.</summary>
/// <param name="Name">What a builder calls it.</param>
/// <param name="Area">Where, in the plane's frame.</param>
/// <param name="Free">How much is free between the plane and it.</param>
/// <param name="Kind">What it is.</param>
public sealed record BehindArea(string Name, PlanRectangle Area, Millimetres Free, BehindKind Kind)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
