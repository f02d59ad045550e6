using LooseGraft.Core.Cool;

namespace LooseGraft.Web.Words;

/// <summary>How what gets warm is worded.</summary>
public static class CoolWords
{
    /// <summary>A band in a few words.</summary>
    public static string Words(this HeatBand band) => band switch
    {
        HeatBand.Comfortable => "stays under what it stands for years",
        HeatBand.Warm => "warmer than it stands for years",
        HeatBand.Throttles => "slows down",
        HeatBand.Harmed => "switches off or is harmed",
        _ => throw new ArgumentOutOfRangeException(nameof(band), band, null),
    };

    /// <summary>The shape of a band.</summary>
    public static string Shape(this HeatBand band) => band switch
    {
        HeatBand.Comfortable => "fine",
        HeatBand.Warm => "check",
        HeatBand.Throttles => "fix",
        _ => "stop",
    };
}
