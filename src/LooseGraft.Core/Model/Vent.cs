using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Model;

/// <summary>What covers an opening that Seat knows, for air.</summary>
/// <param name="Plane">The plane.</param>
/// <param name="Opening">The opening of it.</param>
/// <param name="Cover">What is in it.</param>
public sealed record Vent(string Plane, string Opening, AirCover Cover)
{
    /// <summary>The share of it that is free, above 0 and at most 1, where somebody measured it; null for what the cover usually leaves.</summary>
    public double? FreeShare { get; init; }

    /// <summary>The dust filter in it.</summary>
    public AirFilter Filter { get; init; }

    /// <summary>Whether it is shut: by a plate, a plug, a bracket.</summary>
    public bool IsShut { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
