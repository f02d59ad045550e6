using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Puts usual things among the lines of a stock, one more with every act.</summary>
public static partial class StockKit
{
    /// <summary>The lines with one more usual part. Of parts that are new the count is raised; one beside a part that stands is called by a number.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="part">The sort of part.</param>
    /// <param name="graft">The graft that the lines are for.</param>
    public static string With(string text, PartTemplate part, Graft graft)
    {
        var lines = Lines(text);
        var stands = graft.Parts.Any(each => PartLine.IsCalled(each, part.Name));
        var standing = lines.FindIndex(line => Head(line) is { } head && NameIn(head.After).Equals(part.Name, StringComparison.OrdinalIgnoreCase));
        if (standing >= 0 && !stands)
        {
            var count = CountPattern().Match(lines[standing]);
            lines[standing] = count.Success
                ? CountPattern().Replace(lines[standing], $"; ×{Number(count) + 1}", 1) : lines[standing].Insert(NameEnd(lines[standing]), "; ×2");
            return Text(lines);
        }

        var name = FreeName.Of(part.Name, called => graft.Parts.Any(each => PartLine.IsCalled(each, called))
            || lines.Any(line => Head(line) is { } head && NameIn(head.After).Equals(called, StringComparison.OrdinalIgnoreCase)));
        var like = name == part.Name ? "" : $"; like {part.Name}";
        return Text([.. lines, $"{StockWords.Word(part.Kind)} = {name}{like}; {StockWords.Word(StockWords.Origins, UsualOrigin(part.Kind))}"]);
    }

    /// <summary>The lines with one more connector on the last board that is written in them; where none is, on one that is begun.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="port">The connector.</param>
    /// <param name="board">What a board is called that is begun.</param>
    public static string With(string text, UsualPort port, string board)
    {
        var lines = Lines(text);
        var head = lines.FindLastIndex(line => Head(line)?.Sort == PartKind.Board);
        if (head < 0)
        {
            head = lines.Count;
            lines.Add($"{StockWords.Word(PartKind.Board)} = {board}; {StockWords.Word(StockWords.Origins, PartOrigin.Donor)}");
        }

        var next = lines.FindIndex(head + 1, line => Head(line) is not null);
        var end = next < 0 ? lines.Count : next;
        while (end > head + 1 && string.IsNullOrWhiteSpace(lines[end - 1])) end--;
        var taken = lines[(head + 1)..end].Select(line => line.Split(':')[0].Trim()).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var (name, shape) = (port.Line.Split(':')[0], port.Line[port.Line.IndexOf(':', StringComparison.Ordinal)..]);
        lines.Insert(end, FreeName.Of(name, taken.Contains) + shape);
        return Text(lines);
    }

    // Where such a thing usually comes from, for the builder to change.
    private static PartOrigin UsualOrigin(PartKind kind) => kind switch
    {
        PartKind.Board => PartOrigin.Donor,
        PartKind.Panel or PartKind.Lead or PartKind.Switch => PartOrigin.Shell,
        _ => PartOrigin.ToBuy,
    };

    private static (PartKind? Sort, string After)? Head(string line)
    {
        var sign = new Piece(line, 1, 1).IndexOf(0, [':', '=']);
        return sign > 0 && line[sign] == '=' && !line.TrimStart().StartsWith('#') ? (StockWords.KindOf(line[..sign].Trim()), line[(sign + 1)..]) : null;
    }

    private static string NameIn(string text) => new Piece(text, 1, 1).Split(';')[0].Unquoted;

    private static int NameEnd(string line)
    {
        var sign = line.IndexOf('=', StringComparison.Ordinal);
        var end = new Piece(line, 1, 1).IndexOf(sign + 1, [';']);
        return end < 0 ? line.TrimEnd().Length : end;
    }

    private static int Number(Match count) => int.Parse(count.Groups["times"].ValueSpan, CultureInfo.InvariantCulture);

    private static List<string> Lines(string text)
        => [.. text.Replace("\r\n", "\n", StringComparison.Ordinal).TrimEnd().Split('\n').SkipWhile(string.IsNullOrEmpty)];

    private static string Text(IEnumerable<string> lines) => string.Join('\n', lines) + "\n";

    [GeneratedRegex(@";\s*[×x](?<times>\d{1,3})(?=\s*(;|$))")]
    private static partial Regex CountPattern();
}
