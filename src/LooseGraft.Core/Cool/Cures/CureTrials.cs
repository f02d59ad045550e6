using LooseGraft.Core.Cool.Asking;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Tries every change that may make a thing cooler at peak, each by working the whole shell out again.</summary>
/// <remarks>
/// All are tried at their likely figures; what wins least is dropped, of rivals the best is kept, and the rest is worked out with its bounds. Nothing is
/// tried in pairs: what two changes do together is seen once one is taken.
/// </remarks>
public sealed class CureTrials
{
    /// <summary>What wins less is not told, in kelvins.</summary>
    public const double LeastKelvins = 0.5;

    /// <summary>Fewer decibels nobody hears.</summary>
    public const double LeastDecibels = 1;

    // Ways that are looked at: those of the thing's own space first, then those through which most goes.
    private const int MostWays = 16;
    private const int MostTried = 120;
    private const int MostTold = 12;

    // Of those the ones that win most are told whatever they cost.
    private const int MostStrong = 4;

    // A setting seldom holds a part to less (common practice).
    private const double LeastCap = 5;

    private readonly Graft _graft;
    private readonly FeedReview _feed;
    private readonly CoolScene _scene;
    private readonly CoolOutlook _now;
    private readonly SpotOutlook _of;
    private readonly double _noise;

    private CureTrials(Graft graft, FeedReview feed, CoolReview cool, SpotOutlook of)
    {
        (_graft, _feed, _scene, _now, _of) = (graft, feed, cool.Scene, cool.At(HeatCase.Peak), of);
        _noise = Noise.Of(_scene, _now.State);
    }

    /// <summary>The changes that help.</summary>
    /// <param name="graft">The graft in use.</param>
    /// <param name="feed">What is concluded of its watts.</param>
    /// <param name="cool">What is concluded of its air.</param>
    /// <param name="of">The thing, at peak.</param>
    /// <param name="work">Where it is told how far it is, and whence it is given up.</param>
    /// <exception cref="OperationCanceledException">It was given up.</exception>
    public static CureList Of(Graft graft, FeedReview feed, CoolReview cool, SpotOutlook of, ReviewWork work)
        => of.Temperature is null ? new CureList(of, [], [], 0) : new CureTrials(graft, feed, cool, of).Run(work);

    private CureList Run(ReviewWork work)
    {
        Cure[] cures = [.. All().Take(MostTried)];
        var won = work.Each(cures, "change that may help").Select(Likely).Where(tried => tried.Kelvins >= LeastKelvins)
            .GroupBy(tried => tried.Cure.Rivals ?? tried.Cure.Words).Select(Best).ToArray();
        var told = Sorted(won).Take(MostTold).Union(won.OrderByDescending(tried => tried.Kelvins).Take(MostStrong)).Select(tried => tried.Cure).ToList();
        if (Cap(work) is { } cap) told.Add(cap);
        var slower = work.Each([.. FanCures.Slower(_graft, _scene)], "fan that may be slower").Select(Likely)
            .Where(tried => tried.Decibels <= -LeastDecibels).Select(tried => Bounded(tried.Cure));
        return new CureList(_of, [.. Sorted(Enough(work.Each(told, "change that helps").Select(Bounded).Where(tried => tried.Kelvins >= LeastKelvins)))],
            [.. slower.Where(tried => tried.Hotter is null && tried.Worst <= _of.Worst)], cures.Length);
    }

    private IEnumerable<Cure> All()
    {
        int[] ways = [.. Enumerable.Range(0, _scene.Ways.Length)
            .OrderByDescending(way => _scene.Ways[way].From == _of.Spot.Space || _scene.Ways[way].To == _of.Spot.Space)
            .ThenByDescending(way => Math.Round(Math.Abs(_now.State.Ways[way]), 6)).Take(MostWays)];
        return PartCures.Of(_graft, _scene, _of.Spot).Concat(AirCures.Of(_graft, _scene, ways, _of.Spot)).Concat(FanCures.Of(_graft, _scene, ways, _of.Spot));
    }

