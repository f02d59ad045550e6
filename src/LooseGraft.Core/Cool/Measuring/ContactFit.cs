using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Measuring;

/// <summary>How many times as hard as such a cooler has it the heat of a part gets into its air.</summary>
/// <param name="Part">The part.</param>
/// <param name="Times">Likely, and what it lies between nine times in ten.</param>
public sealed record ContactFit(string Part, Spread<Factor> Times)
{
    /// <summary>Beyond so many times it is no matter of paste any more: the cooler does not touch (common practice).</summary>
    public const double Most = 2.5;
}
