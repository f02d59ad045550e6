namespace LooseGraft.Core.Facts;

/// <summary>What keeps a connector from going on any way but the right one.</summary>
public enum Keying
{
    /// <summary>Nothing: it goes on turned or shifted.</summary>
    None,

    /// <summary>A missing pin against a blocked cavity.</summary>
    KeyPin,

    /// <summary>A wall with a notch.</summary>
    Shroud,

    /// <summary>Cavities or a body of unequal shape.</summary>
    Contour,
}
