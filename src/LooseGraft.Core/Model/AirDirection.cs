namespace LooseGraft.Core.Model;

/// <summary>Which way a fan blows.</summary>
public enum AirDirection
{
    /// <summary>Into the shell, or along its way from start to end.</summary>
    In,

    /// <summary>Out of it, or back along its way.</summary>
    Out,
}
