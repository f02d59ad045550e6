namespace LooseGraft.Core.Prove.Meters;

/// <summary>What goes wrong at a practice bench, as it does at a real one.</summary>
/// <param name="NoiseShare">How far figures scatter, as a share (standard deviation).</param>
/// <param name="OpenChance">How often a probe does not touch, 0 to 1.</param>
/// <param name="WrongModeChance">How often the meter stands on another mode, 0 to 1.</param>
public sealed record PracticeSlips(double NoiseShare, double OpenChance, double WrongModeChance)
{
    /// <summary>A steady hand: some noise, no slips.</summary>
    public static readonly PracticeSlips Steady = new(0.004, 0, 0);

    /// <summary>An ordinary hand: a slip in about twelve readings, a wrong mode in about twenty.</summary>
    public static readonly PracticeSlips Ordinary = new(0.004, 0.08, 0.05);
}
