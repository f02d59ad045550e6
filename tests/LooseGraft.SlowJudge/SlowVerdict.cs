namespace LooseGraft.SlowJudge;

/// <summary>What a graft comes to.</summary>
public enum SlowVerdict
{
    /// <summary>Everything gets what it is made for.</summary>
    Sound,

    /// <summary>Nothing dies, and something does not work.</summary>
    Dead,

    /// <summary>Something dies.</summary>
    Harm,
}
