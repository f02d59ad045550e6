namespace LooseGraft.Core.Facts;

/// <summary>What sort of thing a contact carries; the contact rules speak of families, not of single signals.</summary>
public enum SignalFamily
{
    /// <summary>Nobody knows yet.</summary>
    Unknown,

    /// <summary>Deliberately nothing: "not connected".</summary>
    None,

    /// <summary>A supply voltage.</summary>
    Supply,

    /// <summary>The common return.</summary>
    Ground,

    /// <summary>One side of a switch contact, or the input that a switch pulls.</summary>
    Switch,

    /// <summary>One side of an indicator light, or the output that drives it.</summary>
    Light,

    /// <summary>An input that must see a certain level, or firmware objects.</summary>
    Sense,

    /// <summary>Something that must be held at a level before the other end powers up.</summary>
    Enable,

    /// <summary>Universal serial bus data.</summary>
    Usb,

    /// <summary>Sound.</summary>
    Audio,

    /// <summary>Fan tacho or fan control.</summary>
    Fan,

    /// <summary>A picture signal.</summary>
    Video,

    /// <summary>Serial data other than USB.</summary>
    Serial,

    /// <summary>A row or column of a key matrix.</summary>
    Matrix,

    /// <summary>A high-speed lane.</summary>
    Lane,

    /// <summary>Any other signal, named by the builder.</summary>
    Other,
}
