namespace LooseGraft.Core.Facts;

/// <summary>A way to make something cooler.</summary>
public enum CureSort
{
    /// <summary>What covers an opening is taken off.</summary>
    TakeCoverOff,

    /// <summary>A dirty filter is cleaned.</summary>
    CleanFilter,

    /// <summary>A filter is taken out.</summary>
    TakeFilterOut,

    /// <summary>What is shut is opened.</summary>
    OpenShut,

    /// <summary>A plate or cover of ports or cards is left off.</summary>
    LeavePlateOff,

    /// <summary>An opening is cut.</summary>
    CutOpening,

    /// <summary>An opening is cut before a cooler, which draws air through it by a short duct.</summary>
    CutToCooler,

    /// <summary>Slots or holes are cut out to one clear opening.</summary>
    CutOut,

    /// <summary>A fan is turned round.</summary>
    TurnFan,

    /// <summary>A fan is mounted in another opening.</summary>
    MoveFan,

    /// <summary>A fan runs in full.</summary>
    FullSpeed,

    /// <summary>A fan gets fewer volts.</summary>
    SlowFan,

    /// <summary>A larger fan takes its place.</summary>
    LargerFan,

    /// <summary>One more fan in an opening.</summary>
    AnotherFan,

    /// <summary>A fan that only stirs.</summary>
    StirringFan,

    /// <summary>Higher feet.</summary>
    Feet,

    /// <summary>The shell is drawn away from what it stands at.</summary>
    DrawAway,

    /// <summary>A duct brings a cooler air from the room.</summary>
    Duct,

    /// <summary>Another cooler.</summary>
    Cooler,

    /// <summary>A supply stands outside, or breathes with the room alone.</summary>
    TakeOutside,

    /// <summary>A setting holds a part to fewer watts.</summary>
    Cap,
}
