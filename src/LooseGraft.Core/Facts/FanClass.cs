namespace LooseGraft.Core.Facts;

/// <summary>What fans of a usual size do at full speed. Practice, not a standard: a fan's own label overrides it.</summary>
/// <param name="Kind">How it is built.</param>
/// <param name="SizeMm">The side of its frame.</param>
/// <param name="ThickMm">How thick it is.</param>
/// <param name="FreeAir">Least and most flow against no pressure, in litres per second.</param>
/// <param name="Blocked">Least and most pressure against which nothing flows, in pascals.</param>
/// <param name="Turns">Least and most usual full speed, turns a minute.</param>
/// <param name="Noise">Least and most that it is heard a metre away at full speed, in dB(A).</param>
/// <param name="Source">Where that comes from.</param>
/// <param name="HolesMm">From hole to hole along a side of its frame; null where there is no usual distance.</param>
public sealed record FanClass(
    FanKind Kind, double SizeMm, double ThickMm, IReadOnlyList<double> FreeAir, IReadOnlyList<double> Blocked, IReadOnlyList<double> Turns,
    IReadOnlyList<double> Noise, string Source, double? HolesMm = null)
{
    /// <summary>Under so many millimetres a fan of 60 mm and more is a slim one.</summary>
    public const double SlimMm = 16;

    /// <summary>The share of the flow that a slim one has (common practice: 0.6 to 0.7).</summary>
    public const double SlimShare = 0.65;

    /// <summary>Volts at which a 12 V fan may be counted on to start: they do from 4 to 7 (common practice). Fans for other volts in proportion.</summary>
    public const double StartVolts = 7;

    /// <summary>Volts of a usual fan.</summary>
    public const double FullVolts = 12;

    /// <summary>Below this no 12 V fan turns; from there to <see cref="StartVolts"/> one may (common practice).</summary>
    public const double NeverTurnsVolts = 4;

    /// <summary>All of them.</summary>
    public static IReadOnlyList<FanClass> All { get; } = FactFile.Load<IReadOnlyList<FanClass>>("fan-classes.json");

    /// <summary>The class of the nearest size.</summary>
    /// <param name="kind">How it is built.</param>
    /// <param name="sizeMm">The side of its frame.</param>
    /// <param name="thickMm">How thick it is; null where nobody said: then as usual.</param>
    public static FanClass Nearest(FanKind kind, double sizeMm, double? thickMm)
        => All.Where(each => each.Kind == kind).MinBy(each => (Math.Abs(each.SizeMm - sizeMm), Math.Abs(each.ThickMm - (thickMm ?? each.ThickMm))))!;

    /// <summary>What of its flow a fan of that thickness has.</summary>
    public double ShareAt(double? thickMm) => Kind == FanKind.Axial && SizeMm >= 60 && thickMm < SlimMm ? SlimShare : 1;
}
