using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Facts;

/// <summary>How a ware is written: its sort, then its size, as in <c>screw M3 4–8 mm</c>, <c>wire black 22 AWG</c>, <c>part adapter-drive</c>.</summary>
public static partial class WareText
{
    /// <summary>Characters of the longest.</summary>
    public const int Longest = 100;

    /// <summary>How it is written, for whoever wrote otherwise.</summary>
    public const string Allowed = "a sort of thing and its size, such as screw M3 6 mm, standoff M3 6.5 mm, wire black 22 AWG, glue slow epoxy, tool meter or part adapter-drive";

    private const double LongestMm = 10_000;
    private const double MostAmps = 100;

    /// <summary>The sorts that have a thread.</summary>
    private static readonly WareKind[] Threaded = [WareKind.Screw, WareKind.Standoff, WareKind.Nut, WareKind.Insert];

    /// <summary>The sorts that have a length or height.</summary>
    private static readonly WareKind[] Long = [WareKind.Screw, WareKind.Standoff, WareKind.Extension];

    /// <summary>Reads a ware; null for what is none.</summary>
    public static Ware? Read(string text)
    {
        var words = string.Join(' ', text.Split(' ', StringSplitOptions.RemoveEmptyEntries));
        if (words.Length > Longest || words.Any(char.IsControl)) return null;
        if (WareFact.All.Where(fact => IsOf(words, fact.Name)).MaxBy(fact => fact.Name.Length) is not { } sort) return null;
        var ware = new Ware(sort.Kind);
        var rest = words[sort.Name.Length..].Trim();
        if (Long.Contains(sort.Kind) && LengthPattern().Match(rest) is { Success: true } length)
        {
            if (Millimetres(length.Groups["least"]) is not { } least) return null;
            Millimetres? most = length.Groups["most"].Success ? Millimetres(length.Groups["most"]) : length.Groups["from"].Success ? null : least;
            if (most?.Value < least.Value || (length.Groups["most"].Success && most is null)) return null;
            ware = ware with { Least = least, Most = most };
            rest = rest.Remove(length.Index, length.Length).Trim();
        }

        if (sort.Kind == WareKind.Wire && GaugePattern().Match(rest) is { Success: true } gauge)
        {
            var awg = int.Parse(gauge.Groups["awg"].Value, CultureInfo.InvariantCulture);
            if (awg is < 0 or > 40) return null;
            ware = ware with { Awg = awg };
            rest = rest.Remove(gauge.Index, gauge.Length).Trim();
        }

        if (sort.Kind == WareKind.Fuse && AmpsPattern().Match(rest) is { Success: true } amps)
        {
            if (!double.TryParse(amps.Groups["amps"].Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var bears)
                || bears is not (> 0 and <= MostAmps)) return null;
            ware = ware with { Amps = new Amps(Math.Round(bears, 3)) };
            rest = rest.Remove(amps.Index, amps.Length).Trim();
        }

        if (Threaded.Contains(sort.Kind))
            return rest.Length == 0 ? ware : ScrewThread.Find(rest) is { } thread ? ware with { Thread = thread } : null;
        ware = ware with { Word = string.Join(' ', rest.Split(' ', StringSplitOptions.RemoveEmptyEntries)) };
        return sort.Kind switch
        {
            WareKind.Part => ware.Template is null ? null : ware,
            WareKind.ForPart or WareKind.ForJoint or WareKind.Other or WareKind.Tool => ware.Word.Length == 0 ? null : ware,
            WareKind.Extension => ConnectorTypes.Find(ware.Word) is null ? null : ware,
            _ => ware,
        };
    }

    /// <summary>Writes it as <see cref="Read"/> reads it.</summary>
    internal static string Write(Ware ware)
    {
        var pieces = new[]
        {
            WareFact.Of(ware.Kind).Name, ware.Word, ware.Thread?.Name ?? "",
            ware.Least is not { } least ? "" : ware.Most is not { } most ? $"from {Mm(least)} mm"
                : most == least ? $"{Mm(least)} mm" : $"{Mm(least)}–{Mm(most)} mm",
            ware.Amps is { } amps ? string.Create(CultureInfo.InvariantCulture, $"{amps.Value:0.###} A") : "",
            ware.Awg is { } awg ? string.Create(CultureInfo.InvariantCulture, $"{awg} AWG") : "",
        };
        return string.Join(' ', pieces.Where(piece => piece.Length > 0));
    }

    private static bool IsOf(string words, string sort)
        => words.StartsWith(sort, StringComparison.OrdinalIgnoreCase) && (words.Length == sort.Length || words[sort.Length] == ' ');

    private static string Mm(Millimetres length) => length.Value.ToString("0.###", CultureInfo.InvariantCulture);

    private static Millimetres? Millimetres(Group group)
        => double.TryParse(group.Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var value)
            && value is > 0 and <= LongestMm
            ? new Millimetres(Math.Round(value, 3))
            : null;

    // The length stands last: what stands before it may hold figures of its own.
    [GeneratedRegex(@"(?:(?<from>from )|[×x*]\s*)?(?<least>\d+(?:[.,]\d+)?)(?:\s?[–-]\s?(?<most>\d+(?:[.,]\d+)?))?\s?mm$|[×x*]\s*(?<least>\d+(?:[.,]\d+)?)$",
        RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase)]
    private static partial Regex LengthPattern();

    [GeneratedRegex(@"(?<![\d.,])(?<amps>\d+(?:[.,]\d+)?)\s?A$", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase)]
    private static partial Regex AmpsPattern();

    [GeneratedRegex(@"\b(?<awg>\d{1,2})\s?AWG\b", RegexOptions.ExplicitCapture | RegexOptions.IgnoreCase)]
    private static partial Regex GaugePattern();
}
