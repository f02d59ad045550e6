using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire;

namespace LooseGraft.Core.Feed.Relieving;

/// <summary>Finds what would bring a place within its limit: less to carry, another plug, a setting, drives that start in turn, thicker or more wires.
/// </summary>
/// <remarks>What changes the graft is made, and the feeding judged again with it: the place must carry the high figure, and nothing else may fare worse. At
/// most <see cref="MostTried"/> such reviews.</remarks>
public static class ReliefSearch
{
    /// <summary>So many changes are tried.</summary>
    public const int MostTried = 24;

    /// <summary>So many are tried however slow the machine.</summary>
    public const int LeastTried = 4;

    /// <summary>What relieves a place; empty where it carries the high figure anyway.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="wire">How it is wired.</param>
    /// <param name="feed">How it is fed.</param>
    /// <param name="supply">Id of the supply that the limit is told with.</param>
    /// <param name="limit">A limit of it.</param>
    /// <param name="loadCase">The load case.</param>
    /// <param name="giveUp">Ends the search, after <see cref="LeastTried"/>, with what was found so far.</param>
    public static ImmutableArray<Relief> Of(
        Graft graft, WireReview wire, FeedReview feed, string supply, FeedLimit limit, LoadCase loadCase, CancellationToken giveUp)
    {
        if (limit.In(loadCase).Verdict <= FeedVerdict.CarriesTightly) return [];
        var trial = new ReliefTrial(graft, wire, feed, (supply, limit.Key), loadCase, giveUp);
        return [.. Lighter(graft, limit, loadCase), .. SettingRelief.Of(graft, limit, loadCase, trial), .. PlugRelief.Of(graft, limit, trial),
            .. Stronger(limit, loadCase)];
    }

    // What is known too little, and what alone would have to go.
    private static IEnumerable<Relief> Lighter(Graft graft, FeedLimit limit, LoadCase loadCase)
    {
        var use = limit.In(loadCase);
        var (over, parts) = (-use.Left.Low.Value, PartsOf(limit, loadCase));
        var unproven = parts.Where(part => part.Range > 0 && !part.Evidence.IsProven()).OrderByDescending(part => part.Range).ToArray();
        if (use.Verdict == FeedVerdict.MayNotCarry && unproven is [var wide, ..])
            yield return new Relief($"Measure what {graft.NameOf(wide.Id)} takes: its range is the widest, and with likely figures the place carries it");
        var alone = parts.Where(part => part.High >= over).Select(part => graft.NameOf(part.Id)).ToArray();
        yield return new Relief($"{-1 * use.Left.Low} less would do{alone switch
        {
            [] => ": no single part takes so much here",
            [var only] => $": {only} takes as much",
            _ => $": each of {string.Join(", ", alone)} takes as much",
        }}");
    }

    private static (string Id, double High, double Range, Evidence Evidence)[] PartsOf(FeedLimit limit, LoadCase loadCase)
        => [.. from term in limit.Counted
               where term.Flow.Feeds is null
               group term by term.Flow.Consumer into same
               let high = same.Sum(term => term.Weight * term.Flow.At(loadCase).High.Value)
               let likely = same.Sum(term => term.Weight * term.Flow.At(loadCase).Likely.Value)
               select (same.Key, Math.Abs(high), Math.Abs(high - likely), same.Select(term => term.Flow.Evidence).Weakest())];

    private static IEnumerable<Relief> Stronger(FeedLimit limit, LoadCase loadCase)
    {
        var high = limit.In(loadCase).Used.High;
        if (limit.Places is not [{ Conductors: var conductors, Count: var count }, ..])
        {
            yield return new Relief($"A supply that gives {new Throughput(Math.Ceiling(high.Value), high.IsPower)} here");
            yield break;
        }

        if (!limit.Limit.IsProven && conductors.Bound is not null)
            yield return new Relief("Find what its maker says that it bears: the limit is what is usual");
        if (high.IsPower || limit.Places.Length > 1) yield break;
        var isWire = conductors.Key.Kind is FeedLimitKind.Wire or FeedLimitKind.Lead;
        if (isWire && Thicker(conductors, count, high.Value) is { } gauge) yield return new Relief($"Wire of {gauge} AWG");
        if (Enumerable.Range(1, MostBeside).FirstOrDefault(many => conductors.Bear(many) >= high.Value) is > 0 and var enough)
            yield return new Relief($"{enough} {(isWire ? "wires" : "contacts")} side by side, where there {(count == 1 ? "is" : "are")} {count}");
    }

    // A connector for power has at most so many contacts of one rail.
    private const int MostBeside = 12;

    // The thinnest of those that do. The less a wire resists, the less evenly several share: as if it resisted nothing, none is promised too thin.
    private static int? Thicker(Network.Conductors wires, int count, double amps)
        => WireGauge.All.Where(gauge => gauge.Amps > wires.Amps && (wires with { Amps = gauge.Amps, WireOhms = 0 }).Bear(count) >= amps).LastOrDefault()?.Awg;
}
