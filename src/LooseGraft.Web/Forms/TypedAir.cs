using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads what labels of fans print and what a tape gives, in the units that they come in, telling what is wrong with each.</summary>
public static class TypedAir
{
    // Litres per second of each; a cubic foot is 28.316847 L.
    private static readonly (string Unit, double Each)[] FlowUnits = [("l/s", 1), ("m3/h", 1 / 3.6), ("m³/h", 1 / 3.6), ("cfm", 0.47194745), ("", 1)];

    // Pascals of each, water at 4 °C.
    private static readonly (string Unit, double Each)[] PressureUnits = [("mmh2o", 9.80665), ("mmh₂o", 9.80665), ("inh2o", 249.08891), ("pa", 1), ("", 1)];

    private const double SquareMillimetres = 100;

    /// <summary>Reads a flow that may be missing, such as <c>25</c> or <c>40 CFM</c>.</summary>
    public static LitresPerSecond? OptionalFlow(this ModelStateDictionary errors, string field, string? text)
        => Read(text, FlowUnits) switch
        {
            null when text.Trimmed() is null => null,
            { } flow and >= 0.01 and <= 10_000 => new LitresPerSecond(flow),
            _ => Refuse<LitresPerSecond>(errors, field, $"“{text}” is not a flow. Type litres a second such as 15, or with its unit: 54 m3/h, 32 CFM; or nothing."),
        };

    /// <summary>Reads a pressure that may be missing, such as <c>20</c> or <c>2 mmH2O</c>.</summary>
    public static Pascals? OptionalPressure(this ModelStateDictionary errors, string field, string? text)
        => Read(text, PressureUnits) switch
        {
            null when text.Trimmed() is null => null,
            { } pressure and >= 0.1 and <= 10_000 => new Pascals(pressure),
            _ => Refuse<Pascals>(errors, field, $"“{text}” is not a pressure. Type pascals such as 20, or with its unit: 2 mmH2O; or nothing."),
        };

    /// <summary>Reads an area, such as <c>24</c> or <c>24 cm²</c>, or its sides, such as <c>40 x 60 mm</c>.</summary>
    public static SquareCentimetres? Area(this ModelStateDictionary errors, string field, string? text)
    {
        var plain = (text ?? "").Trim().Replace("×", "x", StringComparison.Ordinal).Replace("cm²", "cm2", StringComparison.OrdinalIgnoreCase);
        var area = plain.Split('x') is [var one, var other] ? FigureText.TryRead(one, "mm") * FigureText.TryRead(other, "mm") / SquareMillimetres
            : FigureText.TryRead(plain, "cm2");
        return area is >= 0.01 and <= 100_000 ? new SquareCentimetres(Math.Round(area.Value, 2))
            : Refuse<SquareCentimetres>(errors, field, $"“{text}” is not an area. Type square centimetres such as 24, or two sides in millimetres such as 40 x 60.");
    }

    /// <summary>Reads a share of 1 to 100 % that may be missing.</summary>
    /// <returns>The share, 0.01 to 1.</returns>
    public static double? OptionalShare(this ModelStateDictionary errors, string field, string? text, string what)
        => FigureText.TryRead(text, "%") switch
        {
            null when text.Trimmed() is null => null,
            { } share and >= 1 and <= 100 => Math.Round(share / 100, 4),
            _ => Refuse<double>(errors, field, $"“{text}” is no share. Type {what} as 1 to 100 %, or nothing."),
        };

    /// <summary>Reads a figure, or low, likely and high, that may be missing.</summary>
    public static Spread<T>? OptionalSpread<T>(this ModelStateDictionary errors, string field, string? text, string what, double least, double most)
        where T : struct, IUnitQuantity<T>
    {
        if (text.Trimmed() is not { } typed) return null;
        var figures = typed.Split([' ', '/', ';'], StringSplitOptions.RemoveEmptyEntries).Select(each => FigureText.TryRead(each, "")).ToArray();
        var isInOrder = figures.All(each => each >= least && each <= most) && figures.SequenceEqual(figures.Order());
        if (isInOrder && figures is [{ } low, ..] && figures.Length is 1 or 3)
            return new Spread<T>(T.Of(low), T.Of(figures[figures.Length / 2]!.Value), T.Of(figures[^1]!.Value));
        return Refuse<Spread<T>>(errors, field, FormattableString.Invariant(
            $"“{text}” will not do. Type {what} as one figure from {least:0.##} to {most:0.##}, or as low, likely and high such as 19 22 27; or nothing."));
    }

    private static double? Read(string? text, (string Unit, double Each)[] units)
    {
        var plain = (text ?? "").Trim().Replace(" ", "", StringComparison.Ordinal);
        var (unit, each) = units.First(known => plain.EndsWith(known.Unit, StringComparison.OrdinalIgnoreCase));
        return FigureText.TryRead(plain[..^unit.Length], "") * each;
    }

    private static T? Refuse<T>(ModelStateDictionary errors, string field, string words)
        where T : struct
    {
        errors.AddModelError(field, words);
        return null;
    }
}
