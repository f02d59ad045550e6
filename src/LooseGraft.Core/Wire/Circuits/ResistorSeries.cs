using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Circuits;

/// <summary>The resistors that shops sell: the E24 values of IEC 60063, from 10 ohm to 1 megohm.</summary>
public static class ResistorSeries
{
    // IEC 60063, E24 (tolerance 5 %).
    private static readonly double[] Steps = [
        1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8, 7.5, 8.2, 9.1];

    // The sizes that hobby shops sell, in watts.
    private static readonly double[] Ratings = [0.25, 0.5, 1, 2, 5];

    /// <summary>Every value, smallest first.</summary>
    public static ImmutableArray<Ohms> All { get; } =
        [.. from decade in Enumerable.Range(1, 5) from step in Steps let ohms = Math.Round(step * Math.Pow(10, decade), 6) where ohms <= 1e6
            select new Ohms(ohms), new Ohms(1e6)];

    /// <summary>The smallest value that is not below a resistance; null beyond the series.</summary>
    public static Ohms? AtLeast(Ohms least)
    {
        foreach (var value in All)
        {
            if (value.Value >= least.Value * (1 - 1e-9)) return value;
        }

        return null;
    }

    /// <summary>The smallest rating that bears a power at half its figure, so that it stays cool to the touch; null beyond 5 W.</summary>
    public static Watts? RatingFor(Watts power)
        => Ratings.Where(rating => rating >= 2 * power.Value).Select(rating => (Watts?)new Watts(rating)).FirstOrDefault();
}
