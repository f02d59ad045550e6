using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What a cooler is screwed or clipped to: four holes on a rectangle, or two lugs in a line.</summary>
/// <param name="Across">From middle to middle: the longer side, or from lug to lug.</param>
/// <param name="Along">The other side; null for two lugs.</param>
public sealed record HolePattern(Millimetres Across, Millimetres? Along)
{
    /// <summary>Screws go into holes that are so far off, in millimetres: holes of 4 mm for screws of 3 (common practice).</summary>
    public const double Play = 1;

    /// <summary>Whether one goes on the other, turned by a quarter where that helps.</summary>
    public bool Meets(HolePattern other)
    {
        if (Along is not { } along || other.Along is not { } there) return Along is null && other.Along is null && Near(Across, other.Across);
        return (Near(Across, other.Across) && Near(along, there)) || (Near(Across, there) && Near(along, other.Across));
    }

    /// <summary>For example <c>75 × 75 mm</c>, or <c>two lugs, 98 mm</c>.</summary>
    public override string ToString()
        => Along is { } along ? FormattableString.Invariant($"{Across.Value:0.#} × {along.Value:0.#} mm") : FormattableString.Invariant($"two lugs, {Across.Value:0.#} mm");

    private static bool Near(Millimetres one, Millimetres other) => Math.Abs(one.Value - other.Value) <= Play;
}
