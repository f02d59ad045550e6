namespace LooseGraft.Core.Model;

/// <summary>How two ports are brought together.</summary>
public enum JointMethod
{
    /// <summary>Pushed together as they are.</summary>
    Straight,

    /// <summary>Through a bought go-between.</summary>
    Adapter,

    /// <summary>Terminals moved within the housing.</summary>
    Repin,

    /// <summary>The lead of the shell cut and joined to another plug.</summary>
    Splice,

    /// <summary>A link soldered on the board.</summary>
    Bridge,

    /// <summary>A lead made from scratch.</summary>
    Rebuild,

    /// <summary>Deliberately not joined.</summary>
    LeaveOff,
}
