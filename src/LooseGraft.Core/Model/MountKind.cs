namespace LooseGraft.Core.Model;

/// <summary>What stands on a plane.</summary>
public enum MountKind
{
    /// <summary>A pillar with a thread.</summary>
    Standoff,

    /// <summary>A threaded bolt that stands up.</summary>
    Stud,

    /// <summary>A place where the sheet is pressed up.</summary>
    Bump,

    /// <summary>A tongue of the sheet that is bent up.</summary>
    Tab,

    /// <summary>A bar or fold across.</summary>
    Brace,

    /// <summary>A hollow pillar that a screw cuts its own thread into.</summary>
    Boss,
}
