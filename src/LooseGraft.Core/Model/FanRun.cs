namespace LooseGraft.Core.Model;

/// <summary>What decides how fast a fan turns.</summary>
public enum FanRun
{
    /// <summary>The voltage at its plug: all of it, always.</summary>
    Full,

    /// <summary>A board, by how hot its processor is.</summary>
    Board,
}
