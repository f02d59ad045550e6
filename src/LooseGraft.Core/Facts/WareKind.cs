namespace LooseGraft.Core.Facts;

/// <summary>What sort of thing is needed, owned or offered.</summary>
public enum WareKind
{
    /// <summary>A usual part, by the id of its template.</summary>
    Part,

    /// <summary>One part of a graft, by its id: what a seller offers for exactly that.</summary>
    ForPart,

    /// <summary>One joint of a graft, by its id: a go-between that a seller offers for exactly that.</summary>
    ForJoint,

    /// <summary>A screw or bolt.</summary>
    Screw,

    /// <summary>A standoff, pillar or spacer that a screw goes into or through.</summary>
    Standoff,

    /// <summary>A nut with its washer.</summary>
    Nut,

    /// <summary>A threaded insert for wood or plastic.</summary>
    Insert,

    /// <summary>A plastic stud.</summary>
    Stud,

    /// <summary>A cable tie.</summary>
    Tie,

    /// <summary>Glue.</summary>
    Glue,

    /// <summary>Sheet to make a plate or a tray of.</summary>
    Sheet,

    /// <summary>A rubber pin, ring or bush.</summary>
    Grommet,

    /// <summary>Heat paste.</summary>
    Paste,

    /// <summary>A fuse with its holder.</summary>
    Fuse,

    /// <summary>Wire.</summary>
    Wire,

    /// <summary>A crimp terminal.</summary>
    Terminal,

    /// <summary>The body of a plug or socket.</summary>
    Housing,

    /// <summary>Heat-shrink tube.</summary>
    HeatShrink,

    /// <summary>Solder.</summary>
    Solder,

    /// <summary>A lead that makes another longer, by its connector.</summary>
    Extension,

    /// <summary>A tool.</summary>
    Tool,

    /// <summary>Anything else, in words.</summary>
    Other,
}
