using System.Collections.Immutable;
using System.Globalization;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock;

/// <summary>Which contact of the one connector of a lead or an adapter leads to which of the other, out of a table that was typed or pasted.</summary>
/// <param name="Wires">The wires; empty when anything is wrong.</param>
/// <param name="Errors">What is wrong, line by line.</param>
public sealed record ContactMap(ImmutableArray<PartLink> Wires, ImmutableArray<string> Errors)
{
    private static readonly string[] NowhereWords = ["-", "–", "none", "nc", "open"];
    private static readonly string[] Signs = ["→", "->", "=>", "="];

    /// <summary>Reads lines of two positions, from and to; or, in order of the first connector, what each of its contacts leads to, <c>-</c> where to
    /// nothing. Any separator will do, and a heading of words is passed over.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="from">The one connector.</param>
    /// <param name="to">The other.</param>
    /// <returns>Every wire, or every error; never some of both.</returns>
    public static ContactMap Read(string text, Port from, Port to)
    {
        var lines = text.ReplaceLineEndings("\n").Split('\n').Select((line, index) => (Number: index + 1, Cells: Cells(line)))
            .Where(line => line.Cells.Length > 0 && !line.Cells.All(IsHeading)).ToArray();
        var (wires, errors) = (new List<PartLink>(), new List<string>());
        var isTable = lines.Any(line => line.Cells.Length == 2) && lines.Length > 1 || lines is [{ Cells.Length: 2 }] && HasSign(text);
        if (isTable)
        {
            foreach (var (number, cells) in lines)
            {
                if (cells.Length != 2) errors.Add($"Line {number}: two positions are wanted, from and to; here are {cells.Length}.");
                else Lead(number, cells[0], cells[1]);
            }
        }
        else
        {
            var order = lines.SelectMany(line => line.Cells.Select(cell => (line.Number, Cell: cell))).ToArray();
            if (order.Length > from.PositionCount) errors.Add($"{order.Length.Counted("contact")} in a row, but {from.Name} has {from.PositionCount}.");
            else foreach (var (index, (number, cell)) in order.Index()) Lead(number, (index + 1).ToString(CultureInfo.InvariantCulture), cell);
        }

        if (errors.Count == 0 && wires.Count == 0) errors.Add("There is no wire in it. Type lines of two positions, from and to, or the contacts in order.");
        if (wires.Count > GraftFileLimits.Links) errors.Add($"A part has at most {GraftFileLimits.Links} conductors.");
        return errors.Count > 0 ? new ContactMap([], [.. errors]) : new ContactMap([.. wires.Distinct()], []);

        void Lead(int number, string one, string other)
        {
            if (NowhereWords.Contains(one.ToLowerInvariant()) || NowhereWords.Contains(other.ToLowerInvariant())) return;
            if (Position(one, from) is { } first && Position(other, to) is { } second)
                wires.Add(new PartLink(new InnerEnd(from.Id, first), new InnerEnd(to.Id, second), LinkKind.Wire));
            else
                errors.Add($"Line {number}: {(Position(one, from) is null ? Wrong(one, from) : Wrong(other, to))}");
        }
    }

    private static string[] Cells(string line)
    {
        foreach (var sign in Signs) line = line.Replace(sign, " ", StringComparison.Ordinal);
        return line.Split([' ', '\t', ',', ';', '|', ':', '\u00a0'], StringSplitOptions.RemoveEmptyEntries);
    }

    private static bool HasSign(string text) => Signs.Append(":").Any(sign => text.Contains(sign, StringComparison.Ordinal));

    private static bool IsHeading(string cell) => char.IsLetter(cell[0]) && !NowhereWords.Contains(cell.ToLowerInvariant());

    private static int? Position(string text, Port port)
        => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var position) && position >= 1 && position <= port.PositionCount
            ? position : null;

    private static string Wrong(string text, Port port)
        => $"“{(text.Length > 20 ? text[..20] + "…" : text)}” is no position of {port.Name}, which has {port.PositionCount}.";
}
