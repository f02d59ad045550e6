namespace LooseGraft.Core.Prove;

/// <summary>Whether the donor's bare board is known to live.</summary>
public enum LifeVerdict
{
    /// <summary>Nobody has started it, or nobody has seen enough.</summary>
    NotProven,

    /// <summary>It gave a picture, or answered.</summary>
    Alive,

    /// <summary>When it was last started it showed nothing.</summary>
    NoSign,
}
