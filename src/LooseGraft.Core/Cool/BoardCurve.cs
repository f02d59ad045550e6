namespace LooseGraft.Core.Cool;

/// <summary>How fast boards let their fans turn, by how hot the chip is.</summary>
/// <remarks>Assumed, as boards differ: 30 % up to 45 °C, rising straight to full speed at 80 °C (common practice).</remarks>
public static class BoardCurve
{
    /// <summary>The least share of full speed.</summary>
    public const double Least = 0.3;

    /// <summary>Up to here they turn slowest, in degrees Celsius.</summary>
    public const double Quiet = 45;

    /// <summary>From here they turn in full.</summary>
    public const double Loud = 80;

    /// <summary>The share of full speed at a temperature; full where the sensor is missing.</summary>
    /// <param name="celsius">The chip; not a number for no sensor.</param>
    public static double ShareAt(double celsius)
        => double.IsNaN(celsius) ? 1 : Math.Clamp(Least + ((1 - Least) * (celsius - Quiet) / (Loud - Quiet)), Least, 1);
}
