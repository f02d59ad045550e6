namespace LooseGraft.Core.Model;

/// <summary>What was done to a switch while it was measured.</summary>
public enum SwitchAct
{
    /// <summary>Nothing: it stands as it was found.</summary>
    AtRest,

    /// <summary>Held down.</summary>
    Held,

    /// <summary>Pressed once and let go.</summary>
    PressedOnce,

    /// <summary>Pressed twice and let go.</summary>
    PressedTwice,
}
