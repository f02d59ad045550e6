namespace LooseGraft.Core.Model;

/// <summary>Where a part heats the air, if not where Seat has it.</summary>
/// <param name="Part">The part.</param>
/// <param name="Space">The space; null for outside the shell.</param>
public sealed record HeatPlace(string Part, string? Space)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
