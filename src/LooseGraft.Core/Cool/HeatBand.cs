namespace LooseGraft.Core.Cool;

/// <summary>How a thing fares against its limits, coolest first.</summary>
public enum HeatBand
{
    /// <summary>It may stay so for years.</summary>
    Comfortable,

    /// <summary>Warmer than that.</summary>
    Warm,

    /// <summary>It slows down, or its label no longer holds.</summary>
    Throttles,

    /// <summary>It switches off or is harmed.</summary>
    Harmed,
}
