using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Reads the contacts of a connector: <c>ground, +12, tacho (measured), 7 +5 V, 8-10 ground, ground ×4</c>.</summary>
internal static partial class PinList
{
    private const int LongestItem = 200;

    /// <summary>Reads them.</summary>
    /// <param name="text">What stands after <c>pins:</c>.</param>
    /// <param name="count">How many positions the connector has.</param>
    /// <param name="sort">What it is for.</param>
    /// <param name="evidence">Where they are known from, if they do not say.</param>
    /// <param name="mistakes">Where mistakes go.</param>
    public static List<WrittenPin> Read(Piece text, int count, PortSort sort, Evidence evidence, Mistakes mistakes)
    {
        var pins = new SortedDictionary<int, WrittenPin>();
        var next = 1;
        foreach (var item in text.Split(',', ';', '|', '\t'))
        {
            if (item.Text.Length == 0 && next > count) continue;
            if (item.Text.Length > LongestItem)
            {
                mistakes.Add(item, $"{item.Text.Quoted()} is too long for a contact.");
                continue;
            }

            var (name, grade) = Graded(item, evidence, mistakes);
            var (first, last, signal) = Placed(name, sort, next);
            if (first < 1 || last > count || last < first)
            {
                mistakes.Add(item, $"The connector has {count.Counted("position")}; this is {(first == last ? $"position {first}" : $"positions {first} to {last}")}.");
                continue;
            }

            next = last + 1;
            if (!TryMean(signal, sort, mistakes, out var meant)) continue;
            for (var position = first; position <= last; position++)
            {
                if (!pins.TryAdd(position, new WrittenPin(position, meant, grade))) mistakes.Add(item, $"Position {position} again.");
            }
        }

        return [.. pins.Values];
    }

    // "5 V" is a supply, "5 ground" is position 5.
    private static (int First, int Last, Piece Signal) Placed(Piece item, PortSort sort, int next)
    {
        var isName = SignalNames.Read(item.Text, sort) is SignalReading.Understood;
        if (!isName && PlacePattern().Match(item.Text) is { Success: true } place)
        {
            var first = Number(place.Groups["first"]);
            return (first, place.Groups["last"].Success ? Number(place.Groups["last"]) : first, item.From(place.Groups["signal"].Index));
        }

        if (!isName && TimesPattern().Match(item.Text) is { Success: true } times)
            return (next, next + Math.Max(1, Number(times.Groups["times"])) - 1, item.To(times.Groups["signal"].Length));
        return (next, next, item);
    }

    // No signal is a contact that is not there.
    private static bool TryMean(Piece name, PortSort sort, Mistakes mistakes, out Signal? signal)
    {
        signal = null;
        if (PinTable.IsAbsent(name.Text)) return true;
        var read = SignalNames.Read(name.Text.Length == 0 ? Signal.Unknown.Name : name.Text, sort);
        signal = read.Signal;
        if (read is SignalReading.Own own) mistakes.Remark(name, own.Remark, own.Nearest.Select(choice => choice.Name));
        if (signal is null) mistakes.Add(name, (read as SignalReading.Asked)?.Question ?? read.Problem!, read.Choices.Select(choice => choice.Name));
        return signal is not null;
    }

    private static (Piece Name, Evidence Grade) Graded(Piece item, Evidence usual, Mistakes mistakes)
    {
        if (GradePattern().Match(item.Text) is not { Success: true } match) return (item, usual);
        var (name, word) = (item.To(match.Index).Trimmed, match.Groups["grade"].Value.Trim());
        if (StockWords.Find(StockWords.Grades, word) is { } grade) return (name, grade);
        mistakes.Add(item.From(match.Index), $"{word.Quoted()} does not say where it is known from.", StockWords.Grades.Select(pair => $"({pair.Words[0]})"));
        return (name, usual);
    }

    private static int Number(Group group) => int.Parse(group.Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"\((?<grade>[^()]*)\)$")]
    private static partial Regex GradePattern();

    [GeneratedRegex(@"^(?<first>\d{1,5})(?:[-–](?<last>\d{1,5}))?(?:\s*[:=]\s*|\s+)(?<signal>\S.*)$")]
    private static partial Regex PlacePattern();

    [GeneratedRegex(@"^(?<signal>.*\S)\s*(?<![a-z])[x×*]\s*(?<times>\d{1,5})$", RegexOptions.IgnoreCase)]
    private static partial Regex TimesPattern();
}
