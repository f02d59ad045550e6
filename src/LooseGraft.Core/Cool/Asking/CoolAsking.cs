using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Asking;

/// <summary>Answers what it takes for a thing to stay under a temperature: by working everything out again for each try, with its bounds.</summary>
public static class CoolAsking
{
    private const double WattStep = 0.5;
    private const double LeastWatts = 1;
    private const double MostWatts = 1000;
    private const double TimesWatts = 3;
    private const double VoltStep = 0.1;
    private const double UsualMostArea = 400;
    private const double LargestArea = 1000;

    /// <summary>The answer; null where the thing is not there, nobody knows its watts, or nothing can be changed that is asked for.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="feed">What is concluded of its watts.</param>
    /// <param name="question">What is asked.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static CoolAnswer? Of(Graft graft, FeedReview feed, CoolQuestion question, ReviewWork work)
    {
        var scene = CoolScene.Of(graft, feed.Flows);
        if (scene.Spots.FirstOrDefault(each => each.Part == question.Part && each.Kind == question.Kind) is not { Source: >= 0 } spot) return null;
        return question.Ask switch
        {
            CoolAsk.Watts => Watts(graft, feed, scene, spot, question, work),
            CoolAsk.Opening => Opening(graft, feed, scene, spot, question, work),
            _ => Volts(graft, scene, question, work),
        };
    }

    /// <summary>The most watts to which a setting has to hold a part, in whole halves; null where not even the least that it takes when idle does.</summary>
    internal static double? Cap(Graft graft, FeedReview feed, HotSpot spot, double limit, (double Least, double Most) watts, ReviewWork work)
    {
        if (watts.Most <= watts.Least) return null;
        var found = StepSearch.Most((int)((watts.Most - watts.Least) / WattStep), step => limit - Hot(step).High.Value, work);
        return watts.Least + (found.At * WattStep);

        Spread<Celsius> Hot(int step)
        {
            var trial = new CoolTrial(Held: spot.Part, Cap: new Watts(watts.Least + (step * WattStep)));
            return HotOf(Peak(trial.Of(graft, feed).Scene), spot.Part, spot.Kind);
        }
    }

    /// <summary>How everything is at peak.</summary>
    internal static CoolOutlook Peak(CoolScene scene) => CoolBounds.Of(scene, HeatCase.Peak, new CoolSolver(scene).Likely(HeatCase.Peak), new ReviewWork());

    private static CoolAnswer? Watts(Graft graft, FeedReview feed, CoolScene scene, HotSpot spot, CoolQuestion question, ReviewWork work)
    {
        var source = scene.Figures[scene.Sources[spot.Source].At(HeatCase.Peak)];
        // What a supply loses follows from what others take.
        if (scene.Sources[spot.Source].IsLoss || source.Likely <= 0) return null;
        var most = Math.Clamp(Math.Ceiling(source.High * TimesWatts), 10, MostWatts);
        return Answer(question, (LeastWatts, most, WattStep), watts =>
        {
            var tried = graft.WithWatts(spot.Part, watts);
            return CoolScene.Of(tried, new FeedFlows(tried, feed.Netlist));
        }, work);
    }

    private static CoolAnswer? Opening(Graft graft, FeedReview feed, CoolScene scene, HotSpot spot, CoolQuestion question, ReviewWork work)
    {
        var way = scene.Ways.FirstOrDefault(each => each.Key == question.Way);
        if (question.Way is null && spot.Space >= 0)
        {
            var (space, known) = (scene.Spaces[spot.Space], scene.Ways.Select(each => each.Key).ToHashSet());
            var cut = new AirWay("", "opening to be cut", null, space.Id, new SquareCentimetres(1)) { Height = new(space.Size?.Height.Value / 2 ?? 0) };
            scene = CoolScene.Of(new PutAirWay(cut).Apply(graft), feed.Flows);
            way = scene.Ways.First(each => !known.Contains(each.Key));
        }

        if (way is null) return null;
        var most = scene.Spaces[way.Inside].Size is { } size
            ? Math.Min(Math.Floor(Math.Max(size.Width.Value, size.Depth.Value) * size.Height.Value / 100), LargestArea) : UsualMostArea;
        var at = scene.Ways.IndexOf(way);
        return Answer(question, (1, Math.Max(most, 2), 1), area => scene with { Ways = scene.Ways.SetItem(at, way with { AreaM2 = area / 1e4 }) }, work);
    }

    private static CoolAnswer? Volts(Graft graft, CoolScene scene, CoolQuestion question, ReviewWork work)
        => !scene.Fans.Any(fan => graft.IsOwnFan(fan.Part)) ? null : Answer(question, (VoltStep, FanClass.FullVolts, VoltStep), volts => scene with
        {
            Fans = [.. scene.Fans.Select(fan => graft.IsOwnFan(fan.Part)
                ? fan with { Volts = Math.Round(volts, 1) * fan.Rated / FanClass.FullVolts } : fan)],
        }, work);

    private static CoolAnswer Answer(CoolQuestion question, (double Least, double Most, double Step) row, Func<double, CoolScene> with, ReviewWork work)
    {
        var tried = new Dictionary<int, CoolOutlook>();
        var last = (int)Math.Round((row.Most - row.Least) / row.Step);
        var found = question.Ask == CoolAsk.Watts ? StepSearch.Most(last, Margin, work) : StepSearch.Least(last, Margin, work);
        var shown = At(found.At ?? tried.MaxBy(each => question.Limit - HotOf(each.Value, question.Part, question.Kind).High.Value).Key);
        return new CoolAnswer(question, Value(found.At), row.Least, row.Most, row.Step, Value(found.NoMoreFrom), Value(found.TurnsAt),
            HotOf(shown, question.Part, question.Kind), shown.Watts);

        double? Value(int? step) => step is { } at ? Math.Round(row.Least + (at * row.Step), 1) : null;
        double Margin(int step) => question.Limit - HotOf(At(step), question.Part, question.Kind).High.Value;
        CoolOutlook At(int step) => tried.TryGetValue(step, out var known) ? known : tried[step] = Peak(with(row.Least + (step * row.Step)));
    }

    private static Spread<Celsius> HotOf(CoolOutlook outlook, string part, HotKind kind)
        => outlook.Find(part, kind)!.Temperature!.Value;
}
