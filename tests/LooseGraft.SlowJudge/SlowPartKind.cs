namespace LooseGraft.SlowJudge;

/// <summary>What sits behind a signal pin.</summary>
internal enum SlowPartKind
{
    /// <summary>Nothing but a conductor or a leg.</summary>
    Wire,

    /// <summary>An input.</summary>
    Listens,

    /// <summary>An output that drives up and down.</summary>
    Stiff,

    /// <summary>An output that only pulls down.</summary>
    Open,

    /// <summary>An output that now and then drives up and down.</summary>
    InTurn,

    /// <summary>An output behind a resistor.</summary>
    Weak,

    /// <summary>The output of an amplifier.</summary>
    Bridge,
}
