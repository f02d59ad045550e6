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
    private const double NeverTurnsVolts = 4;
    private const double Litres = 1000;

    public static IEnumerable<Finding> Of(Graft graft, CoolScene scene, CoolOutlook outlook)
        => [.. Fight(scene, outlook), .. Start(scene), .. Unplaced(graft, scene)];

    private static IEnumerable<Finding> Fight(CoolScene scene, CoolOutlook outlook)
    {
        for (var at = 0; at < scene.Fans.Length; at++)
        {
            var (fan, moves, free) = (scene.Fans[at], outlook.State.Fans[at], scene.Figures[scene.Fans[at].FreeAir].Likely * outlook.State.Speeds[at]);
            if (fan.Way is null || free <= 0 || moves >= HeldShare * free) continue;
            var best = scene.Fans.Where(other => other.Part != fan.Part && other.Way is not null)
                .Select(other => (Other: other, Alone: Alone(scene, fan, other))).DefaultIfEmpty().MaxBy(pair => pair.Alone);
            if (best.Other is null || best.Alone < Math.Max(FreedTimes * moves, HeldShare * free)) continue;
            var (now, alone) = (new LitresPerSecond(moves * Litres), new LitresPerSecond(best.Alone * Litres));
            yield return Finding.Of(CoolRules.FansFight, new PartSubject(fan.Part), new FansFight(fan.Part, best.Other.Part, now, alone),
                $"{fan.Name} moves {now} the way that it blows, and {alone} without {best.Other.Name}: they blow against each other.",
                Evidence.Assumed, "turn one of them round: one in, one out", "give each an opening of its own on its other side");
        }
    }

    private static double Alone(CoolScene scene, CoolFan fan, CoolFan without)
    {
        var left = scene with { Fans = scene.Fans.Remove(without) };
        return new CoolSolver(left).Likely(HeatCase.Peak).Fans[left.Fans.IndexOf(fan)];
    }

    private static IEnumerable<Finding> Start(CoolScene scene)
        => from fan in scene.Fans
           where fan.Volts < FanClass.StartVolts
           let never = fan.Volts < NeverTurnsVolts
           select Finding.Of(CoolRules.BelowStart, new PartSubject(fan.Part),
               new FanMayNotStart(fan.Part, new Volts(fan.Volts), new Volts(FanClass.StartVolts)),
               $"{fan.Name} gets {new Volts(fan.Volts)}: {(never ? "no 12 V fan turns on so little" : "12 V fans start on 4 to 7 V, each on its own")}.", Evidence.Assumed,
               $"count on {new Volts(FanClass.StartVolts)} or more", "try whether this one starts, cold and from every position")
               with
           { Severity = never ? Severity.Fix : Severity.Check };

    private static IEnumerable<Finding> Unplaced(Graft graft, CoolScene scene)
        => from part in graft.Parts
           where part.Kind == PartKind.Fan && scene.Fans.All(fan => fan.Part != part.Id)
           // One outside the shell moves nothing in it, knowingly.
           where graft.Cooling.Places.All(other => other.Part != part.Id || other.Space is not null)
           let place = graft.Cooling.Fans.FirstOrDefault(each => each.Part == part.Id)
           let why = place is null ? "nobody said what it blows through" : SceneFans.SizeOf(graft, place) is null ? "nobody said how large it is" : "what it blows through is shut"
           select Finding.Of(CoolRules.FanUnplaced, new PartSubject(part.Id), new HeatUnknown(part.Id),
               $"{part.Name}: {why}, so it counts as moving nothing.", Evidence.Assumed, "say which opening it is mounted in and which way it blows, or that it only stirs");
}
