namespace LooseGraft.Core.Model;

/// <summary>What joins a board's ground to the metal it sits on, where no screw does.</summary>
public enum BoardGround
{
    /// <summary>A short lead with a ring tag at each end.</summary>
    Lead,

    /// <summary>A spring or a strip of conductive foam between them.</summary>
    Spring,

    /// <summary>The shields of its ports, pressed against bare metal round them.</summary>
    Shields,
}
