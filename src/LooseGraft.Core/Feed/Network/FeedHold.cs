namespace LooseGraft.Core.Feed.Network;

/// <summary>How a part hangs on what feeds it.</summary>
public enum FeedHold
{
    /// <summary>Joints lead to it.</summary>
    Joined,

    /// <summary>No joint leads to it; it is counted by the way that is meant.</summary>
    Meant,

    /// <summary>No joint leads to it, and nobody said by what plug: it is counted at the supply itself.</summary>
    NotWired,

    /// <summary>What leads to it is shorted or fed by two voltages: it is counted at the supply itself until that is mended.</summary>
    NotSolved,
}
