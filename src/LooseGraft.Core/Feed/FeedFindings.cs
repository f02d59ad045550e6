using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>What the rules say about feeding.</summary>
internal static class FeedFindings
{
    // Nothing a hobbyist feeds from inside a shell comes near these; a figure beyond them is a slip of the keyboard or of the unit.
    private static readonly Amps AbsurdDraw = new(60);
    private static readonly Amps AbsurdRail = new(200);
    private static readonly Watts AbsurdTotal = new(3000);

    public static ImmutableArray<Finding> Of(Graft graft, ImmutableArray<SupplyReview> supplies)
        => [.. supplies.SelectMany(supply => supply.Limits.SelectMany(limit => OverLimit(supply, limit))),
            .. supplies.SelectMany(supply => WithinHeadroom(graft, supply)),
            .. supplies.SelectMany(ThinEvidence), .. Negative(graft), .. Absurd(graft), .. OutOfOrder(graft)];

    private static IEnumerable<Finding> OverLimit(SupplyReview supply, FeedLimit limit)
    {
        var worst = limit.Worst;
        if (worst.Severity is not { } weight || IsToldBefore(supply, limit, weight)) yield break;
        var use = limit.In(worst.Case);
        var rule = limit.Kind switch
        {
            FeedLimitKind.Rail => FeedRules.RailOverLimit,
            FeedLimitKind.Combined => FeedRules.CombinedOverLimit,
            FeedLimitKind.Total => FeedRules.TotalOverLimit,
            FeedLimitKind.Wire or FeedLimitKind.Lead => FeedRules.WireOverLimit,
            FeedLimitKind.Plug => FeedRules.PlugOverLimit,
            _ => FeedRules.PortOverLimit,
        };
        var verb = weight == Severity.Check ? "may be asked for" : "is asked for";
        yield return new Finding(rule, weight, limit.Subject,
            $"{supply.Name}, {limit.Name}: {verb} {use.Used} {Words(worst.Case)}, but {(limit.Kind <= FeedLimitKind.Total ? "gives" : "bears")} {limit.Limit.Value} ({limit.Limit.Evidence.Words()}).",
            limit.Weakest, Remedies(limit));
    }

    private static ImmutableArray<string> Remedies(FeedLimit limit) => limit.Kind switch
    {
        FeedLimitKind.Port when !limit.Limit.IsProven =>
            ["find what its maker says that it bears, and write that on its page", "choose a part that takes less", "feed the part from the supply itself"],
        FeedLimitKind.Port => ["choose a part that takes less", "feed the part from the supply itself"],
        FeedLimitKind.Plug or FeedLimitKind.Wire or FeedLimitKind.Lead =>
            ["measure what the parts really take", "spread them over more plugs and leads", "a lead with thicker or more wires"],
        _ => ["measure what the parts really take", "leave a part off, or move it to another rail", "use a supply that gives more here"],
    };

    /// <summary>A board that every sum leaves out. Of one without a connector nobody says yet that it is fed at all; the page says so by itself.</summary>
    public static Finding Uncounted(Part board)
        => Finding.Of(FeedRules.BoardWithoutDraw, new PartSubject(board.Id),
            $"{board.Name}: nobody wrote down what it takes, so every sum leaves it out.", Evidence.Assumed,
            "take the figures of a usual board on Feed, as assumed", "write down what its label or document says", "measure it at the wall, bare on the bench");

    // What carries it, and by less than the builder wants to keep. The total is told by the schools.
    private static IEnumerable<Finding> WithinHeadroom(Graft graft, SupplyReview supply)
        => from limit in supply.Limits
           where limit.Kind != FeedLimitKind.Total && !(limit.Kind == FeedLimitKind.Rail && supply.Supply is { Rails.Length: 1, Total: not null })
           where limit.Worst.Severity is null
           let peak = limit.In(LoadCase.Peak).Used
           where (1 + graft.Headroom) * peak.Likely > limit.Limit.Value && !IsSameOnWay(supply, limit)
           select new Finding(FeedRules.WithinHeadroom, Severity.Check, limit.Subject,
               $"{supply.Name}, {limit.Name}: {peak} at peak of {limit.Limit.Value} ({limit.Limit.Evidence.Words()}): carries it, and you keep {100 * graft.Headroom:0} % above the sum.",
               limit.Weakest, Remedies(limit));

    // The way back of what is told on its rail.
    private static bool IsSameOnWay(SupplyReview supply, FeedLimit limit)
        => limit.Key.Rail == Network.SupplyMetal.Ground
            && supply.Limits.Any(other => other.RailVoltage is not null && (other.Key with { Rail = limit.Key.Rail }) == limit.Key);

    // What is too much there is too much back; told once, unless the way back is worse.
    private static bool IsToldBefore(SupplyReview supply, FeedLimit limit, Severity weight)
        => limit.Key.Rail == Network.SupplyMetal.Ground
            && supply.Limits.Any(other => other.RailVoltage is not null && (other.Key with { Rail = limit.Key.Rail }) == limit.Key
                && other.Worst.Severity >= weight);

    // The tightest of those that a fact not proven might yet break; what is far from it either way is nothing to look at.
    private static IEnumerable<Finding> ThinEvidence(SupplyReview supply)
    {
        if (supply.Limits.Where(IsThin).MinBy(limit => limit.LeastShareLeft) is not { } limit) yield break;
        var why = limit.Limit.IsProven || limit.LeastShareLeft > 1 - Facts.ThinEvidence.LimitFactor
            ? $"{limit.UnprovenPeak} of the {limit.In(LoadCase.Peak).Used.High} at peak rest on diagrams or assumptions; were they twice that, it would not"
            : $"its limit of {limit.Limit.Value} is itself {limit.Limit.Evidence.Words()}";
        yield return Finding.Of(FeedRules.ThinEvidence, limit.Subject, $"{supply.Name}, {limit.Name}: carries it on paper, but {why}.",
            limit.Weakest, "prove it first: measure at the wall, or find the maker's figures");
    }

