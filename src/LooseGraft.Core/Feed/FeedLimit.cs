using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Network;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>One limit of the chain and how it fares.</summary>
/// <param name="Key">Which limit of its supply it is.</param>
/// <param name="Name">As a builder says it: <c>+12 V</c>, <c>+3.3 V with +5 V</c>, <c>in all</c>, <c>+5 V at p1 of drive lead</c>.</param>
/// <param name="Subject">What it belongs to.</param>
/// <param name="RailVoltage">The voltage of its rail; null for what rails share, and on the way back.</param>
/// <param name="Limit">The limit: in watts for what a supply gives, in amperes for what a conductor bears. A rail's limit in amperes is turned into watts at
/// its nominal voltage.</param>
/// <param name="Counted">The currents that count against it.</param>
/// <param name="Uses">How it fares at each load case, in the order of <see cref="LoadCase"/>.</param>
/// <param name="Weakest">The weakest fact that the figures rest on.</param>
/// <param name="UnprovenPeak">The part of the high figure at peak that rests on diagrams or assumptions.</param>
public sealed record FeedLimit(
    FeedLimitKey Key, string Name, Subject Subject, Volts? RailVoltage, Known<Throughput> Limit, ImmutableArray<FeedTerm> Counted,
    ImmutableArray<FeedUse> Uses, Evidence Weakest, Throughput UnprovenPeak)
{
    /// <summary>How many times its limit a conductor must be asked for to be a stop at peak: its heat goes with the square of the current, and is more than
    /// twice that of its limit.</summary>
    public const double Burns = 1.5;

    /// <summary>What sort of limit.</summary>
    public FeedLimitKind Kind => Key.Kind;

    /// <summary>How it fares in one load case.</summary>
    public FeedUse In(LoadCase loadCase) => Uses[(int)loadCase];

    /// <summary>What it bears at best: if conductors side by side share evenly, or a guess proves low. The limit itself where there is neither.</summary>
    public required Throughput AtBest { get; init; }

    /// <summary>The conductors that it is the limit of, by rails; empty for what a supply gives.</summary>
    internal ImmutableArray<FeedPlace> Places { get; init; } = [];

    /// <summary>How much it weighs in one load case; null when the limit carries it.</summary>
    /// <remarks>Beyond a limit in ordinary use a supply is never at rest, and a conductor never cool; beyond it only at peak, a supply may trip when the work
    /// gets hard. A conductor that is asked for half as much again burns before the work is done. That some of them share unevenly is likely, not certain:
    /// by that alone it is no stop.</remarks>
    public Severity? SeverityAt(LoadCase loadCase) => (In(loadCase).Verdict, loadCase) switch
    {
        (FeedVerdict.DoesNotCarry, LoadCase.Idle or LoadCase.Typical) => In(loadCase).Used.Likely > AtBest ? Severity.Stop : Severity.Fix,
        (FeedVerdict.DoesNotCarry, LoadCase.Peak) when Kind > FeedLimitKind.Total && In(loadCase).Used.Likely > Burns * AtBest => Severity.Stop,
        (FeedVerdict.DoesNotCarry, LoadCase.Peak or LoadCase.Start) => Severity.Fix,
        // What a supply bears for milliseconds stands on few labels, so a spike alone is never more than a check.
        (FeedVerdict.DoesNotCarry, _) or (FeedVerdict.MayNotCarry, not LoadCase.Spike) => Severity.Check,
        _ => null,
    };

    /// <summary>The load case in which it weighs most, the first of several, and how much; null when the limit carries every one.</summary>
    public (LoadCase Case, Severity? Severity) Worst
    {
        get
        {
            var (worst, most) = (default(LoadCase), default(Severity?));
            foreach (var loadCase in LoadCases.All)
            {
                if (SeverityAt(loadCase) is { } severity && !(severity <= most)) (worst, most) = (loadCase, severity);
            }

            return (worst, most);
        }
    }

    /// <summary>The least that is left at peak: the limit less the high figure.</summary>
    public Throughput LeastLeft => In(LoadCase.Peak).Left.Low;

    /// <summary>Of several limits the one that fares worst at peak: what is sure to be beyond before what may be, and of those the one with the least share
    /// left; null of none.</summary>
    public static FeedLimit? TightestOf(IEnumerable<FeedLimit> limits)
        => limits.OrderByDescending(limit => limit.In(LoadCase.Peak).Verdict).ThenBy(limit => limit.LeastShareLeft).FirstOrDefault();

    /// <summary>The same in watts, as far as there is a voltage to reckon with.</summary>
    public Throughput LeastLeftInWatts => InWatts(LeastLeft) is { } watts ? watts : LeastLeft;

    /// <summary>The least left at peak as a share of the limit: the tightest limit has the smallest. Negative when beyond it.</summary>
    public double LeastShareLeft => Limit.Value.Value > 0 ? LeastLeft / Limit.Value : double.NegativeInfinity;

    /// <summary>An amount of it in watts; null on the way back, where there is no voltage to reckon with.</summary>
    public Watts? InWatts(Throughput amount) => amount.IsPower ? new Watts(amount.Value)
        : RailVoltage is { } volts ? new Watts(amount.Value * Math.Abs(volts.Value)) : null;

    /// <summary>An amount of it in amperes; null for what rails of several voltages share.</summary>
    public Amps? InAmps(Throughput amount) => !amount.IsPower ? new Amps(amount.Value)
        : RailVoltage is { } volts ? new Amps(amount.Value / Math.Abs(volts.Value)) : null;

    /// <summary>Holds currents against a limit in every load case.</summary>
    internal static FeedLimit Of(
        FeedLimitKey key, string name, Subject subject, Volts? volts, Known<Throughput> limit, ImmutableArray<FeedTerm> counted,
        Throughput? atBest = null, ImmutableArray<FeedPlace> places = default)
    {
        var isPower = limit.Value.IsPower;
        var uses = LoadCases.All.Select(loadCase => FeedUse.Of(
            FeedUse.Sum(counted, loadCase, isPower), loadCase == LoadCase.Spike ? FeedUse.SpikeTolerance * limit.Value : limit.Value));
        var unproven = FeedUse.Sum(counted.Where(term => !term.Flow.Evidence.IsProven()), LoadCase.Peak, isPower).High;
        return new FeedLimit(
            key, name, subject, volts, limit, counted, [.. uses], counted.Select(term => term.Flow.Evidence).Append(limit.Evidence).Weakest(), unproven)
        { AtBest = atBest ?? limit.Value, Places = places.IsDefault ? [] : places };
    }
}
