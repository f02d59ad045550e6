namespace LooseGraft.Core.Model;

/// <summary>What lies between two contacts of one part.</summary>
public enum LinkKind
{
    /// <summary>A conductor for good: a wire of a lead, a link in a block, a track.</summary>
    Wire,

    /// <summary>A contact of a switch that moves while it is held.</summary>
    Momentary,

    /// <summary>A contact of a switch that stays where it is put.</summary>
    Latching,

    /// <summary>A contact that a coil of the same name moves.</summary>
    Relay,

    /// <summary>A fuse: a conductor until more flows than it is made for.</summary>
    Fuse,

    /// <summary>A resistor.</summary>
    Resistor,

    /// <summary>A diode, its anode first.</summary>
    Diode,

    /// <summary>A light-emitting diode, its plus first.</summary>
    Light,

    /// <summary>A lamp with a filament.</summary>
    Lamp,

    /// <summary>The coil of a relay, its plus first.</summary>
    Coil,

    /// <summary>A winding of a transformer that gives alternating current.</summary>
    Winding,

    /// <summary>A converter in an adapter or lead: what it takes first, what it gives second.</summary>
    Step,

    /// <summary>An inverter on a line: what listens first, what drives second. Up at the one is down at the other.</summary>
    Invert,

    /// <summary>A delay on a line: what listens first, what drives second. The second follows the first some time later.</summary>
    Delay,
}
