using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Plugs of one kind that an offered supply brings along. The kind tells their shape alone, and nothing of their contacts.</summary>
/// <param name="Type">The kind of connector.</param>
/// <param name="Count">How many, 1 or more.</param>
public sealed record OfferPlug(ConnectorType Type, int Count)
{
    /// <summary>How far the shortest of them reaches; null where nobody said.</summary>
    public Millimetres? Reach { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
