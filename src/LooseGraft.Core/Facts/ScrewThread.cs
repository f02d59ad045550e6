using System.Globalization;

namespace LooseGraft.Core.Facts;

/// <summary>A screw's thread: a machine thread of a standard, or one that cuts its own way, by its outer diameter.</summary>
/// <param name="Name">As a builder writes it: M3, 6-32, self-tapping 3, wood 3.5.</param>
/// <param name="Family">What it is made for.</param>
/// <param name="DiameterMm">Its outer diameter, in millimetres.</param>
/// <param name="PitchMm">From one turn to the next, in millimetres; 0 for one that cuts its own way.</param>
/// <param name="ClearanceMm">The hole it goes through, in millimetres.</param>
/// <param name="TapMm">The drill for its thread, in millimetres; 0 for one that cuts its own way.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record ScrewThread(string Name, ScrewFamily Family, double DiameterMm, double PitchMm, double ClearanceMm, double TapMm, string Source)
{
    private const double ThinnestMm = 1.5;
    private const double ThickestMm = 8;
    private const string SelfTapping = "self-tapping ";
    private const string Wood = "wood ";

    // Fewer threads strip.
    private const double FewestThreads = 3;

    /// <summary>The machine threads in use, thinnest first.</summary>
    public static IReadOnlyList<ScrewThread> Machine { get; } = FactFile.Load<IReadOnlyList<ScrewThread>>("screw-threads.json");

    // The usual one for boards.
    private const double UsualMm = 3;

    /// <summary>The least length of it that holds, in millimetres: three threads in metal; twice its diameter in plastic, four times in wood (common
    /// practice).</summary>
    public double LeastHoldMm => Family switch
    {
        ScrewFamily.Machine => FewestThreads * PitchMm,
        ScrewFamily.SelfTapping => 2 * DiameterMm,
        _ => 4 * DiameterMm,
    };

    /// <summary>The hole it cuts its thread into, in millimetres, from and to: 0.80 to 0.85 of its diameter in plastic, 0.6 to 0.75 in wood (common
    /// practice); for a machine thread the drill for its tap.</summary>
    public (double From, double To) PilotMm => Family switch
    {
        ScrewFamily.Machine => (TapMm, TapMm),
        ScrewFamily.SelfTapping => (0.8 * DiameterMm, 0.85 * DiameterMm),
        _ => (0.6 * DiameterMm, 0.75 * DiameterMm),
    };

    /// <summary>What a name means; null for none.</summary>
    public static ScrewThread? Find(string name)
    {
        var words = name.Trim().Replace(',', '.').ToLowerInvariant();
        return Machine.FirstOrDefault(thread => thread.Name.Equals(words, StringComparison.OrdinalIgnoreCase))
            ?? Cutting(words, SelfTapping, ScrewFamily.SelfTapping) ?? Cutting(words, Wood, ScrewFamily.Wood);
    }

    /// <summary>The usual one through a hole of a board: M3, or the thickest that goes through where that is thinner.</summary>
    /// <param name="hole">How wide the hole is, in millimetres.</param>
    public static ScrewThread Through(double hole) => Machine.LastOrDefault(thread => thread.DiameterMm <= Math.Min(hole, UsualMm)) ?? Machine[0];

    private static ScrewThread? Cutting(string words, string start, ScrewFamily family)
        => words.StartsWith(start, StringComparison.Ordinal)
            && double.TryParse(words[start.Length..].Trim(), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var diameter)
            && diameter is >= ThinnestMm and <= ThickestMm
            ? new ScrewThread(string.Create(CultureInfo.InvariantCulture, $"{start}{diameter}"), family, diameter, 0, diameter * 1.1, 0, "common practice")
            : null;
}
