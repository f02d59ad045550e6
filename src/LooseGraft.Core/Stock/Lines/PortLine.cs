using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Core.Stock.Naming;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Reads a connector: <c>fan header: 1x5 2.54 pins: ground, +12, tacho, pwm, sense</c>.</summary>
internal static partial class PortLine
{
    private const double LongestMm = 100_000;
    private const int MostWordsOfType = 6;
    private const int LongestShape = 400;

    // Its half is that of leads already: it sits on no board.
    private const string OnLeadsOnly = "crimp-plug";
    private static readonly string PositionsHelp = $"A connector has from 1 to {GraftFileLimits.Positions} positions.";

    /// <summary>Reads it.</summary>
    /// <param name="name">What stands before the colon.</param>
    /// <param name="text">What stands after it.</param>
    /// <param name="kind">The sort of part it is on.</param>
    /// <param name="before">The connector of that name as it stands; null for a new one.</param>
    /// <param name="mistakes">Where mistakes go.</param>
    public static WrittenPort? Read(Piece name, Piece text, PartKind kind, Port? before, Mistakes mistakes)
    {
        var pins = PinsPattern().Match(text.Text);
        if ((pins.Success ? pins.Index : text.Text.Length) > LongestShape)
        {
            mistakes.Add(text, $"{text.Text.Quoted()} is too long for a shape. Contacts stand after “pins:”.");
            return null;
        }

        int? count = pins.Groups["count"].Success ? Number(pins.Groups["count"]) : null;
        if (count > GraftFileLimits.Positions)
        {
            mistakes.Add(text.From(pins.Groups["count"].Index).To(pins.Groups["count"].Length), PositionsHelp);
            return null;
        }

        var shape = ReadShape(name.Unquoted, pins.Success ? text.To(pins.Index).Trimmed : text, count, kind, before, mistakes);
        if (shape is null) return null;
        var lost = before?.Pins.Count(pin => pin.Position > shape.PositionCount) ?? 0;
        if (lost > 0) mistakes.Add(text, $"{lost.Counted("described contact")} would be lost: {shape.Rows}x{shape.Columns} has no place for them.");
        if (!pins.Success) return new WrittenPort(shape, []);
        var (word, rest) = (text.From(pins.Groups["grade"].Index).To(pins.Groups["grade"].Length).Trimmed, text.From(pins.Index + pins.Length).Trimmed);
        var evidence = word.Text.Length == 0 ? Evidence.Assumed : StockWords.Find(StockWords.Grades, word.Text);
        if (evidence is null) mistakes.Add(word, $"{word.Text.Quoted()} does not say where they are known from.", StockWords.Grades.Select(pair => pair.Words[0]));
        var sort = PortSorts.Of(before is null ? shape : shape with { Pins = before.Pins }, kind);
        return new WrittenPort(shape, [.. PinList.Read(rest, shape.PositionCount, sort, evidence ?? Evidence.Assumed, mistakes)]);
    }

    /// <summary>The half of a connector that a sort of part carries, where a line does not say.</summary>
    public static Gender UsualGender(ConnectorType type, PartKind kind)
        => type.Housing == Housing.Slot && kind == PartKind.Card ? Gender.Male
            : StockWords.IsHost(kind) || type.Housing == Housing.Loose || type.Id == OnLeadsOnly
                ? type.BoardGender : type.BoardGender == Gender.Male ? Gender.Female : Gender.Male;

    private static Port? ReadShape(string name, Piece text, int? count, PartKind kind, Port? before, Mistakes mistakes)
    {
        var (found, unread) = (new Shape { Positions = count }, new List<Piece>());
        var (type, around) = TakeType(text);
        foreach (var word in around.SelectMany(Words))
        {
            if (!TakeFigure(word, found, mistakes) && !TakeWord(word, found)) unread.Add(word);
        }

        if (unread is [var first, ..])
        {
            var words = text.From(first.Column - text.Column).To(unread[^1].Column + unread[^1].Text.Length - first.Column);
            mistakes.Add(words, $"{words.Text.Quoted()} is no connector and no word of its shape.", Nearest(words.Text));
            return null;
        }

        type ??= before?.Type ?? StockWords.TypeOf(StockWords.IsHost(kind) ? "pin-header" : "crimp-plug")!;
        // "1x5 2 pins:" has a pitch of 2 mm.
        if (count is not null && found.Columns is not null) (found.Pitch, found.Positions) = (found.Pitch ?? count, null);
        if (found is { Positions: { } positions, Columns: null })
        {
            if (positions % type.Rows == 0) (found.Rows, found.Columns) = (type.Rows, positions / type.Rows);
            else (found.Rows, found.Columns) = (1, positions);
        }

        var gender = found.Gender ?? before?.Gender ?? UsualGender(type, kind);
        var port = before is null || before.Type != type ? new Port("", name, type, gender) { LeadLength = before?.LeadLength } : before;
        return port with
        {
            Gender = gender,
            OwnRows = found.Rows is { } rows && rows != port.Rows ? Other(rows, type.Rows) : port.OwnRows,
            OwnColumns = found.Columns is { } columns && columns != port.Columns ? Other(columns, type.Columns) : port.OwnColumns,
            OwnPitch = found.Pitch is { } pitch && pitch != port.Pitch.Value ? Other(new Millimetres(pitch), type.Pitch) : port.OwnPitch,
            OwnKeying = found.Keying is { } keying && keying != port.Keying ? Other(keying, type.Keying) : port.OwnKeying,
            OwnNumbering = found.Numbering is { } numbering && numbering != port.Numbering ? Other(numbering, type.Numbering) : port.OwnNumbering,
            LeadLength = found.Lead is { } lead ? new Millimetres(lead) : port.LeadLength,
            Pins = [],
        };
    }

