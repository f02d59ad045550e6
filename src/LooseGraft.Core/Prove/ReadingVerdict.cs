namespace LooseGraft.Core.Prove;

/// <summary>What a reading says of the fact it was taken for.</summary>
public enum ReadingVerdict
{
    /// <summary>It fits, and fits nothing that would do harm instead.</summary>
    Confirms,

    /// <summary>The fact cannot be so.</summary>
    Contradicts,

    /// <summary>It fits, but something else would show the same.</summary>
    LeavesOpen,
}
