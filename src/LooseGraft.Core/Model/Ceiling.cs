using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A region of a plane under which no more than a height is free.</summary>
/// <param name="Name">What comes down there: a brace, a record deck.</param>
/// <param name="Area">Where, in the plane's frame.</param>
/// <param name="Height">How much is free above the plane.</param>
public sealed record Ceiling(string Name, PlanRectangle Area, Millimetres Height)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
