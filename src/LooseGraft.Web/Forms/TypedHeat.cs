using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Forms;

/// <summary>Reads what thermometers, clocks and fan settings say, in the units that people say them in.</summary>
public static class TypedHeat
{
    private const double MostMinutes = 10_000;
    private const double MinutesInAnHour = 60;
    private const double LeastHoles = 5;
    private const double MostHoles = 300;

    // 0 °C is 32 °F, and 5 K are 9 °F.
    private const double Freezing = 32;
    private const double Each = 5.0 / 9;

    /// <summary>Reads a temperature such as <c>83</c>, <c>83 °C</c> or <c>181 °F</c>.</summary>
    /// <returns>To a tenth of a degree; null with a message where it is none.</returns>
    public static Celsius? Temperature(this ModelStateDictionary errors, string field, string? text, double least, double most)
    {
        var plain = (text ?? "").Trim().Replace("°", "", StringComparison.Ordinal).Replace("degrees", "", StringComparison.OrdinalIgnoreCase).TrimEnd();
        var isAmerican = plain.EndsWith("F", StringComparison.OrdinalIgnoreCase);
        var read = FigureText.TryRead(isAmerican ? plain[..^1] : plain.TrimEnd('C', 'c'), "");
        var degrees = isAmerican ? (read - Freezing) * Each : read;
        if (degrees >= least && degrees <= most) return new Celsius(Math.Round(degrees.Value, 1));
        errors.AddModelError(field, FormattableString.Invariant($"“{text}” is no temperature from {least:0} to {most:0} °C. Type it as 83, 83 °C or 181 °F."));
        return null;
    }

    /// <summary>Reads a time such as <c>30</c>, <c>30 min</c> or <c>1.5 h</c>.</summary>
    public static Minutes? Time(this ModelStateDictionary errors, string field, string? text)
    {
        var plain = (text ?? "").Trim();
        var isHours = plain.EndsWith("h", StringComparison.OrdinalIgnoreCase);
        var minutes = isHours ? FigureText.TryRead(plain[..^1], "") * MinutesInAnHour : FigureText.TryRead(plain, "min");
        if (minutes is >= 0 and <= MostMinutes) return new Minutes(Math.Round(minutes.Value, 1));
        errors.AddModelError(field, $"“{text}” is no time. Type minutes such as 30, or hours such as 1.5 h.");
        return null;
    }

    /// <summary>Reads holes for a cooler that may be missing: <c>75 x 75</c> for four, <c>98</c> for two lugs.</summary>
    public static HolePattern? OptionalPattern(this ModelStateDictionary errors, string field, string? text)
    {
        if (text.Trimmed() is not { } typed) return null;
        var sides = typed.Replace('×', 'x').Split('x').Select(side => FigureText.TryRead(side, "mm")).ToArray();
        if (sides.Length <= 2 && sides.All(side => side is >= LeastHoles and <= MostHoles))
            return new HolePattern(new Millimetres(sides.Max()!.Value), sides.Length == 2 ? new Millimetres(sides.Min()!.Value) : null);
        errors.AddModelError(field, $"“{text}” is no pattern. Type two sides in millimetres such as 75 x 75, or one figure such as 98 for two lugs; or nothing.");
        return null;
    }

    /// <summary>Reads how fast fans ran, that may be missing: <c>60 %</c>, <c>7 V</c> of 12, <c>full</c>, <c>stopped</c>.</summary>
    /// <returns>The share of full speed, 0 to 1.</returns>
    public static double? OptionalFanShare(this ModelStateDictionary errors, string field, string? text)
    {
        var plain = (text ?? "").Trim().ToLowerInvariant();
        double? share = plain switch
        {
            "" => null,
            "full" or "in full" => 1,
            "stopped" or "off" => 0,
            _ when plain.EndsWith('v') => FigureText.TryRead(plain[..^1], "") / FanClass.FullVolts,
            _ when plain.EndsWith('%') => FigureText.TryRead(plain[..^1], "") / 100,
            _ => double.NaN,
        };
        if (plain.Length == 0 || share is >= 0 and <= 1) return share is { } known ? Math.Round(known, 4) : null;
        errors.AddModelError(field, $"“{text}” is no speed of fans. Type 60 %, 7 V, full or stopped; or nothing for as they are set here.");
        return null;
    }
}
