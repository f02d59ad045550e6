using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Relieving;

/// <summary>Settings that relieve a place: a power limit of a board or card, and drives that start one after another.</summary>
internal static class SettingRelief
{
    // Boards and cards let themselves be held to whole watts; what asks for less than this is not held by a setting.
    private const double LeastWatts = 5;
    private const int MostSteps = 3;

    public static IEnumerable<Relief> Of(Graft graft, FeedLimit limit, LoadCase loadCase, ReliefTrial trial)
        => loadCase is LoadCase.Typical or LoadCase.Peak ? Caps(graft, limit, loadCase, trial)
            : loadCase == LoadCase.Start ? InTurn(graft, limit, trial) : [];

    private static IEnumerable<Relief> Caps(Graft graft, FeedLimit limit, LoadCase loadCase, ReliefTrial trial)
    {
        var over = -limit.In(loadCase).Left.Low.Value;
        foreach (var load in graft.Loads.Where(load => graft.FindPart(load.Part)?.Kind is PartKind.Board or PartKind.Card))
        {
            var here = limit.Counted.Where(term => term.Flow.Consumer == load.Part).Sum(term => Math.Abs(term.Weight) * term.Flow.At(loadCase).High.Value);
            if (here <= over) continue;
            var (all, idle) = (WattsOf(load, draw => FeedStage.Current(draw, loadCase).High), WattsOf(load, draw => draw.Idle.High));
            var now = Math.Min(all, load.Cap?.Limit.Value.Value ?? all);
            var watts = Math.Floor(now * (1 - (over / here)));
            for (var step = 0; step < MostSteps && watts >= Math.Max(LeastWatts, idle) && !trial.IsOver; step++, watts--)
            {
                var edit = new HoldLoad(load.Id, new Watts(watts), Evidence.Assumed, load.StartsInTurn);
                if (!trial.Helps(edit)) continue;
                yield return new Relief($"Hold {graft.NameOf(load.Part)} to {new Watts(watts)} by its settings, instead of {new Watts(now)}", edit);
                break;
            }
        }
    }

    private static IEnumerable<Relief> InTurn(Graft graft, FeedLimit limit, ReliefTrial trial)
    {
        var drives = limit.Counted.Select(term => term.Flow.Consumer).Distinct()
            .Where(part => graft.FindPart(part)?.Kind == PartKind.Drive)
            .SelectMany(part => graft.Loads.Where(load => load.Part == part)).ToArray();
        if (drives.Length < 2 || trial.IsOver) yield break;
        var edit = new StartInTurns([.. drives.Select(load => load.Id)]);
        if (trial.Helps(edit)) yield return new Relief($"Let {string.Join(", ", drives.Select(load => graft.NameOf(load.Part)))} start one after another", edit);
    }

    private static double WattsOf(Load load, Func<Draw, Amps> figure)
        => load.Draws.Sum(draw => Math.Max(0, figure(draw).Value) * Math.Abs(Signal.Parse(draw.Rail)?.SupplyVoltage?.Value ?? 0));
}
