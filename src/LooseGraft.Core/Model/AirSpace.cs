namespace LooseGraft.Core.Model;

/// <summary>One space of a shell, whose air is taken as mixed.</summary>
/// <param name="Id">That of the plane of Seat which it lies over, or one of its own.</param>
/// <param name="Name">What a builder calls it.</param>
public sealed record AirSpace(string Id, string Name)
{
    /// <summary>How large it is; null for what Seat says of its plane, or for what nobody measured.</summary>
    public SpaceSize? Size { get; init; }

    /// <summary>What its sides are made of; null for what Seat says, or for steel.</summary>
    public PlaneMaterial? Material { get; init; }

    /// <summary>Which side of it is up.</summary>
    public ShellTop Top { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
