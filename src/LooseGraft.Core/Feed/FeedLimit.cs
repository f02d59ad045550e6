using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>One limit of a supply and how it fares.</summary>
/// <param name="Key">Which limit of its supply it is.</param>
/// <param name="Name">As a builder says it: <c>+12 V</c>, <c>+3.3 V with +5 V</c>, <c>in all</c>.</param>
/// <param name="Subject">What it belongs to.</param>
/// <param name="RailVoltage">The voltage of a rail; null for shared limits.</param>
/// <param name="Limit">The limit. A rail's limit in amperes is turned into watts at its nominal voltage.</param>
/// <param name="Uses">How it fares at each load case, in the order of <see cref="LoadCase"/>.</param>
/// <param name="Weakest">The weakest fact that the figures rest on.</param>
/// <param name="UnprovenPeak">The part of the high figure at peak that rests on diagrams or assumptions.</param>
public sealed record FeedLimit(
    FeedLimitKey Key, string Name, Subject Subject, Volts? RailVoltage, Known<Watts> Limit, ImmutableArray<FeedUse> Uses,
    Evidence Weakest, Watts UnprovenPeak)
{
    /// <summary>What sort of limit.</summary>
    public FeedLimitKind Kind => Key.Kind;

    /// <summary>The currents that count against it.</summary>
    public ImmutableArray<FeedFlow> Counted { get; init; } = [];

    /// <summary>How it fares in one load case.</summary>
    public FeedUse In(LoadCase loadCase) => Uses[(int)loadCase];

    /// <summary>How much it weighs in one load case; null when the limit carries it.</summary>
    /// <remarks>Beyond a limit in ordinary use a supply is never at rest; beyond it only at peak, it may trip when the work gets hard.</remarks>
    public Severity? SeverityAt(LoadCase loadCase) => (In(loadCase).Verdict, loadCase) switch
    {
        (FeedVerdict.DoesNotCarry, LoadCase.Idle or LoadCase.Typical) => Severity.Stop,
        (FeedVerdict.DoesNotCarry, LoadCase.Peak or LoadCase.Start) => Severity.Fix,
        // What a supply bears for milliseconds stands on few labels, so a spike alone is never more than a check.
        (FeedVerdict.DoesNotCarry, _) or (FeedVerdict.MayNotCarry, not LoadCase.Spike) => Severity.Check,
        _ => null,
    };

    /// <summary>The least that is left at peak: the limit less the high figure.</summary>
    public Watts LeastLeft => In(LoadCase.Peak).Left.Low;

    /// <summary>The least left at peak as a share of the limit: the tightest limit has the smallest. Negative when beyond it.</summary>
    public double LeastShareLeft => Limit.Value.Value > 0 ? LeastLeft / Limit.Value : double.NegativeInfinity;
}
