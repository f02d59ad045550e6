namespace LooseGraft.Core.Facts;

/// <summary>What a sort of cooler is held by.</summary>
public enum CoolerMount
{
    /// <summary>It is made for its one machine, card or drive.</summary>
    Own,

    /// <summary>It is stuck or clipped on a bare chip.</summary>
    Bare,

    /// <summary>Holes, lugs or posts round a socket.</summary>
    Socket,
}
