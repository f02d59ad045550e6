namespace LooseGraft.Core.Findings;

/// <summary>How much a finding weighs, lightest first.</summary>
public enum Severity
{
    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>Look before going on; nothing is known to be wrong.</summary>
    Check,

    /// <summary>It will not work until this is changed.</summary>
    Fix,

    /// <summary>Something would be destroyed or someone hurt.</summary>
    Stop,
}
