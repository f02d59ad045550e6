using System.Text.RegularExpressions;

namespace LooseGraft.Core.Quantities;

/// <summary>Reads what an instrument showed, typed the way people say it: <c>4.98 V</c>, <c>OL</c>, <c>4k7</c>, <c>no beep</c>, <c>2 11/16 in</c>, <c>26 +
/// .4</c>.</summary>
public static partial class ReadingText
{
    /// <summary>Characters of the longest text looked at; nobody says a longer one.</summary>
    public const int Longest = 40;

    /// <summary>Millimetres in an inch, exactly (international yard and pound agreement, 1959).</summary>
    public const double MillimetresPerInch = 25.4;

    /// <summary>What may be typed, for words beside a field.</summary>
    public const string Allowed = "a reading such as 4.98 V, -12.1, OL, 0.2 ohm, 4k7, beep, no beep, 37 mm, 2 11/16 in or 26 + .4";

    private const double MostFigure = 1e9;

    private static readonly Dictionary<string, ReadingKind> Words = new()
    {
        ["beep"] = ReadingKind.Beep,
        ["beeps"] = ReadingKind.Beep,
        ["no beep"] = ReadingKind.NoBeep,
        ["silent"] = ReadingKind.NoBeep,
        ["silence"] = ReadingKind.NoBeep,
        ["ol"] = ReadingKind.OverRange,
        ["0l"] = ReadingKind.OverRange,
        ["o.l"] = ReadingKind.OverRange,
        ["0.l"] = ReadingKind.OverRange,
        ["o.l."] = ReadingKind.OverRange,
        ["open"] = ReadingKind.OverRange,
        ["over"] = ReadingKind.OverRange,
    };

    // Lower case; "m" is milli before volts and amperes and mega before ohms only when written as a capital, so ohms are matched on the original text.
    private static readonly Dictionary<string, (ReadingKind Kind, double Factor)> Units = new()
    {
        ["v"] = (ReadingKind.Volts, 1),
        ["volt"] = (ReadingKind.Volts, 1),
        ["volts"] = (ReadingKind.Volts, 1),
        ["mv"] = (ReadingKind.Volts, 1e-3),
        ["a"] = (ReadingKind.Amps, 1),
        ["amp"] = (ReadingKind.Amps, 1),
        ["amps"] = (ReadingKind.Amps, 1),
        ["ma"] = (ReadingKind.Amps, 1e-3),
        ["w"] = (ReadingKind.Watts, 1),
        ["watt"] = (ReadingKind.Watts, 1),
        ["watts"] = (ReadingKind.Watts, 1),
        ["ohm"] = (ReadingKind.Ohms, 1),
        ["ohms"] = (ReadingKind.Ohms, 1),
        ["ω"] = (ReadingKind.Ohms, 1),
        ["r"] = (ReadingKind.Ohms, 1),
        ["k"] = (ReadingKind.Ohms, 1e3),
        ["kohm"] = (ReadingKind.Ohms, 1e3),
        ["kω"] = (ReadingKind.Ohms, 1e3),
        ["megohm"] = (ReadingKind.Ohms, 1e6),
        ["mohm"] = (ReadingKind.Ohms, 1e6),
        ["mω"] = (ReadingKind.Ohms, 1e6),
        ["mm"] = (ReadingKind.Length, 1),
        ["cm"] = (ReadingKind.Length, 10),
        ["in"] = (ReadingKind.Length, MillimetresPerInch),
        ["inch"] = (ReadingKind.Length, MillimetresPerInch),
        ["inches"] = (ReadingKind.Length, MillimetresPerInch),
        ["\""] = (ReadingKind.Length, MillimetresPerInch),
    };

    /// <summary>Reads what was typed.</summary>
    /// <param name="text">Any text.</param>
    /// <returns>The reading; null when the text is not one. A comma is a decimal mark. Figures are finite and within ±10⁹.</returns>
    public static SpokenReading? TryRead(string? text)
    {
        if (text is null || text.Length > Longest) return null;
        var said = Spaces().Replace(text.Trim().Replace('−', '-').Replace('”', '"').Replace("''", "\"", StringComparison.Ordinal), " ");
        var lower = said.ToLowerInvariant();
        if (Words.TryGetValue(lower, out var word)) return new SpokenReading(word, 0);
        return TryCaliper(lower) ?? TryInlinePrefix(said) ?? TryFigure(lower);
    }

    // "26 + .4": the whole millimetres at the zero line and the tenth of the coincident line.
    private static SpokenReading? TryCaliper(string said)
        => CaliperPattern().Match(said) is { Success: true } match && TryNumber(match.Groups["whole"].Value) is { } whole
            && TryNumber(match.Groups["part"].Value) is { } part && part < 1
            ? new SpokenReading(ReadingKind.Length, whole + part)
            : null;

    // "4k7", "2R2", "1M0": the prefix stands where the decimal mark would.
    private static SpokenReading? TryInlinePrefix(string said)
    {
        if (InlinePrefixPattern().Match(said) is not { Success: true } match) return null;
        var factor = match.Groups["prefix"].Value switch { "k" or "K" => 1e3, "M" => 1e6, _ => 1 };
        return TryNumber($"{match.Groups["whole"].Value}.{match.Groups["part"].Value}") is { } figure ? Bounded(ReadingKind.Ohms, figure * factor) : null;
    }

    private static SpokenReading? TryFigure(string said)
    {
        if (FigurePattern().Match(said) is not { Success: true } match || !(match.Groups["whole"].Success || match.Groups["top"].Success)) return null;
        var unit = match.Groups["unit"].Value;
        (ReadingKind Kind, double Factor) sort = (ReadingKind.Bare, 1);
        if (unit.Length > 0 && !Units.TryGetValue(unit, out sort)) return null;
        if (TryMixed(match) is not { } figure) return null;
        // A fraction without a unit is an inch: nobody writes millimetres or volts so.
        return match.Groups["top"].Success && unit.Length == 0
            ? Bounded(ReadingKind.Length, figure * MillimetresPerInch)
            : Bounded(sort.Kind, figure * sort.Factor);
    }

    private static double? TryMixed(Match match)
    {
        var whole = match.Groups["whole"] is { Success: true } group ? TryNumber(group.Value) : 0;
        if (!match.Groups["top"].Success || whole is null) return whole;
        var (top, bottom) = (TryNumber(match.Groups["top"].Value), TryNumber(match.Groups["bottom"].Value));
        if (top is null || bottom is not > 0 || top >= bottom) return null;
        return whole + (Math.Sign(whole.Value) < 0 ? -1 : 1) * (top / bottom);
    }

    private static SpokenReading? Bounded(ReadingKind kind, double value)
        => Math.Abs(value) > MostFigure ? null : new SpokenReading(kind, value == 0 ? 0 : value);

    private static double? TryNumber(string text) => FigureText.TryRead(text, " ");

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"^(?<whole>\d{1,4}) ?\+ ?(?<part>0?[.,]\d{1,2})(?: ?mm)?$")]
    private static partial Regex CaliperPattern();

    [GeneratedRegex(@"^(?<whole>\d{1,3})(?<prefix>[kKMRr])(?<part>\d{1,3})$")]
    private static partial Regex InlinePrefixPattern();

    [GeneratedRegex("^(?:(?<whole>[+-]?(?:\\d{1,10}(?:[.,]\\d{0,6})?|[.,]\\d{1,6})))?(?:(?:^| )(?<top>\\d{1,3})/(?<bottom>\\d{1,3}))? ?(?<unit>[a-zω\"]*)$")]
    private static partial Regex FigurePattern();
}
