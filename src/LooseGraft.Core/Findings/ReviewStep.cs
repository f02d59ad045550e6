using System.Globalization;

namespace LooseGraft.Core.Findings;

/// <summary>What a review is at.</summary>
/// <param name="Stage">The stage that looks.</param>
/// <param name="Kind">What it looks at one by one, as in “joint”; empty when it looks at the whole.</param>
/// <param name="Number">Which of them, from 1.</param>
/// <param name="Of">Of how many.</param>
public sealed record ReviewStep(Stage Stage, string Kind, int Number, int Of)
{
    /// <summary>In words, as in “joint 3 of 20”; empty when it looks at the whole.</summary>
    public string Words => Of == 0 ? "" : string.Create(CultureInfo.InvariantCulture, $"{Kind} {Number} of {Of}");
}
