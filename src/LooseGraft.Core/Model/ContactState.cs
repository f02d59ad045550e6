namespace LooseGraft.Core.Model;

/// <summary>What is physically there at a position.</summary>
public enum ContactState
{
    /// <summary>A contact with a conductor behind it.</summary>
    Wired,

    /// <summary>A contact of the right shape with no conductor behind it.</summary>
    Unwired,

    /// <summary>Nothing: a pin left out, or a cavity without a terminal.</summary>
    Absent,

    /// <summary>A filled cavity, which a pin cannot enter.</summary>
    Blocked,
}
