namespace LooseGraft.Core.Facts;

/// <summary>Which half of a connector pair this is.</summary>
public enum Gender
{
    /// <summary>Pins.</summary>
    Male,

    /// <summary>Sockets.</summary>
    Female,
}
