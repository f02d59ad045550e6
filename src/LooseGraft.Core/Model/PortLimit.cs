using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a port bears without end, as its maker says it or as somebody found: at least one of the two figures.</summary>
/// <param name="Amps">Of each of its rails by itself, in amperes, more than 0; null when nobody said.</param>
/// <param name="Power">Of all its rails together, in watts, more than 0; null when nobody said.</param>
/// <param name="Evidence">Where that is known from.</param>
public sealed record PortLimit(Amps? Amps, Watts? Power, Evidence Evidence)
{
    /// <summary>Where it was found.</summary>
    public string? Note { get; init; }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The figures with their units, for example <c>35 W</c> or <c>3 A</c>.</summary>
    public override string ToString() => string.Join(", ", new[] { Amps?.ToString(), Power?.ToString() }.OfType<string>());
}