    private static bool IsThin(FeedLimit limit)
    {
        var peak = limit.In(LoadCase.Peak);
        return peak.Verdict is FeedVerdict.Carries or FeedVerdict.CarriesTightly
            && (peak.Used.High.Value + ((Facts.ThinEvidence.DrawFactor - 1) * limit.UnprovenPeak.Value) > limit.Limit.Value.Value
                || (!limit.Limit.IsProven && peak.Used.High.Value > Facts.ThinEvidence.LimitFactor * limit.Limit.Value.Value));
    }

    private static IEnumerable<Finding> Negative(Graft graft)
    {
        foreach (var load in graft.Loads)
        {
            foreach (var draw in load.Draws.Where(draw => LowFigures(draw).Any(amps => amps < Amps.Zero)))
            {
                yield return Finding.Of(FeedRules.NegativeFigure, new DrawSubject(load.Id, draw.Rail, draw.Socket),
                    $"{graft.NameOf(load.Part)}, {draw.Rail}: {LowFigures(draw).Min()} is negative; a part takes power and never gives it. It is counted as nothing.",
                    draw.Evidence, "write the current as a positive figure, on a negative rail too");
            }
        }

        foreach (var supply in graft.Supplies)
        {
            foreach (var rail in supply.Rails.Where(rail => rail.Limit.Value < Amps.Zero))
            {
                yield return Finding.Of(FeedRules.NegativeFigure, new RailSubject(supply.Id, rail.Name),
                    $"{graft.NameOf(supply.Part)}, {rail.Name}: a limit of {rail.Limit.Value} is negative.", rail.Limit.Evidence,
                    "write the limit as a positive figure, on a negative rail too");
            }
        }
    }

    private static IEnumerable<Finding> Absurd(Graft graft)
    {
        foreach (var load in graft.Loads)
        {
            foreach (var (draw, most) in load.Draws.Select(draw => (draw, Figures(draw).Max(spread => spread.High)))
                .Where(each => each.Item2 > AbsurdDraw))
            {
                yield return Finding.Of(FeedRules.AbsurdFigure, new DrawSubject(load.Id, draw.Rail, draw.Socket),
                    $"{graft.NameOf(load.Part)}, {draw.Rail}: {most} is more than any part inside a shell takes from one rail ({AbsurdDraw}).",
                    draw.Evidence, "check the unit: amperes are meant, not watts or milliamperes");
            }
        }

        foreach (var supply in graft.Supplies)
        {
            foreach (var rail in supply.Rails.Where(rail => rail.Limit.Value > AbsurdRail))
            {
                yield return Finding.Of(FeedRules.AbsurdFigure, new RailSubject(supply.Id, rail.Name),
                    $"{graft.NameOf(supply.Part)}, {rail.Name}: no retail rail gives {rail.Limit.Value}.", rail.Limit.Evidence, "check the label and the unit");
            }

            if (supply.Total is { Limit: var total } && total.Value > AbsurdTotal)
            {
                yield return Finding.Of(FeedRules.AbsurdFigure, new TotalSubject(supply.Id),
                    $"{graft.NameOf(supply.Part)}: no retail supply gives {total.Value} in all.", total.Evidence, "check the label and the unit");
            }
        }
    }

    // Columns typed in the wrong order, or a figure in the wrong place.
    private static IEnumerable<Finding> OutOfOrder(Graft graft)
        => (from load in graft.Loads
            from draw in load.Draws
            let words = draw.Idle.Likely > draw.Typical.Likely ? $"idle, {draw.Idle.Likely}, is more than ordinary use, {draw.Typical.Likely}"
                : draw.Typical.Likely > draw.Peak.Likely ? $"ordinary use, {draw.Typical.Likely}, is more than the peak, {draw.Peak.Likely}" : null
            where words is not null
            select Finding.Of(FeedRules.FiguresOutOfOrder, new DrawSubject(load.Id, draw.Rail, draw.Socket), $"{graft.NameOf(load.Part)}, {draw.Rail}: {words}.",
                draw.Evidence, "look whether two figures changed places"))
            .Concat(from reading in graft.WallReadings
                    where reading.Highest < reading.Mean || reading.MostOften < reading.Mean
                    select Finding.Of(FeedRules.FiguresOutOfOrder, Subject.Whole,
                        $"The wall reading “{reading.Note ?? reading.Id}”: its mean, {reading.Mean}, is more than {(reading.Highest < reading.Mean ? $"the highest, {reading.Highest}" : $"what it mostly stayed under, {reading.MostOften}")}.",
                        Evidence.Measured, "look whether two figures changed places"));

    private static IEnumerable<Amps> LowFigures(Draw draw) => Figures(draw).Select(spread => spread.Low);

    private static IEnumerable<Spread<Amps>> Figures(Draw draw)
        => new[] { draw.Idle, draw.Typical, draw.Peak, draw.Start, draw.Spike }.OfType<Spread<Amps>>();


    private static string Words(LoadCase loadCase) => loadCase switch
    {
        LoadCase.Start => "when it starts",
        LoadCase.Spike => "for milliseconds now and then",
        _ => $"at {loadCase.ToString().ToLowerInvariant()}",
    };
}
