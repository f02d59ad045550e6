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
            .. supplies.SelectMany(ThinEvidence), .. MissingRails(graft), .. Negative(graft), .. Absurd(graft)];

    private static IEnumerable<Finding> OverLimit(SupplyReview supply, FeedLimit limit)
    {
        var worst = Enum.GetValues<LoadCase>().Select(loadCase => (Case: loadCase, Severity: limit.SeverityAt(loadCase)))
            .Where(entry => entry.Severity is not null).OrderByDescending(entry => entry.Severity).FirstOrDefault();
        if (worst.Severity is not { } weight) yield break;
        var use = limit.In(worst.Case);
        var rule = limit.Kind switch
        {
            FeedLimitKind.Rail => FeedRules.RailOverLimit,
            FeedLimitKind.Combined => FeedRules.CombinedOverLimit,
            FeedLimitKind.Total => FeedRules.TotalOverLimit,
            FeedLimitKind.Wire => FeedRules.WireOverLimit,
            FeedLimitKind.Plug => FeedRules.PlugOverLimit,
            _ => FeedRules.PortOverLimit,
        };
        var verb = weight == Severity.Check ? "may be asked for" : "is asked for";
        yield return new Finding(rule, weight, limit.Subject,
            $"{supply.Name}, {limit.Name}: {verb} {use.Used} {Words(worst.Case)}, but {(limit.Kind <= FeedLimitKind.Total ? "gives" : "bears")} {limit.Limit.Value} ({limit.Limit.Evidence.Words()}).",
            limit.Weakest, ["measure what the parts really take", "leave a part off, or move it to another rail", "use a supply that gives more here"]);
    }

    private static IEnumerable<Finding> ThinEvidence(SupplyReview supply)
    {
        if (supply.Tightest is not { } limit) yield break;
        var peak = limit.In(LoadCase.Peak);
        var isCarried = peak.Verdict is FeedVerdict.Carries or FeedVerdict.CarriesTightly;
        var couldDouble = peak.Used.High.Value + ((Facts.ThinEvidence.DrawFactor - 1) * limit.UnprovenPeak.Value) > limit.Limit.Value.Value;
        if (!isCarried || (limit.Limit.IsProven && !couldDouble)) yield break;
        var why = limit.Limit.IsProven
            ? $"{limit.UnprovenPeak} of the {peak.Used.High} at peak rest on diagrams or assumptions; were they twice that, it would not"
            : $"its limit of {limit.Limit.Value} is itself {limit.Limit.Evidence.Words()}";
        yield return Finding.Of(FeedRules.ThinEvidence, limit.Subject, $"{supply.Name}, {limit.Name}: carries it on paper, but {why}.",
            limit.Weakest, "prove it first: measure at the wall, or find the maker's figures");
    }

    private static IEnumerable<Finding> MissingRails(Graft graft)
    {
        var rails = graft.Supplies.ToDictionary(supply => supply.Id, supply => supply.Rails.Select(rail => rail.Name).ToHashSet());
        return from load in graft.Loads
               from draw in load.Draws
               where !rails.TryGetValue(load.Supply, out var names) || !names.Contains(draw.Rail)
               select Finding.Of(FeedRules.RailMissing, new DrawSubject(load.Id, draw.Rail),
                   $"{graft.NameOf(load.Part)} wants {draw.Rail}, and {SupplyName(graft, load.Supply)} does not give it.", draw.Evidence,
                   "feed it from a supply or converter that has this rail", "check the rail's name against the supply's label");
    }

    private static IEnumerable<Finding> Negative(Graft graft)
    {
        foreach (var load in graft.Loads)
        {
            foreach (var draw in load.Draws.Where(draw => LowFigures(draw).Any(amps => amps < Amps.Zero)))
            {
                yield return Finding.Of(FeedRules.NegativeFigure, new DrawSubject(load.Id, draw.Rail),
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
            foreach (var draw in load.Draws.Where(draw => draw.Peak.High > AbsurdDraw))
            {
                yield return Finding.Of(FeedRules.AbsurdFigure, new DrawSubject(load.Id, draw.Rail),
                    $"{graft.NameOf(load.Part)}, {draw.Rail}: {draw.Peak.High} is more than any part inside a shell takes from one rail ({AbsurdDraw}).",
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

    private static IEnumerable<Amps> LowFigures(Draw draw) => [draw.Idle.Low, draw.Typical.Low, draw.Peak.Low];


    private static string SupplyName(Graft graft, string supply)
        => graft.Supplies.FirstOrDefault(candidate => candidate.Id == supply) is { } found ? graft.NameOf(found.Part) : "no supply of that name";

    private static string Words(LoadCase loadCase) => loadCase switch
    {
        LoadCase.Start => "when it starts",
        LoadCase.Spike => "for milliseconds now and then",
        _ => $"at {loadCase.ToString().ToLowerInvariant()}",
    };
}
