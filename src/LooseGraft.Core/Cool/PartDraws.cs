using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>Everything that a part draws, by whichever of its loads.</summary>
internal static class PartDraws
{
    /// <summary>The same graft with each draw of a part changed. What cools it stays what it was.</summary>
    /// <param name="graft">The graft.</param>
    /// <param name="part">The part.</param>
    /// <param name="change">Of each draw, given all of them.</param>
    public static Graft WithDraws(this Graft graft, string part, Func<Draw, Draw[], Draw> change)
    {
        var together = DrawsOf(graft, part);
        if (graft.FindPart(part) is not { } drawing) return graft;
        return new SetCooler(graft.SaidOfCooler(part) with { Class = SceneSpots.CoolerOf(graft, drawing) }).Apply(graft) with
        {
            Loads = [.. graft.Loads.Select(load => load.Part == part ? load with { Draws = [.. load.Draws.Select(draw => change(draw, together))] } : load)],
        };
    }

    /// <summary>The same graft with a part that takes so many watts at peak, no less and no more, whatever holds it now: each draw in its share.</summary>
    public static Graft WithWatts(this Graft graft, string part, double watts)
    {
        var now = DrawsOf(graft, part).Sum(draw => Math.Abs(draw.Volts()) * Math.Max(draw.Peak.Likely.Value, 0));
        var free = graft with { Loads = [.. graft.Loads.Select(load => load.Part == part ? load with { Cap = null } : load)] };
        return free.WithDraws(part, (draw, _) => draw with { Peak = Spread<Amps>.Exactly(new Amps(Math.Max(draw.Peak.Likely.Value, 0) * watts / now)) });
    }

    private static double Volts(this Draw draw) => Signal.Parse(draw.Rail)!.SupplyVoltage!.Value.Value;

    private static Draw[] DrawsOf(Graft graft, string part) => [.. graft.Loads.Where(load => load.Part == part).SelectMany(load => load.Draws)];
}
