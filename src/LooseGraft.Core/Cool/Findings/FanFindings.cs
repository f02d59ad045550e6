using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Findings;

/// <summary>What the rules say of fans.</summary>
internal static class FanFindings
{
    // A fan that moves less than a quarter of its free air, and half as much again without another, is held down by it.
    private const double HeldShare = 0.25;
    private const double FreedTimes = 1.5;

    // Each is tried without each fan beside it; of dozens the worst are told.
    private const int MostHeld = 8;

    public static IEnumerable<Finding> Of(Graft graft, CoolScene scene, CoolOutlook outlook, ReviewWork work)
        => [.. Fight(scene, outlook, work), .. Start(scene), .. Unplaced(graft, scene), .. Bent(scene)];

    private static IEnumerable<Finding> Fight(CoolScene scene, CoolOutlook outlook, ReviewWork work)
    {
        var held = (from at in Enumerable.Range(0, scene.Fans.Length)
                    let fan = scene.Fans[at]
                    let free = scene.Figures[fan.FreeAir].Likely * outlook.State.Speeds[at]
                    where fan.Way is not null && free > 0 && outlook.State.Fans[at] < HeldShare * free
                    // Of two that are alike the first is told first, whatever the last digit says.
                    orderby Math.Round(outlook.State.Fans[at] / free, 3)
                    select (fan, outlook.State.Fans[at], free)).Take(MostHeld).ToArray();
        foreach (var (fan, moves, free) in work.Each(held, "fan that moves little"))
        {
            var best = scene.Fans.Where(other => other.Part != fan.Part && Meet(scene, fan, other))
                .Select(other => (Other: other, Alone: Alone(scene, fan, other))).DefaultIfEmpty().MaxBy(pair => pair.Alone);
            if (best.Other is null || best.Alone < Math.Max(FreedTimes * moves, HeldShare * free)) continue;
            var (now, alone) = (LitresPerSecond.OfCubicMetres(moves), LitresPerSecond.OfCubicMetres(best.Alone));
            yield return Finding.Of(CoolRules.FansFight, new PartSubject(fan.Part), new FansFight(fan.Part, best.Other.Part, now, alone),
                $"{fan.Name} moves {now} the way that it blows, and {alone} without {best.Other.Name}: they blow against each other.",
                Evidence.Assumed, "turn one of them round: one in, one out", "give each an opening of its own on its other side");
        }
    }

    // Only what blows into or out of a space of its own can hold it down by much.
    private static bool Meet(CoolScene scene, CoolFan fan, CoolFan other)
    {
        if (other.Way is not { } there) return false;
        var (one, two) = (scene.Ways[fan.Way!.Value], scene.Ways[there]);
        return (one.From >= 0 && (one.From == two.From || one.From == two.To)) || (one.To >= 0 && (one.To == two.From || one.To == two.To));
    }

    private static double Alone(CoolScene scene, CoolFan fan, CoolFan without)
    {
        var left = scene with { Fans = scene.Fans.Remove(without) };
        return new CoolSolver(left).Likely(HeatCase.Peak).Fans[left.Fans.IndexOf(fan)];
    }

    private static IEnumerable<Finding> Start(CoolScene scene)
        => from fan in scene.Fans
           where fan.Volts < fan.StartVolts
           select Finding.Of(CoolRules.BelowStart, new PartSubject(fan.Part),
               new FanMayNotStart(fan.Part, new Volts(fan.Volts), new Volts(fan.StartVolts)),
               $"{fan.Name} gets {new Volts(fan.Volts)}: {StartWords(fan)}.",
               Evidence.Assumed, $"count on {new Volts(fan.StartVolts)} or more", "try whether this one starts, cold and from every position")
               with
           { Severity = fan.NeverTurns ? Severity.Fix : Severity.Check };

    private static string StartWords(CoolFan fan)
    {
        var (rated, least) = (new Volts(fan.Rated), new Volts(Math.Round(fan.StartVolts * FanClass.NeverTurnsVolts / FanClass.StartVolts, 2)));
        return fan.NeverTurns ? $"no {rated} fan turns on so little" : $"{rated} fans start on {least.Value:0.##} to {new Volts(fan.StartVolts)}, each on its own";
    }

    private static IEnumerable<Finding> Bent(CoolScene scene)
        => from fan in scene.Fans
           where fan.Curve?.WasBent == true
           select Finding.Of(CoolRules.CurveBent, new PartSubject(fan.Part), new HeatUnknown(fan.Part),
               $"The curve of {fan.Name} rises on its way; it is reckoned with the highest one below it that never does, as on the hump a fan stalls.",
               Evidence.Assumed, "read the curve again", "choose ways that let it run beyond the hump");

    private static IEnumerable<Finding> Unplaced(Graft graft, CoolScene scene)
        => from part in graft.Parts
           where scene.Fans.All(fan => fan.Part != part.Id)
           // One outside the shell moves nothing in it, knowingly.
           where graft.Cooling.Places.All(other => other.Part != part.Id || other.Space is not null)
           let place = graft.Cooling.Fans.FirstOrDefault(each => each.Part == part.Id)
           where part.Kind == PartKind.Fan || place is not null
           let why = place is null ? "nobody said what it blows through"
               : SceneFans.SizeOf(graft, place) is null ? "nobody said how large it is" : "what it blows through is shut"
           select Finding.Of(CoolRules.FanUnplaced, new PartSubject(part.Id), new HeatUnknown(part.Id),
               $"{(part.Kind == PartKind.Fan ? part.Name : $"The fan of {part.Name}")}: {why}, so it counts as moving nothing.", Evidence.Assumed, "say how large it is, which opening it is mounted in and which way it blows, or that it only stirs");
}