    private TriedCure Likely(Cure cure)
    {
        var after = SceneWith(cure);
        var state = new CoolSolver(after).Likely(HeatCase.Peak);
        var at = after.Spots.ToList().FindIndex(spot => IsIt(spot));
        return new TriedCure(cure, _of, null, Won(at < 0 ? state.Room : state.Spots[at]), Noise.Of(after, state) - _noise, null);
    }

    private TriedCure Bounded(Cure cure)
    {
        var after = SceneWith(cure);
        var outlook = CoolAsking.Peak(after);
        var found = outlook.Find(_of.Spot.Part, _of.Spot.Kind);
        var won = Won(found?.Temperature?.Likely.Value ?? outlook.State.Room);
        return new TriedCure(cure, _of, found, won, Noise.Of(after, outlook.State) - _noise, Hotter(outlook));
    }

    private double Won(double hot) => _of.Temperature!.Value.Likely.Value - hot;

    private CoolScene SceneWith(Cure cure)
    {
        var after = cure.Edit.Apply(_graft).InUse();
        // Only what holds a part changes what is drawn by a wire.
        return CoolScene.Of(after, cure.Sort == CureSort.Cap ? new FeedFlows(after, _feed.Netlist) : _feed.Flows);
    }

    private bool IsIt(HotSpot spot) => spot.Part == _of.Spot.Part && spot.Kind == _of.Spot.Kind;

    // The worst of what gets too hot by it.
    private HotSpot? Hotter(CoolOutlook outlook)
        => (from spot in outlook.Spots
            where !IsIt(spot.Spot) && spot.Worst is { } worst && worst > (_now.Find(spot.Spot.Part, spot.Spot.Kind)?.Worst ?? HeatBand.Comfortable)
            orderby spot.Worst descending
            select spot.Spot).FirstOrDefault();

    private Cure? Cap(ReviewWork work)
    {
        var spot = _of.Spot;
        if (spot.Kind is not (HotKind.Chip or HotKind.CardChip) || _of.Worst == HeatBand.Comfortable) return null;
        // One setting holds one load; where a part has several, nobody knows which.
        if (_graft.Loads.Count(load => load.Part == spot.Part) != 1) return null;
        var source = _scene.Sources[spot.Source];
        var least = Math.Ceiling(Math.Max(_scene.Figures[source.At(HeatCase.Idle)].High, LeastCap));
        var most = _scene.Figures[source.At(HeatCase.Peak)].High;
        var found = Under(spot.Limit.Comfortable) ?? (_of.Worst > HeatBand.Warm ? Under(spot.Limit.Throttles) : null);
        return found is { } watts ? PartCures.Cap(_graft, spot, new Watts(watts)) : null;

        double? Under(double limit) => CoolAsking.Cap(_graft, _feed, spot, limit, (least, most), work);
    }

    // Half a kelvin more is not worth a larger cut: of those that win alike the first, which is the smallest.
    private static TriedCure Best(IEnumerable<TriedCure> rivals) => rivals.MaxBy(tried => Math.Round(tried.Kelvins / LeastKelvins))!;

    // Nobody cuts more than keeps it under.
    private static IEnumerable<TriedCure> Enough(IEnumerable<TriedCure> tried)
    {
        var all = tried.ToArray();
        var enough = all.Where(each => each is { IsUnder: true, Cure.Sort: CureSort.CutOpening }).MinBy(each => each.Kelvins);
        return all.Where(each => each.Cure.Sort != CureSort.CutOpening || enough is null || each.Kelvins <= enough.Kelvins);
    }

    // What is free first; what cannot be told apart by the figures shown stands in the order in which it was tried.
    private static IEnumerable<TriedCure> Sorted(IEnumerable<TriedCure> tried)
        => tried.OrderByDescending(each => Math.Round(Math.Min(each.KelvinsForEuro, 1e6), 2)).ThenByDescending(each => Math.Round(each.Kelvins, 1));
}
