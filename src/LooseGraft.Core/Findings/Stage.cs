namespace LooseGraft.Core.Findings;

/// <summary>The stages of the work, in working order.</summary>
public enum Stage
{
    /// <summary>What there is, and what the old case did for it.</summary>
    Stock,

    /// <summary>What is known for certain.</summary>
    Prove,

    /// <summary>How the board sits in the shell.</summary>
    Seat,

    /// <summary>How ports meet.</summary>
    Wire,

    /// <summary>What the supply carries.</summary>
    Feed,

    /// <summary>How the heat gets out.</summary>
    Cool,

    /// <summary>What is bought and spent.</summary>
    Buy,

    /// <summary>In which order it goes together.</summary>
    Build,

    /// <summary>First power, and what to do when nothing happens.</summary>
    Wake,

    /// <summary>What happened, for the next time.</summary>
    Log,

    /// <summary>Upgrades under the limits that are left.</summary>
    Grow,
}
