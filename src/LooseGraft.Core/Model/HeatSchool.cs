namespace LooseGraft.Core.Model;

/// <summary>The four schools of judging whether the heat gets out.</summary>
public enum HeatSchool
{
    /// <summary>The watts that the shell's maker prints.</summary>
    Printed,

    /// <summary>By how much the air of all fans gets warmer: watts over 1206 times their flow.</summary>
    Thumb,

    /// <summary>The air worked out way by way.</summary>
    Network,

    /// <summary>What was read.</summary>
    Measured,
}
