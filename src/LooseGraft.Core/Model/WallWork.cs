namespace LooseGraft.Core.Model;

/// <summary>What the machine was doing while the wall meter was read.</summary>
public enum WallWork
{
    /// <summary>Plugged in, off.</summary>
    Standby,

    /// <summary>On, doing nothing.</summary>
    Idle,

    /// <summary>Ordinary use.</summary>
    Typical,

    /// <summary>All it can do, for minutes.</summary>
    Peak,
}
