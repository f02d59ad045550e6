namespace LooseGraft.Core.Facts;

/// <summary>What sort of thing a part is.</summary>
public enum PartKind
{
    /// <summary>A main board or single-board computer.</summary>
    Board,

    /// <summary>A supply inside the shell.</summary>
    Supply,

    /// <summary>An external brick.</summary>
    Brick,

    /// <summary>A DC-DC converter.</summary>
    Converter,

    /// <summary>A drive of any sort.</summary>
    Drive,

    /// <summary>A plug-in card.</summary>
    Card,

    /// <summary>A fan.</summary>
    Fan,

    /// <summary>A cooler.</summary>
    Cooler,

    /// <summary>A lead or a bundle of leads.</summary>
    Lead,

    /// <summary>A go-between with a plug at one end and a socket at the other.</summary>
    Adapter,

    /// <summary>Switches, keys and lights of the shell.</summary>
    Panel,

    /// <summary>A speaker.</summary>
    Speaker,

    /// <summary>A microcontroller board.</summary>
    Microcontroller,

    /// <summary>A switch or a key by itself.</summary>
    Switch,

    /// <summary>A lamp or an indicator light.</summary>
    Lamp,

    /// <summary>A box that power passes through and that has a limit of its own.</summary>
    PassThrough,

    /// <summary>Anything else.</summary>
    Other,
}
