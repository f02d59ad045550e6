namespace LooseGraft.Core.Model;

/// <summary>Where a plug comes from.</summary>
public enum PortFacing
{
    /// <summary>From above.</summary>
    Up,

    /// <summary>Over the rear edge.</summary>
    Rear,

    /// <summary>Over the front edge.</summary>
    Front,

    /// <summary>Over the left edge.</summary>
    Left,

    /// <summary>Over the right edge.</summary>
    Right,
}
