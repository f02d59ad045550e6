using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>Bounds of everything that is computed, from the ranges of what is not known exactly.</summary>
/// <remarks>
/// Coefficients are practice, so each is drawn <see cref="Draws"/> times from a triangular distribution over low, likely and high. Figures of one group share
/// one draw: were each opening of mesh drawn by itself, good and bad luck would cancel out and the spread shrink. The seed follows from the group's name, so
/// that a graft always gets the same answer. Bounds are what one draw in twenty lies beyond at either end; a chance may be off by
/// <see cref="Error"/> either way in 19 runs of 20 (Hoeffding's inequality, √(ln(2 / 0.05) / 2n)).
/// </remarks>
internal static class CoolBounds
{
    /// <summary>Draws of each group.</summary>
    public const int Draws = 500;

    /// <summary>How far a chance may be off.</summary>
    public const double Error = 0.06;

    private const double Tail = 0.05;
    private const int AtOnce = 50;

    /// <summary>The outlook for one kind of work.</summary>
    public static CoolOutlook Of(CoolScene scene, HeatCase work, CoolState likely, ReviewWork watched)
    {
        var (spaces, spots) = (Table(scene.Spaces.Length), Table(scene.Spots.Length));
        var (ways, watts) = (Table(scene.Ways.Length), new double[Draws]);
        var inside = scene.Sources.Where(source => source.Space >= 0).Select(source => source.At(work)).ToArray();
        foreach (var (draw, figures, state) in Drawn(scene, work, likely, Draws, watched))
        {
            for (var at = 0; at < spaces.Length; at++) spaces[at][draw] = state.Spaces[at];
            for (var at = 0; at < spots.Length; at++) spots[at][draw] = state.Spots[at];
            for (var at = 0; at < ways.Length; at++) ways[at][draw] = LitresPerSecond.OfCubicMetres(state.Ways[at]).Value;
            watts[draw] = inside.Sum(index => figures[index]);
        }

        return new CoolOutlook(work, likely, [.. spaces.Select((drawn, at) => Between<Celsius>(drawn, likely.Spaces[at]))],
            [.. scene.Spots.Select((spot, at) => Outlook(spot, spots[at], likely.Spots[at]))],
            [.. ways.Select((drawn, at) => Between<LitresPerSecond>(drawn, LitresPerSecond.OfCubicMetres(likely.Ways[at]).Value))],
            Between<Watts>(watts, inside.Sum(index => scene.Figures[index].Likely)));
    }

    /// <summary>Where the shell rests for each of so many draws of what is not known exactly.</summary>
    /// <param name="scene">The scene.</param>
    /// <param name="work">What the machine is doing.</param>
    /// <param name="likely">Where it rests with every figure at its likely value.</param>
    /// <param name="draws">How many, a multiple of fifty.</param>
    /// <param name="watched">Where it is told how far it is, and whence it is given up.</param>
    public static IEnumerable<(int Draw, double[] Figures, CoolState State)> Drawn(
        CoolScene scene, HeatCase work, CoolState likely, int draws, ReviewWork watched)
    {
        var solver = new CoolSolver(scene);
        var seeds = scene.Figures.Groups.Select(SeededDraws.Seed).ToArray();
        foreach (var batch in watched.Each([.. Enumerable.Range(0, draws / AtOnce)], "fifty draws of the air"))
        {
            for (var draw = batch * AtOnce; draw < (batch + 1) * AtOnce; draw++)
            {
                var figures = Drawn(scene.Figures, seeds, draw);
                yield return (draw, figures, solver.Near(figures, work, likely));
            }
        }
    }

    private static double[][] Table(int things) => [.. Enumerable.Range(0, things).Select(_ => new double[Draws])];

    private static double[] Drawn(UnsureFigures unsure, ulong[] seeds, int draw)
    {
        var figures = new double[unsure.Count];
        for (var at = 0; at < figures.Length; at++) figures[at] = unsure[at].At(SeededDraws.Uniform(seeds[unsure[at].Group], (ulong)draw));
        return figures;
    }

    private static SpotOutlook Outlook(HotSpot spot, double[] drawn, double likely)
    {
        return new SpotOutlook(spot, double.IsNaN(likely) ? null : Between<Celsius>(drawn, likely),
            Beyond(spot.Limit.Comfortable), Beyond(spot.Limit.Throttles), Beyond(spot.Limit.Never));

        double Beyond(double limit) => (double)drawn.Count(hot => hot > limit) / Draws;
    }

    /// <summary>What is likely, and what nine draws in ten lie between.</summary>
    public static Spread<T> Between<T>(double[] drawn, double likely)
        where T : struct, IUnitQuantity<T>
    {
        var (sorted, tail) = (drawn.Order().ToArray(), (int)(drawn.Length * Tail));
        var (low, high) = (sorted[tail], sorted[^(tail + 1)]);
        return new Spread<T>(T.Of(Math.Min(low, likely)), T.Of(likely), T.Of(Math.Max(high, likely)));
    }
}
