using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Feed.Network;

/// <summary>Conductors side by side that a branch of the network stands for: what they belong to, and what each of them bears.</summary>
/// <param name="Key">What they belong to, without the rail, which is known only once the network stands.</param>
/// <param name="Name">As a builder says it, after the name of the rail: <c>at p1 of drive lead</c>.</param>
/// <param name="Label">The same in a word or two: <c>p1</c>, <c>drive lead</c>.</param>
/// <param name="Subject">What a finding about them is about.</param>
/// <param name="Amps">What one of them bears, in amperes; null where nothing is laid down.</param>
/// <param name="Note">One of them, for example <c>contact of 5 A</c>, or what they bear together.</param>
/// <param name="Contact">What a contact of theirs resists.</param>
/// <param name="WireOhms">What the wire of one of them resists; 0 where its length is not known.</param>
internal sealed record Conductors(
    FeedLimitKey Key, string Name, string Label, Subject Subject, double? Amps, string Note, ContactOhms Contact, double WireOhms = 0)
{
    /// <summary>What they bear together, whatever their number; null where nothing of the sort is laid down.</summary>
    public PortBound? Bound { get; init; }

    /// <summary>Where <see cref="Amps"/> is known from.</summary>
    public Evidence Evidence { get; init; } = Evidence.Assumed;

    /// <summary>What so many of them bear without the one that takes most being asked for more than it bears; null where nothing is laid down.</summary>
    public double? Bear(int count) => Amps / Contact.WorstShare(count, WireOhms);

    /// <summary>What so many of them would bear at best, if they shared evenly; null where nothing is laid down.</summary>
    public double? BearAtBest(int count) => Amps * count;
}
