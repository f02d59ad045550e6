namespace LooseGraft.Core.Circuit;

/// <summary>Two contacts that are joined.</summary>
/// <param name="One">Index of a contact.</param>
/// <param name="Other">Index of the other.</param>
/// <param name="Kind">By what.</param>
/// <param name="Owner">Id of the joint, or of the part, that joins them.</param>
public sealed record Join(int One, int Other, JoinKind Kind, string Owner)
{
    /// <summary>What moves a contact: its switch or its coil; contacts that one thing moves share it. Null for what does not move.</summary>
    public string? Mover { get; init; }

    /// <summary>Whether a contact that moves is closed at rest, and opens then.</summary>
    public bool IsClosedAtRest { get; init; }

    /// <summary>Whether a contact that moves is closed while others of its mover still are.</summary>
    public bool Overlaps { get; init; }

    /// <summary>Whether it conducts while nobody presses and no coil pulls.</summary>
    public bool IsMadeAtRest => Kind != JoinKind.Switch && (Kind != JoinKind.Throw || IsClosedAtRest);

    /// <summary>The contact at the other end.</summary>
    public int From(int end) => end == One ? Other : One;

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(One, Other, Kind);
}
