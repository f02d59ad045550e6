using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>The most a supply may give in all.</summary>
/// <param name="Limit">The limit.</param>
public sealed record TotalLimit(Known<Watts> Limit)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
