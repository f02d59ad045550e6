using System.Globalization;
using System.Text;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;
using LooseGraft.Data.Tables;

namespace LooseGraft.Data.Owned;

/// <summary>The bin as a table: what a CSV file holds, column by column.</summary>
public static class BinTable
{
    /// <summary>Errors that are told at once.</summary>
    public const int ErrorsTold = 50;

    private static readonly Dictionary<BinColumn, string[]> Headings = new()
    {
        [BinColumn.Name] = ["name", "part", "item", "what", "description"],
        [BinColumn.Kind] = ["kind", "type", "sort", "category"],
        [BinColumn.Quantity] = ["quantity", "qty", "count", "pieces", "number", "how many", "owned"],
        [BinColumn.Paid] = ["paid", "price", "cost", "each"],
        [BinColumn.Currency] = ["currency"],
        [BinColumn.Condition] = ["condition", "state"],
        [BinColumn.Place] = ["place", "where", "location", "box", "drawer"],
        [BinColumn.Note] = ["note", "notes", "remark", "comment"],
        [BinColumn.Ware] = ["ware", "what it is", "size"],
    };

    /// <summary>Guesses from a heading what each column holds. No column is taken twice.</summary>
    public static IReadOnlyList<BinColumn> Match(CsvTable.Row heading)
    {
        var taken = new HashSet<BinColumn>();
        return [.. heading.Cells.Select(cell =>
        {
            var column = Headings.FirstOrDefault(known => known.Value.Contains(cell.ToLowerInvariant())).Key;
            return taken.Add(column) ? column : BinColumn.Ignored;
        })];
    }

    /// <summary>Reads rows by a matching of columns.</summary>
    /// <returns>Every item, or everything that is wrong, up to <see cref="ErrorsTold"/>; never some of both.</returns>
    public static (IReadOnlyList<BinItem> Items, IReadOnlyList<string> Errors) Read(
        IEnumerable<CsvTable.Row> rows, IReadOnlyList<BinColumn> columns, string currency)
    {
        if (!columns.Contains(BinColumn.Name)) return ([], ["Say which column holds the name."]);
        if (columns.Where(column => column != BinColumn.Ignored).GroupBy(column => column).FirstOrDefault(same => same.Count() > 1) is { } twice)
            return ([], [$"Two columns are said to hold the {twice.Key.ToString().ToLowerInvariant()}; choose one."]);
        var (items, errors) = (new List<BinItem>(), new List<string>());
        foreach (var row in rows)
        {
            var problems = new List<string>();
            if (ReadRow(row, columns, currency, problems) is { } item) items.Add(item);
            errors.AddRange(problems.Select(problem => $"Line {row.Line}: {problem}"));
            if (errors.Count >= ErrorsTold) break;
        }

        return errors.Count > 0 ? ([], errors) : (items, []);
    }

    /// <summary>Checks one item as it is typed or read.</summary>
    /// <returns>What is wrong with it; empty when nothing is.</returns>
    public static IEnumerable<string> Problems(BinItem item)
    {
        if (item.Name.Length is 0 or > BinItem.LongestText) yield return $"a name of 1 to {BinItem.LongestText} characters is needed";
        if (item.Quantity is < 0 or > BinItem.MostPieces) yield return $"{item.Quantity} pieces; 0 to {BinItem.MostPieces} can be kept";
        if (item.Place.Length > BinItem.LongestText) yield return $"a place has at most {BinItem.LongestText} characters";
        if (item.Note.Length > BinItem.LongestNote) yield return $"a note has at most {BinItem.LongestNote} characters";
        if (item.Currency.Length != 3 || !item.Currency.All(char.IsAsciiLetterUpper)) yield return $"“{item.Currency}” is no currency code such as EUR";
        if (item.Paid is < 0 or > 1_000_000) yield return "what it cost is from 0 to 1,000,000";
        if (item.Ware.Length > 0 && WareText.Read(item.Ware) is null) yield return $"“{item.Ware}” says no sort of thing; write {WareText.Allowed}";
        if (new[] { item.Name, item.Place, item.Note }.Any(text => text.Any(char.IsControl))) yield return "a text holds a control character";
    }

    /// <summary>Writes items as CSV with a heading, UTF-8, comma between cells. What a spreadsheet would take for a formula is written as text.</summary>
    public static byte[] Write(IEnumerable<BinItem> items)
    {
        var table = CsvSheet.Of(items.Select(item => new
        {
            name = item.Name,
            kind = Word(item.Kind),
            quantity = item.Quantity,
            paid = item.Paid?.ToString(CultureInfo.InvariantCulture) ?? "",
            currency = item.Currency,
            condition = Word(item.Condition),
            place = item.Place,
            note = item.Note,
            ware = item.Ware,
        }));
        return [.. Encoding.UTF8.Preamble, .. table];
    }

    private static BinItem? ReadRow(CsvTable.Row row, IReadOnlyList<BinColumn> columns, string currency, List<string> problems)
    {
        string Cell(BinColumn column)
            => columns.Index().FirstOrDefault(pair => pair.Item == column, (-1, default)).Index is >= 0 and var at && at < row.Cells.Count
            ? CsvSheet.Plain(row.Cells[at])
            : "";
        var kind = Choice(Cell(BinColumn.Kind), PartKind.Other, "kind", problems);
        var condition = Choice(Cell(BinColumn.Condition), WareCondition.Untested, "condition", problems);
        var quantity = 1;
        if (Cell(BinColumn.Quantity) is { Length: > 0 } many && !int.TryParse(many, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out quantity))
            problems.Add($"“{many}” is not a number of pieces; type a whole number such as 3");
        decimal? paid = null;
        if (Cell(BinColumn.Paid) is { Length: > 0 } price)
        {
            if (FigureText.TryRead(price, "€") is { } amount && Math.Abs(amount) <= 1_000_000) paid = Math.Round((decimal)amount, 2);
            else problems.Add($"“{price}” is not an amount; type a figure such as 12.50");
        }

        var code = Cell(BinColumn.Currency);
        var item = new BinItem(
            Cell(BinColumn.Name), kind, quantity, paid, code.Length > 0 ? code.ToUpperInvariant() : currency, condition, Cell(BinColumn.Place),
            Cell(BinColumn.Note), Cell(BinColumn.Ware));
        problems.AddRange(Problems(item));
        return problems.Count == 0 ? item : null;
    }

    private static T Choice<T>(string text, T usual, string what, List<string> problems)
        where T : struct, Enum
    {
        if (text.Length == 0) return usual;
        foreach (var value in Enum.GetValues<T>())
        {
            if (Word(value).Equals(text.Replace(' ', '-'), StringComparison.OrdinalIgnoreCase)) return value;
        }

        problems.Add($"“{text}” is no {what}; one of {string.Join(", ", Enum.GetValues<T>().Select(Word))}");
        return usual;
    }

    private static string Word<T>(T value)
        where T : struct, Enum
        => System.Text.Json.JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());
}
