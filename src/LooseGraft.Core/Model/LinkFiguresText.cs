using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>Reads what is printed on an element, typed as people say it: <c>470 ohm 1/4 W</c>, <c>12 V 400 ohm with diode</c>.</summary>
public static partial class LinkFiguresText
{
    /// <summary>What may be typed, for words beside a field.</summary>
    public const string Allowed = "figures with their units, each once, such as 470 ohm 0.25 W, 4k7, 2 A, 12 V 400 ohm with diode, 6.3 V 0.5 A isolated, 12 V 2 A 90 %, 0.3 s";

    private const int Longest = 80;

    /// <summary>Reads figures.</summary>
    /// <param name="text">Any text; nothing at all is no figures.</param>
    /// <returns>The figures; null when the text is none, or names one of them twice. Whether they are within bounds is for the file's rules to say.</returns>
    public static LinkFigures? TryRead(string? text)
    {
        var said = text?.Trim() ?? "";
        if (said.Length > Longest) return null;
        var word = WordPattern().Match(said);
        var figures = new LinkFigures
        {
            HasDiode = word.Groups["diode"].Success,
            IsIsolated = word.Groups["isolated"].Success ? !word.Groups["not"].Success : null,
        };
        foreach (var piece in Pieces().Split(said[..(word.Success ? word.Index : said.Length)].Trim(' ', ',', ';')).Where(piece => piece.Length > 0))
        {
            if (WithShareOrTime(figures, piece) is { } other)
            {
                figures = other;
                continue;
            }

            if (ReadingText.TryRead(piece) is not { } reading || With(figures, reading) is not { } more) return null;
            figures = more;
        }

        return figures;
    }

    private static LinkFigures? With(LinkFigures figures, SpokenReading reading) => (reading.Kind, figures) switch
    {
        (ReadingKind.Ohms, { Resistance: null }) => figures with { Resistance = new Ohms(reading.Value) },
        (ReadingKind.Volts, { Volts: null }) => figures with { Volts = new Volts(reading.Value) },
        (ReadingKind.Amps, { Amps: null }) => figures with { Amps = new Amps(reading.Value) },
        (ReadingKind.Watts, { Power: null }) => figures with { Power = new Watts(reading.Value) },
        _ => null,
    };

    private static LinkFigures? WithShareOrTime(LinkFigures figures, string piece) => (ShareOrTime().Match(piece), figures) switch
    {
        ({ Success: true } match, { Efficiency: null }) when match.Groups["unit"].Value == "%" => figures with { Efficiency = Number(match) / 100 },
        ({ Success: true } match, { Seconds: null }) when match.Groups["unit"].Value == "s" => figures with { Seconds = Number(match) },
        ({ Success: true } match, { Seconds: null }) when match.Groups["unit"].Value == "ms" => figures with { Seconds = Number(match) / 1000 },
        _ => null,
    };

    private static double Number(Match match) => double.Parse(match.Groups["number"].Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"^(?<number>\d{1,9}(?:\.\d{1,9})?)\s*(?<unit>%|ms|s)$")]
    private static partial Regex ShareOrTime();

    [GeneratedRegex(@"(?:;|,\s|\s)\s*(?=[\d.])")]
    private static partial Regex Pieces();

    [GeneratedRegex(@"(?:(?:\bwith (?:a )?)?\b(?<diode>diode)|(?<not>\bnot )?\b(?<isolated>isolated))\s*$", RegexOptions.IgnoreCase)]
    private static partial Regex WordPattern();
}
