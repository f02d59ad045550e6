using LooseGraft.Core.Circuit;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed;

/// <summary>What the rules say about settings that hold parts back: a setting can be lost.</summary>
internal static class SettingFindings
{
    /// <summary>Of each supply the limit that fares worst once no setting holds, if it fares worse than with them.</summary>
    public static IEnumerable<Finding> Of(Graft graft, Netlist netlist, ILookup<string, FeedLimit> limits)
    {
        var held = graft.Loads.Where(load => load.Cap is not null).ToArray();
        if (held.Length == 0) yield break;
        var free = graft with { Loads = [.. graft.Loads.Select(load => load with { Cap = null })] };
        var without = FeedLimits.Of(free, new FeedFlows(free, netlist));
        var parts = string.Join(" and ", held.Select(load => $"{graft.NameOf(load.Part)} to {load.Cap!.Limit.Value}"));
        foreach (var supply in graft.Supplies)
        {
            var known = limits[supply.Id].GroupBy(limit => (limit.Subject, limit.Key)).ToDictionary(same => same.Key, same => same.First());
            var worst = (from limit in without[supply.Id]
                         let now = known.GetValueOrDefault((limit.Subject, limit.Key))
                         where limit.Worst.Severity is { } weight && !(now?.Worst.Severity >= weight)
                         orderby limit.LeastShareLeft
                         select limit).FirstOrDefault();
            if (worst is null) continue;
            yield return Finding.Of(FeedRules.HeldBySetting, worst.Subject,
                $"{graft.NameOf(supply.Part)}, {worst.Name}: carries it while a setting holds {parts}; without, it is asked for {worst.In(LoadCase.Peak).Used} at peak of {worst.Limit.Value}.",
                worst.Weakest, "a setting is lost with the battery of the board: write on the shell what it must be",
                "set it, read it back, and measure at the wall", "a supply or a way that bears the part without it");
        }
    }
}
