namespace LooseGraft.Core.Model;

/// <summary>What to watch when a bare board is started.</summary>
public enum WatchPoint
{
    /// <summary>Fans turn.</summary>
    Fans,

    /// <summary>Lights come on.</summary>
    Lights,

    /// <summary>It beeps.</summary>
    Beeps,

    /// <summary>A picture appears, or it answers over a network or a serial line.</summary>
    Picture,

    /// <summary>It stays on for ten minutes.</summary>
    StaysOn,
}
