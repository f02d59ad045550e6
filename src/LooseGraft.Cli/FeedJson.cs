using LooseGraft.Core;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Schools;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Cli;

/// <summary>How a graft is fed, as a program reads it: supply by supply its limits place by place with what counts there, its flows, the schools and the fit to
/// what was read at the wall.</summary>
internal static class FeedJson
{
    /// <summary>One supply.</summary>
    public static object Of(Review review, SupplyReview supply)
    {
        var schools = supply.Into is null ? review.Feed.SchoolsFor(review.Graft, supply) : null;
        return new
        {
            supply.Supply.Id,
            supply.Name,
            Limits = supply.Limits.Select(Limit),
            Flows = supply.Flows.Select(Flow),
            Schools = schools is null ? null : Of(schools),
            WallFit = review.Feed.Fits.FirstOrDefault(fit => fit.Supply == supply.Supply.Id) is { } fit ? Of(fit) : null,
        };
    }

    /// <summary>To a millionth: what lies beyond is the machine's arithmetic, not the graft's.</summary>
    public static double? Rounded(double? figure) => figure is { } value ? Math.Round(value, 6) : null;

    private static object Limit(FeedLimit limit) => new
    {
        limit.Kind,
        limit.Name,
        LimitWatts = Rounded(limit.InWatts(limit.Limit.Value)?.Value),
        LimitAmps = Rounded(limit.InAmps(limit.Limit.Value)?.Value),
        limit.Limit.Note,
        Subject = limit.Subject.Text,
        Evidence = limit.Limit.Evidence,
        WeakestEvidence = limit.Weakest,
        Counts = limit.Counted.Select(term => new
        {
            Flow = term.Flow.Subject.Text,
            Share = Rounded(term.Weight / (limit.Limit.Value.IsPower ? Math.Abs(term.Flow.Rail.Voltage.Value) : 1)),
        }),
        Cases = LoadCases.All.ToDictionary(loadCase => loadCase.ToString(), loadCase => new
        {
            UsedWatts = Spread(limit.In(loadCase).Used, of => limit.InWatts(of)?.Value),
            UsedAmps = Spread(limit.In(loadCase).Used, of => limit.InAmps(of)?.Value),
            LeftWatts = Spread(limit.In(loadCase).Left, of => limit.InWatts(of)?.Value),
            limit.In(loadCase).Verdict,
        }),
    };

    private static object Flow(FeedFlow flow) => new
    {
        Subject = flow.Subject.Text,
        flow.Consumer,
        Rail = flow.Rail.Name,
        flow.Hold,
        Way = flow.Way.Select(step => new { step.Label, Subject = step.Subject.Text }),
        flow.Evidence,
        Amps = LoadCases.All.ToDictionary(loadCase => loadCase.ToString(), loadCase => Spread(flow.At(loadCase), amps => amps.Value)),
    };

    private static object Of(FeedSchools schools) => new
    {
        Trusted = schools.Trusted.School,
        schools.Waiting,
        schools.WhyTheyDiffer,
        Disagree = schools.Verdicts.Where(school => school.Verdict is not null).Select(school => school.Verdict == FeedVerdict.DoesNotCarry)
            .Distinct().Count() > 1,
        Verdicts = schools.Verdicts.Select(school => new
        {
            school.School,
            NeededWatts = school.Needed is { } needed ? Spread(needed, watts => watts.Value) : null,
            HasWatts = Rounded(school.Has?.Value),
            school.Verdict,
            school.Evidence,
            school.Words,
        }),
    };

    private static object Of(WallFit fit) => new
    {
        fit.Suspect,
        Shares = fit.Shares.ToDictionary(share => share.Part, share => Rounded(share.Share)),
        Readings = fit.Residuals.Select(each => new { each.Reading.Id, ReadWatts = Rounded(each.Read.Value), ModelledWatts = Rounded(each.Modelled.Value) }),
    };

    private static object Spread<T>(Spread<T> of, Func<T, double?> figure)
        where T : struct, IQuantity<T>
        => new { Low = Rounded(figure(of.Low)), Likely = Rounded(figure(of.Likely)), High = Rounded(figure(of.High)) };
}
