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

    /// <summary>The second in which it starts: drives spin up, fans start, all at once.</summary>
    Start,

    /// <summary>Milliseconds, now and then: what a card takes beyond its peak.</summary>
    Spike,
}
