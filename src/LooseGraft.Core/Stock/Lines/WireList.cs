using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Reads the conductors inside a part: <c>plug/1-4 = socket/4-1, plug/7 = socket/9</c>, <c>plug straight socket</c>, or in the
/// order of the one side <c>plug = socket/4 3 - 1</c>.</summary>
internal static partial class WireList
{
    private const int LongestItem = 6000;

    // What a contact of an order is led to that is led nowhere.
    private const int Nowhere = 0;

    /// <summary>Reads them.</summary>
    /// <param name="text">What stands after <c>wires:</c>.</param>
    /// <param name="ports">The connectors of the part with their positions.</param>
    /// <param name="mistakes">Where mistakes go.</param>
    public static List<WrittenWire> Read(Piece text, IReadOnlyList<(string Name, int Positions)> ports, Mistakes mistakes)
    {
        var wires = new List<WrittenWire>();
        foreach (var item in text.Split(',', ';').Where(item => item.Text.Length > 0))
        {
            if (item.Text.Length > LongestItem || Sides(item) is not var (one, other))
            {
                mistakes.Add(item, "A conductor joins two contacts: write plug/1 = socket/3, rows such as plug/1-4 = socket/4-1, an order such as plug = socket/3 1 - 2, or plug straight socket.");
                continue;
            }

            if (Row(one, ports, mistakes) is not { } from || Row(other, ports, mistakes) is not { } to) continue;
            if (from.Positions.Length != to.Positions.Length)
                mistakes.Add(item, $"The two rows differ: {from.Positions.Length.Counted("position")} and {to.Positions.Length}.");
            else if (wires.Count + from.Positions.Length > GraftFileLimits.Links)
                mistakes.Add(item, $"A part has at most {GraftFileLimits.Links} conductors.");
            else
                wires.AddRange(from.Positions.Zip(to.Positions).Where(pair => pair.First != Nowhere && pair.Second != Nowhere)
                    .Select(pair => new WrittenWire(from.Port, pair.First, to.Port, pair.Second)));
        }

        return wires;
    }

    private static (Piece One, Piece Other)? Sides(Piece item)
        => JoinPattern().Match(item.Text) is { Success: true } join
            ? (item.To(join.Index).Trimmed, item.From(join.Index + join.Length).Trimmed)
            : null;

    private static (string Port, int[] Positions)? Row(Piece side, IReadOnlyList<(string Name, int Positions)> ports, Mistakes mistakes)
    {
        var match = RowPattern().Match(side.Text);
        var name = (match.Success ? side.To(match.Groups["port"].Length) : side).Trimmed.Unquoted;
        var found = ports.FirstOrDefault(port => port.Name.Equals(name, StringComparison.OrdinalIgnoreCase));
        if (found.Name is null)
        {
            mistakes.Add(side, $"The part has no connector called {name.Quoted()}.", ports.Select(port => match.Success ? $"{port.Name}/{match.Groups["row"].Value}" : port.Name));
            return null;
        }

        int[] row = match.Groups["order"].Success ? [.. match.Groups["step"].Captures.Select(step => step.Value is "-" or "–" ? Nowhere : Number(step))]
            : match.Success ? [Number(match.Groups["first"]), Number(match.Groups["last"].Success ? match.Groups["last"] : match.Groups["first"])]
            : [1, found.Positions];
        if (!match.Groups["order"].Success ? row.Min() >= 1 && row.Max() <= found.Positions : row.Max() <= found.Positions && !IsZero(match))
            return (found.Name, match.Groups["order"].Success ? row : [.. Between(row[0], row[1])]);
        mistakes.Add(side, $"{found.Name} has {found.Positions.Counted("position")}.");
        return null;
    }

    private static bool IsZero(Match match) => match.Groups["step"].Captures.Any(step => step.Value.Trim('0').Length == 0);

    private static IEnumerable<int> Between(int first, int last)
        => Enumerable.Range(0, Math.Abs(last - first) + 1).Select(step => first <= last ? first + step : first - step);

    private static int Number(Capture group) => int.Parse(group.Value, CultureInfo.InvariantCulture);

    [GeneratedRegex(@"\s*=\s*|\s+(?:to|straight(?:\s+to)?)\s+|\s*(?:→|->)\s*", RegexOptions.IgnoreCase)]
    private static partial Regex JoinPattern();

    [GeneratedRegex(@"^(?<port>.{1,120}?)\s*/\s*(?<row>(?<first>\d{1,5})(?:\s*[-–]\s*(?<last>\d{1,5}))?|(?<order>(?<step>\d{1,5}|[-–])(?:\s+(?<step>\d{1,5}|[-–]))+))$")]
    private static partial Regex RowPattern();
}
