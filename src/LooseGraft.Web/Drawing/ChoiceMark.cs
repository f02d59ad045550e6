using LooseGraft.Web.Words;

namespace LooseGraft.Web.Drawing;

/// <summary>A choice in the picture of all.</summary>
/// <param name="Card">The choice.</param>
/// <param name="X">The middle of its leaf.</param>
/// <param name="Y">The middle of its leaf.</param>
/// <param name="IsShown">Whether it is looked at.</param>
/// <param name="Notches">How many notches its leaf has.</param>
public sealed record ChoiceMark(ChoiceCard Card, double X, double Y, bool IsShown, int Notches)
{
    /// <summary>Where its words have their middle; null where there is no room for them.</summary>
    public (double X, double Y)? Words { get; init; }

    /// <summary>What is written at it.</summary>
    public string Label => Card.IsEnd ? $"{Card.Name}: {Card.Acts}" : Card.Acts;

    /// <summary>The same and everything else, for those who do not see the picture.</summary>
    public string Told => $"{Label}{(Card.IsEnd ? "" : $", {Card.Name}")}, {Card.Figures}";

    /// <summary>The outline of its leaf: two arcs that meet in a point at either end.</summary>
    public string Outline
    {
        get
        {
            const double half = ChoicePicture.Leaf;
            return FormattableString.Invariant($"M{X - half:0.#} {Y:0.#}Q{X:0.#} {Y - (1.5 * half):0.#} {X + half:0.#} {Y:0.#}Q{X:0.#} {Y + (1.5 * half):0.#} {X - half:0.#} {Y:0.#}Z");
        }
    }

    /// <summary>The cuts across the leaf, side by side.</summary>
    public IEnumerable<double> Cuts => Enumerable.Range(0, Notches).Select(cut => X + ((cut - ((Notches - 1) / 2.0)) * 3.4));
}
