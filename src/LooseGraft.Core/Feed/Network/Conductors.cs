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
/// <param name="InAll">What they bear together, whatever their number, in amperes; null where nothing of the sort is laid down.</param>
internal sealed record Conductors(
    FeedLimitKey Key, string Name, string Label, Subject Subject, double? Amps, string Note, ContactOhms Contact, double WireOhms = 0, double? InAll = null)
{
    /// <summary>What so many of them bear together without the one that takes most being asked for more than it bears; null where nothing is laid
    /// down.</summary>
    public double? Bear(int count) => Least(Amps / Contact.WorstShare(count, WireOhms), InAll);

    /// <summary>What so many of them would bear together at best, if they shared evenly; null where nothing is laid down.</summary>
    public double? BearAtBest(int count) => Least(Amps * count, InAllAtBest ?? InAll);

    /// <summary>What they may bear together where <see cref="InAll"/> is a guess; null where it is none.</summary>
    public double? InAllAtBest { get; init; }

    private static double? Least(double? one, double? other) => one is { } each && other is { } most ? Math.Min(each, most) : one ?? other;
}
