using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A limit that several rails share.</summary>
/// <param name="Rails">Names of the rails.</param>
/// <param name="Limit">The most they may carry together.</param>
public sealed record CombinedLimit(ValueList<string> Rails, Known<Watts> Limit)
{
    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
