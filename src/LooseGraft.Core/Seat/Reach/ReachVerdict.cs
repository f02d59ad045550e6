namespace LooseGraft.Core.Seat.Reach;

/// <summary>Whether a lead reaches.</summary>
public enum ReachVerdict
{
    /// <summary>With something to spare.</summary>
    Reaches,

    /// <summary>Just.</summary>
    Tight,

    /// <summary>It does not.</summary>
    FallsShort,

    /// <summary>Nobody measured its length.</summary>
    LengthUnknown,

    /// <summary>An end has no place yet.</summary>
    EndUnknown,

    /// <summary>Nothing leads from one end to the other.</summary>
    NoWay,
}
