using LooseGraft.Core.Facts;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Scene;

/// <summary>What heats the air: every watt that a part takes, and what supplies and converters in the shell lose on the way.</summary>
/// <remarks>Light and sound that leave the shell count as heat too: they are little, and it errs on the safe side.</remarks>
internal static class SceneSources
{
    public static List<HeatSource> Of(Graft graft, FeedFlows flows, List<CoolSpace> spaces, UnsureFigures figures)
    {
        var sources = new List<HeatSource>();
        foreach (var loads in graft.Loads.Where(load => !load.Draws.IsEmpty).GroupBy(load => load.Part))
        {
            if (graft.FindPart(loads.Key) is not { } part) continue;
            var evidence = loads.SelectMany(load => load.Draws).Select(draw => draw.Evidence).Weakest();
            sources.Add(new HeatSource(part.Id, part.Name, ScenePlaces.SpaceOf(graft, part, spaces), false, evidence)
            {
                Watts = (Add(HeatCase.Idle), Add(HeatCase.Typical), Add(HeatCase.Peak)),
            });

            int Add(HeatCase work)
            {
                var all = loads.Select(load => WattsOf(load, work))
                    .Aggregate((one, other) => (one.Low + other.Low, one.Likely + other.Likely, one.High + other.High));
                return AddTo(figures, $"watts of {loads.First().Id}", all);
            }
        }

        foreach (var supply in graft.Supplies)
        {
            if (graft.FindPart(supply.Part) is not { } part) continue;
            var known = flows.Of(supply).Select(term => term.Flow.Evidence).Append(supply.Class is null ? Evidence.Assumed : Evidence.Label).Weakest();
            sources.Add(new HeatSource(part.Id, part.Name, ScenePlaces.SpaceOf(graft, part, spaces), true, known)
            {
                Watts = (Add(HeatCase.Idle), Add(HeatCase.Typical), Add(HeatCase.Peak)),
            });

            int Add(HeatCase work)
            {
                var (given, taken) = (flows.Given(supply, Case(work)), flows.Taken(supply, Case(work)));
                return AddTo(figures, $"loss of {supply.Id}", (
                    Math.Max(taken.Low.Value - given.Low.Value, 0), Math.Max(taken.Likely.Value - given.Likely.Value, 0),
                    Math.Max(taken.High.Value - given.High.Value, 0)));
            }
        }

        return sources;
    }

    /// <summary>What a load turns into heat, in watts: what it takes at the voltage that its figures are given for.</summary>
    public static (double Low, double Likely, double High) WattsOf(Load load, HeatCase work)
    {
        double low = 0, likely = 0, high = 0;
        foreach (var draw in load.Draws)
        {
            var rail = new Rail(Signal.Parse(draw.Rail)!, new Known<Amps>(Amps.Zero, Evidence.Assumed));
            var volts = Math.Abs(rail.Voltage.Value);
            var amps = FeedStage.Current(HeldDraw.Of(load, draw, rail), Case(work));
            // A negative figure is a finding of Feed; here it would cool.
            low += volts * Math.Max(amps.Low.Value, 0);
            likely += volts * Math.Max(amps.Likely.Value, 0);
            high += volts * Math.Max(amps.High.Value, 0);
        }

        return (low, likely, high);
    }

    private static int AddTo(UnsureFigures figures, string group, (double Low, double Likely, double High) watts)
    {
        // Losses need not rise from low to high where a supply is at its best in the middle.
        var likely = watts.Likely;
        return figures.Add(group, Math.Min(watts.Low, likely), likely, Math.Max(watts.High, likely));
    }

    private static LoadCase Case(HeatCase work) => work switch { HeatCase.Idle => LoadCase.Idle, HeatCase.Typical => LoadCase.Typical, _ => LoadCase.Peak };
}
