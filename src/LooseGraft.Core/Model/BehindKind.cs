namespace LooseGraft.Core.Model;

/// <summary>What lies behind a plane.</summary>
public enum BehindKind
{
    /// <summary>Something that a drill spoils: a board, a lead, a drive.</summary>
    Thing,

    /// <summary>A battery: pierced, it burns.</summary>
    Battery,

    /// <summary>Something that carries mains or high voltage: a supply, a picture tube, an inverter.</summary>
    Mains,
}
