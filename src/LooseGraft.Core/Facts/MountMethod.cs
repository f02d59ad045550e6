namespace LooseGraft.Core.Facts;

/// <summary>Ways of holding a board where no mount meets a hole.</summary>
public enum MountMethod
{
    /// <summary>A standoff is moved to it.</summary>
    Move,

    /// <summary>A hole is drilled and tapped for a standoff.</summary>
    DrillAndTap,

    /// <summary>A bolt goes through, with a nut behind.</summary>
    ThroughBolt,

    /// <summary>A threaded insert is set into the plane.</summary>
    Insert,

    /// <summary>A pillar is glued on.</summary>
    AdhesivePillar,

    /// <summary>A plastic stud is snapped in.</summary>
    PlasticStud,

    /// <summary>Cable ties hold it.</summary>
    Tie,

    /// <summary>A tray that has the right mounts is put in between.</summary>
    Tray,

    /// <summary>It is left without support, knowingly.</summary>
    LeftFree,
}
