namespace LooseGraft.Core.Seat.Standing;

/// <summary>What lies under a board.</summary>
public enum BeneathKind
{
    /// <summary>A mount that holds it nowhere.</summary>
    Mount,

    /// <summary>A box.</summary>
    Box,

    /// <summary>The plane itself.</summary>
    Plane,
}
