namespace LooseGraft.Core.Circuit;

/// <summary>Two contacts that are joined.</summary>
/// <param name="One">Index of a contact.</param>
/// <param name="Other">Index of the other.</param>
/// <param name="Kind">By what.</param>
/// <param name="Owner">Id of the joint, or of the part, that joins them.</param>
public sealed record Join(int One, int Other, JoinKind Kind, string Owner)
{
    /// <summary>The contact at the other end.</summary>
    public int From(int end) => end == One ? Other : One;

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(One, Other, Kind);
}
