namespace LooseGraft.Core.Model;

/// <summary>What an instrument is set to.</summary>
public enum MeterMode
{
    /// <summary>Direct voltage.</summary>
    VoltsDc,

    /// <summary>Resistance.</summary>
    Ohms,

    /// <summary>Continuity: it beeps when the probes are joined.</summary>
    Beep,

    /// <summary>Diode test: it shows the forward voltage.</summary>
    Diode,

    /// <summary>A caliper or a rule.</summary>
    Length,
}
