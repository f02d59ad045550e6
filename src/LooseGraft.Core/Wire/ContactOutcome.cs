namespace LooseGraft.Core.Wire;

/// <summary>What comes of two pins that are brought together.</summary>
public enum ContactOutcome
{
    /// <summary>Nothing meets nothing that matters.</summary>
    Idle,

    /// <summary>As it should be.</summary>
    Right,

    /// <summary>A pin runs into a filled cavity.</summary>
    Blocked,

    /// <summary>A contact of the right shape with no conductor.</summary>
    Unwired,

    /// <summary>Something is wrong between them; <see cref="ContactJudgement.Conflict"/> says what.</summary>
    Wrong,
}
