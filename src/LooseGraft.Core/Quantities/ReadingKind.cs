namespace LooseGraft.Core.Quantities;

/// <summary>What sort of thing an instrument said.</summary>
public enum ReadingKind
{
    /// <summary>A figure without a unit; the mode of the meter says what it means.</summary>
    Bare,

    /// <summary>Volts.</summary>
    Volts,

    /// <summary>Ohms.</summary>
    Ohms,

    /// <summary>Amperes.</summary>
    Amps,

    /// <summary>Watts.</summary>
    Watts,

    /// <summary>Millimetres.</summary>
    Length,

    /// <summary>The meter beeped: the probes are joined.</summary>
    Beep,

    /// <summary>The meter stayed silent.</summary>
    NoBeep,

    /// <summary>Beyond the meter's range, shown as <c>OL</c>: open, as far as the meter can tell.</summary>
    OverRange,
}