    // The longest run of words that is a connector's name, and what stands before and after it.
    private static (ConnectorType? Type, IEnumerable<Piece> Around) TakeType(Piece text)
    {
        var words = BlankPattern().Matches(text.Text).Select(match => (match.Index, End: match.Index + match.Length)).ToArray();
        for (var length = Math.Min(words.Length, MostWordsOfType); length > 0; length--)
        {
            for (var start = 0; start + length <= words.Length; start++)
            {
                var (from, end) = (words[start].Index, words[start + length - 1].End);
                if (StockWords.TypeOf(text.Text[from..end]) is { } type) return (type, [text.To(from), text.From(end)]);
            }
        }

        return (null, [text]);
    }

    // What is as usual for its type is not said twice, and what is said already stays as it is said.
    private static T? Other<T>(T value, T usual)
        where T : struct
        => EqualityComparer<T>.Default.Equals(value, usual) ? null : value;

    private static bool TakeFigure(Piece word, Shape shape, Mistakes mistakes)
    {
        if (GridPattern().Match(word.Text) is { Success: true } grid)
        {
            (shape.Rows, shape.Columns) = (Number(grid.Groups["rows"]), Number(grid.Groups["columns"]));
            if (shape is { Rows: 0 } or { Columns: 0 } || (long)shape.Rows.Value * shape.Columns!.Value > GraftFileLimits.Positions)
            {
                mistakes.Add(word, PositionsHelp);
                (shape.Rows, shape.Columns) = (null, null);
            }

            return true;
        }

        if (CountPattern().Match(word.Text) is { Success: true } count)
        {
            shape.Positions = Number(count.Groups["count"]);
            if (shape.Positions is 0 or > GraftFileLimits.Positions)
            {
                mistakes.Add(word, PositionsHelp);
                shape.Positions = null;
            }

            return true;
        }

        if (LengthPattern().Match(word.Text) is not { Success: true } length) return false;
        var millimetres = double.Parse(length.Groups["mm"].Value.Replace(',', '.'), CultureInfo.InvariantCulture);
        if (millimetres is <= 0 or > LongestMm) mistakes.Add(word, $"A length is above 0 and at most {LongestMm:0} mm.");
        else if (length.Groups["lead"].Success) shape.Lead = millimetres;
        else shape.Pitch = millimetres;
        return true;
    }

    private static bool TakeWord(Piece word, Shape shape)
    {
        if (StockWords.Find(StockWords.Genders, word.Text) is { } gender) shape.Gender = gender;
        else if (StockWords.Find(StockWords.Keyings, word.Text) is { } keying) shape.Keying = keying;
        else if (StockWords.Find(StockWords.Numberings, word.Text) is { } numbering) shape.Numbering = numbering;
        else return false;
        return true;
    }

    private static IEnumerable<string> Nearest(string text)
    {
        var words = text.ToLowerInvariant().Split([' ', '-'], StringSplitOptions.RemoveEmptyEntries);
        return ConnectorTypes.All.Select(type => (type.Name, Same: words.Count(word => type.Name.Contains(word, StringComparison.OrdinalIgnoreCase))))
            .Where(pair => pair.Same > 0).OrderByDescending(pair => pair.Same).Take(4).Select(pair => pair.Name);
    }

    private static IEnumerable<Piece> Words(Piece text)
        => WordPattern().Matches(text.Text).Select(match => text.From(match.Index).To(match.Length));

    private static int Number(Group group) => int.Parse(group.Value, CultureInfo.InvariantCulture);

    /// <summary>What a line says of a shape; null where it says nothing.</summary>
    private sealed class Shape
    {
        public int? Rows { get; set; }

        public int? Columns { get; set; }

        public int? Positions { get; set; }

        public double? Pitch { get; set; }

        public double? Lead { get; set; }

        public Gender? Gender { get; set; }

        public Keying? Keying { get; set; }

        public Numbering? Numbering { get; set; }
    }

    [GeneratedRegex(@"(?:^|(?<=\s))(?:(?<count>\d{1,5})[\s-]+)?(?:pins|pinout)\b(?<grade>[^:]{0,40}):", RegexOptions.IgnoreCase)]
    private static partial Regex PinsPattern();

    // Figures with their unit are one word: "lead 450 mm", "5 positions", "2 x 7".
    [GeneratedRegex(@"lead\s+[\d.,]+(?:\s*mm)?|\d{1,5}\s*[x×]\s*\d{1,5}(?=\s|$)|\d{1,5}[\s-]*(?:positions?|contacts?|pins?)(?=\s|$)|[\d.,]+\s*mm(?=\s|$)|\S+", RegexOptions.IgnoreCase)]
    private static partial Regex WordPattern();

    [GeneratedRegex(@"\S+")]
    private static partial Regex BlankPattern();

    [GeneratedRegex(@"^(?<rows>\d{1,5})\s*[x×]\s*(?<columns>\d{1,5})$", RegexOptions.IgnoreCase)]
    private static partial Regex GridPattern();

    [GeneratedRegex(@"^(?<count>\d{1,5})[\s-]*(?:positions?|contacts?|pins?)$", RegexOptions.IgnoreCase)]
    private static partial Regex CountPattern();

    [GeneratedRegex(@"^(?<lead>lead\s+)?(?<mm>\d{1,6}(?:[.,]\d{1,3})?)(?:\s*mm)?$", RegexOptions.IgnoreCase)]
    private static partial Regex LengthPattern();
}
