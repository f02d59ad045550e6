using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>A draw as it is taken from one rail: in watts where it holds its power, and under the setting that holds its part.</summary>
internal static class HeldDraw
{
    /// <summary>The draw at the nominal voltage of the rail that feeds it.</summary>
    public static Draw Of(Load load, Draw draw, Rail rail)
    {
        var held = load.Cap is { } cap ? Under(cap.Limit.Value, draw, load.Draws) : draw;
        if (!draw.HoldsPower) return held;
        var (made, given) = (Math.Abs(VoltsOf(draw)), Math.Abs(rail.Voltage.Value));
        return made == given || given == 0 ? held : held with
        {
            Idle = At(held.Idle),
            Typical = At(held.Typical),
            Peak = At(held.Peak),
            Start = held.Start is { } start ? At(start) : null,
            Spike = held.Spike is { } spike ? At(spike) : null,
        };

        Spread<Amps> At(Spread<Amps> amps) => amps.Rising(each => new Amps(each.Value * made / given));
    }

    /// <summary>The draw when everything that is drawn together is held to some watts.</summary>
    /// <param name="cap">To what, all together.</param>
    /// <param name="draw">One of them.</param>
    /// <param name="together">All of them.</param>
    public static Draw Under(Watts cap, Draw draw, IEnumerable<Draw> together) => draw with
    {
        Typical = Held(together, cap, draw.Typical, each => each.Typical),
        Peak = Held(together, cap, draw.Peak, each => each.Peak),
        // A setting is too slow for milliseconds.
        Spike = draw.Spike ?? draw.Peak,
    };

    // All draws of the part give way alike, each figure by what all the figures of its sort come to.
    private static Spread<Amps> Held(IEnumerable<Draw> together, Watts cap, Spread<Amps> of, Func<Draw, Spread<Amps>> figures)
    {
        var (low, likely, high) = (Share(of.Low, spread => spread.Low), Share(of.Likely, spread => spread.Likely), Share(of.High, spread => spread.High));
        // Where another draw has the wider range, its high figure leaves this one less than its likely one does.
        return new Spread<Amps>(new Amps(Math.Min(low.Value, likely.Value)), likely, new Amps(Math.Max(likely.Value, high.Value)));

        Amps Share(Amps amps, Func<Spread<Amps>, Amps> figure)
        {
            var all = together.Sum(draw => Math.Abs(VoltsOf(draw)) * Math.Max(0, figure(figures(draw)).Value));
            return all > cap.Value ? new Amps(amps.Value * cap.Value / all) : amps;
        }
    }

    private static double VoltsOf(Draw draw) => Signal.Parse(draw.Rail)!.SupplyVoltage!.Value.Value;
}
