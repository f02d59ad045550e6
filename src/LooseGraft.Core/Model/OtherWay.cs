using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What could be had in place of a graft: the finished thing, or the work on another donor.</summary>
/// <param name="Id">Unique within the graft.</param>
/// <param name="Name">What the builder calls it.</param>
/// <param name="Price">All that it costs until it runs, in the graft's currency.</param>
public sealed record OtherWay(string Id, string Name, Money Price)
{
    /// <summary>Hours of work until it runs.</summary>
    public decimal Hours { get; init; }

    /// <summary>What it gives and what it does not, as far as money does not tell.</summary>
    public string? Gives { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
