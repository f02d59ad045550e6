namespace LooseGraft.Core.Model;

/// <summary>Which side of a space is up.</summary>
public enum ShellTop
{
    /// <summary>The lid: its base lies flat.</summary>
    Lid,

    /// <summary>The rear wall.</summary>
    Rear,

    /// <summary>The front wall.</summary>
    Front,

    /// <summary>The left wall.</summary>
    Left,

    /// <summary>The right wall.</summary>
    Right,
}
