using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Seat.Surveying;

/// <summary>Reads distances as a builder writes them, a line each: <c>h1 h2 146.2</c>, <c>h1 left 5</c>, <c>h1 across 3.6</c>, <c>h1 h2 far 149.8</c>, <c>left
/// right 8 3/8 in</c>.</summary>
public static partial class SurveyText
{
    /// <summary>What a line may be, for words beside a field.</summary>
    public const string Allowed = "two points or edges (h1, left, right, rear, front; across for a diameter), then near or far if rims were measured, then the reading, such as h1 h2 146.2 or h1 left near 3.2";

    // What a hand adds to the reading: a caliper over two holes is set down to about a tenth (common practice).
    private const double HandMm = 0.1;
    private const double LongestMm = 10_000;

    private static readonly ImmutableArray<string> Units = ["in", "cm"];

    /// <summary>The edges of what is measured.</summary>
    public static readonly ImmutableArray<string> Edges = ["left", "right", "rear", "front"];

    /// <summary>Stands in place of the second point where a hole's diameter was measured.</summary>
    public const string Across = "across";

    /// <summary>Reads one line.</summary>
    /// <returns>The distance; null when the line is not one.</returns>
    public static SurveySpan? TryRead(string line)
    {
        if (LinePattern().Match(line.Trim().ToLowerInvariant()) is not { Success: true } match) return null;
        var kind = match.Groups["rims"].Value switch { "near" => SpanKind.NearRims, "far" => SpanKind.FarRims, _ => SpanKind.Middle };
        var span = new SurveySpan(match.Groups["from"].Value, match.Groups["to"].Value, match.Groups["reading"].Value.Trim()) { Kind = kind };
        return span.From == span.To || span.From == Across || Value(span) is null ? null : span;
    }

    /// <summary>The line that <see cref="TryRead"/> reads.</summary>
    public static string Write(SurveySpan span)
        => $"{span.From} {span.To} {span.Kind switch { SpanKind.NearRims => "near ", SpanKind.FarRims => "far ", _ => "" }}{span.Text}";

    /// <summary>The reading in millimetres; null when it is no length, negative or beyond 10 m.</summary>
    public static double? Value(SurveySpan span)
        => ReadingText.TryRead(span.Text) is { Kind: ReadingKind.Length or ReadingKind.Bare, Value: >= 0 and <= LongestMm } read ? read.Value : null;

    /// <summary>Units that a builder may have left off: the reading as it would be with each.</summary>
    internal static IEnumerable<(string Unit, SurveySpan Span)> WithUnits(SurveySpan span)
        => ReadingText.TryRead(span.Text) is { Kind: ReadingKind.Bare }
            ? Units.Select(unit => (unit, span with { Text = $"{span.Text} {unit}" })).Where(pair => Value(pair.Item2) is not null)
            : [];

    /// <summary>How far the reading may be off, as a standard deviation in millimetres: half its last digit, and what a hand adds.</summary>
    public static double Deviation(SurveySpan span)
    {
        var text = span.Text.ToLowerInvariant();
        var unit = text.Contains("in", StringComparison.Ordinal) || text.Contains('"', StringComparison.Ordinal) || text.Contains('/', StringComparison.Ordinal)
            ? ReadingText.MillimetresPerInch
            : text.Contains("cm", StringComparison.Ordinal) ? 10 : 1;
        var digit = FractionPattern().Match(text) is { Success: true } fraction
            && double.Parse(fraction.Groups["bottom"].Value, CultureInfo.InvariantCulture) is > 0 and var bottom
            ? 1 / bottom
            : Math.Pow(10, -DecimalsPattern().Match(text).Groups["decimals"].Length);
        return Math.Sqrt((HandMm * HandMm) + (digit * unit / 2 * (digit * unit / 2)));
    }

    [GeneratedRegex("^(?<from>[a-z][a-z0-9]{0,19})[ \t,;]+(?<to>[a-z][a-z0-9]{0,19})[ \t,;]+(?:(?<rims>near|far)[ \t,;]+)?(?<reading>[^\t;]+)$")]
    private static partial Regex LinePattern();

    [GeneratedRegex(@"\d/(?<bottom>\d{1,3})")]
    private static partial Regex FractionPattern();

    [GeneratedRegex(@"[.,](?<decimals>\d*)")]
    private static partial Regex DecimalsPattern();
}
