namespace LooseGraft.Core.Feed;

/// <summary>What the machine is doing.</summary>
public enum LoadCase
{
    /// <summary>On, doing nothing.</summary>
    Idle,

    /// <summary>Ordinary use.</summary>
    Typical,

    /// <summary>The most it draws for minutes on end.</summary>
    Peak,
}
