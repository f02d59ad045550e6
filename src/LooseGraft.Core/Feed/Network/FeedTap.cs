using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Where a current is taken out of the network.</summary>
/// <param name="load">The load that takes it; null for a supply that hangs on another.</param>
/// <param name="draw">What it takes; null for a supply.</param>
/// <param name="feeds">The supply that takes it; null for a load.</param>
internal sealed class FeedTap(Load? load, Draw? draw, Supply? feeds)
{
    /// <summary>The load that takes it; null for a supply that hangs on another.</summary>
    public Load? Load => load;

    /// <summary>What it takes; null for a supply.</summary>
    public Draw? Draw => draw;

    /// <summary>The supply that takes it; null for a load.</summary>
    public Supply? Feeds => feeds;

    /// <summary>The part that takes it.</summary>
    public string Part => load?.Part ?? feeds!.Part;

    /// <summary>The node it is taken at.</summary>
    public int Node { get; set; }

    /// <summary>The node it comes back at.</summary>
    public int Return { get; set; }

    /// <summary>How it hangs there.</summary>
    public FeedHold Hold { get; set; }

    /// <summary>The outlet that mainly feeds it; null where none does.</summary>
    public FeedOutlet? Outlet { get; set; }
}
