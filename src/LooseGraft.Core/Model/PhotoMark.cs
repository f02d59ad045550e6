namespace LooseGraft.Core.Model;

/// <summary>A pin marked on a photograph.</summary>
/// <param name="Position">The pin's position.</param>
/// <param name="X">Share of the width from the left edge, 0 to 1.</param>
/// <param name="Y">Share of the height from the upper edge, 0 to 1.</param>
public sealed record PhotoMark(int Position, double X, double Y)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
