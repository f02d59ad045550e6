using LooseGraft.Core.Cool;

namespace LooseGraft.Web.Words;

/// <summary>How what gets warm is worded.</summary>
public static class CoolWords
{
    /// <summary>The shape of a band.</summary>
    public static string Shape(this HeatBand band) => band switch
    {
        HeatBand.Comfortable => "fine",
        HeatBand.Warm => "check",
        HeatBand.Throttles => "fix",
        _ => "stop",
    };
}
