using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Feed.Network;

/// <summary>A place that current of one rail passes: contacts of one port, or wires of one lead.</summary>
/// <param name="Conductors">What passes it.</param>
/// <param name="Rail">The rail, or <c>ground</c>.</param>
internal sealed record FeedPlace(Conductors Conductors, string Rail)
{
    private readonly HashSet<int> _contacts = [];
    private int _count;

    /// <summary>The branches that pass it, by their number in the network, whether what flows along each counts as positive, and the contact it passes; null
    /// where it stands for several.</summary>
    public List<(int Branch, int Sign, int? Contact)> Branches { get; } = [];

    /// <summary>How many conductors it has side by side.</summary>
    public int Count => Math.Max(_contacts.Count, _count);

    /// <summary>Which limit it is.</summary>
    public FeedLimitKey Key => Conductors.Key with { Rail = Rail };

    /// <summary>What it bears, in amperes, and whence that is known; null where nothing is laid down.</summary>
    /// <param name="isTaker">Whether current is taken there, rather than given on.</param>
    public Known<double>? Bears(bool isTaker)
    {
        var (each, all) = (Conductors.Bear(Count), InAll(isTaker));
        if (all is { } most && !(each < most)) return new Known<double>(most, Conductors.Bound!.Evidence, Conductors.Bound.Note);
        var note = Count == 1 ? $"one {Conductors.Note}" : $"{Count} × {Conductors.Note}, shared unevenly";
        return each is { } amps ? new Known<double>(amps, Conductors.Evidence, note) : null;
    }

    /// <summary>What it would bear at best, if its conductors shared evenly, in amperes.</summary>
    /// <param name="isTaker">Whether current is taken there, rather than given on.</param>
    public double? BearsAtBest(bool isTaker)
        => Conductors.BearAtBest(Count) is { } each && InAll(isTaker) is { } all ? Math.Min(each, all) : Conductors.BearAtBest(Count) ?? InAll(isTaker);

    private double? InAll(bool isTaker) => Conductors.Bound?.AmpsOf(Rail, isTaker);

    /// <summary>Adds a branch that passes it.</summary>
    public void Add(int branch, int sign, int? contact, int count)
    {
        Branches.Add((branch, sign, contact));
        if (contact is { } known) _contacts.Add(known);
        else _count += count;
    }
}
