using LooseGraft.Core.Cool.Scene;

namespace LooseGraft.Core.Cool;

/// <summary>How loud the fans are together.</summary>
/// <remarks>Sources add by their power; a fan's level goes with 50 dB for each tenfold of its speed (fan laws, common practice). Walls, bearings and what
/// hums along are not counted: differences hold better than levels.</remarks>
public static class Noise
{
    private const double ForTenfold = 50;

    // A room at night: less than this nobody hears.
    private const double Quietest = 15;

    /// <summary>The level of everything together a metre away, in dB(A); no less than a quiet room.</summary>
    public static double Of(CoolScene scene, CoolState state)
    {
        var power = Power(Quietest, 1);
        for (var fan = 0; fan < scene.Fans.Length; fan++) power += PowerOf(scene, state, fan);
        for (var spot = 0; spot < scene.Spots.Length; spot++)
        {
            if (scene.Spots[spot].Cooler?.Noise is { } loud) power += Power(loud, BoardCurve.ShareAt(state.Spots[spot]));
        }

        return 10 * Math.Log10(power);
    }

    /// <summary>The level of one fan by itself, in dB(A); null for one that stands still.</summary>
    /// <param name="scene">The scene.</param>
    /// <param name="state">How everything stands.</param>
    /// <param name="fan">Its index among the fans of the scene.</param>
    public static double? Of(CoolScene scene, CoolState state, int fan)
        => PowerOf(scene, state, fan) is > 0 and var power ? 10 * Math.Log10(power) : null;

    private static double PowerOf(CoolScene scene, CoolState state, int fan) => Power(scene.Fans[fan].Class.Noise.Average(), state.Speeds[fan]);

    private static double Power(double full, double speed) => speed <= 0 ? 0 : Math.Pow(10, (full + (ForTenfold * Math.Log10(speed))) / 10);
}
