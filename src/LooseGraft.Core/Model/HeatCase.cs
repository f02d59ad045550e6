namespace LooseGraft.Core.Model;

/// <summary>What the machine is doing, for as long as it takes to get warm.</summary>
public enum HeatCase
{
    /// <summary>On, doing nothing.</summary>
    Idle,

    /// <summary>Ordinary use.</summary>
    Typical,

    /// <summary>The most it takes for minutes on end.</summary>
    Peak,
}
