namespace LooseGraft.Core.Facts;

/// <summary>What is known of a cover: which share of its area is free. Practice, not a standard; each may be overridden by what was measured.</summary>
/// <param name="Cover">The cover.</param>
/// <param name="Name">In a builder's words.</param>
/// <param name="Low">The least free share, above 0 and at most 1.</param>
/// <param name="Likely">The likely one.</param>
/// <param name="High">The most.</param>
/// <param name="Source">Where that comes from.</param>
public sealed record AirCoverFact(AirCover Cover, string Name, double Low, double Likely, double High, string Source)
{
    /// <summary>How much of what drives air through a sharp-edged opening comes out as flow: about 0.6 (any textbook of hydraulics), here 0.55 to
    /// 0.65.</summary>
    public static readonly (double Low, double Likely, double High) Discharge = (0.55, 0.6, 0.65);

    /// <summary>Velocity heads that a clean dust filter takes on its own area: 2 to 4 (common practice).</summary>
    public static readonly (double Low, double Likely, double High) CleanFilter = (2, 3, 4);

    /// <summary>How many times that a dirty one takes (common practice).</summary>
    public const double DirtyTimes = 3;

    /// <summary>All of them, in the order of <see cref="AirCover"/>.</summary>
    public static IReadOnlyList<AirCoverFact> All { get; } = FactFile.Load<IReadOnlyList<AirCoverFact>>("air-covers.json");

    /// <summary>What is known of one.</summary>
    public static AirCoverFact Of(AirCover cover) => All[(int)cover];

    /// <summary>Velocity heads that a cover of some free share takes where a fan blows through the whole of it: (0.707·√(1 − f) + 1 − f)² / f² (thin
    /// perforated sheet in a duct, I. E. Idelchik, Handbook of Hydraulic Resistance, chapter 8): 2 at 0.6, 4 at 0.5, 8 at 0.4, as practice has it.</summary>
    /// <param name="freeShare">Above 0 and at most 1.</param>
    public static double HeadsAtFan(double freeShare)
    {
        var shut = 1 - freeShare;
        var heads = (Math.Sqrt(shut / 2) + shut) / freeShare;
        return heads * heads;
    }
}
