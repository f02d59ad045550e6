namespace LooseGraft.Core.Feed.Network;

/// <summary>A conductor of the network before it is solved.</summary>
/// <param name="One">One end; current from here to the other end counts as positive.</param>
/// <param name="Other">The other end.</param>
/// <param name="Ohms">What it resists, all that stand side by side in it together.</param>
internal sealed record FeedBranch(int One, int Other, double Ohms)
{
    /// <summary>What passes from <see cref="One"/>; null where nobody asks.</summary>
    public Conductors? From { get; init; }

    /// <summary>What passes into <see cref="Other"/>, where that is another thing; the current counts there as negative.</summary>
    public Conductors? To { get; init; }

    /// <summary>Which conductor of <see cref="From"/> it is, where each is a branch of its own; null where the branch stands for several.</summary>
    public int? FromContact { get; init; }

    /// <summary>The same of <see cref="To"/>.</summary>
    public int? ToContact { get; init; }

    /// <summary>How many stand side by side in it.</summary>
    public int Count { get; init; } = 1;
}
