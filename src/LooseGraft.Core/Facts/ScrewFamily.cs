namespace LooseGraft.Core.Facts;

/// <summary>What a screw's thread is made for.</summary>
public enum ScrewFamily
{
    /// <summary>A thread of its own sort waits for it, in metal or in an insert.</summary>
    Machine,

    /// <summary>It cuts its thread into plastic or thin sheet.</summary>
    SelfTapping,

    /// <summary>It cuts its thread into wood.</summary>
    Wood,
}
