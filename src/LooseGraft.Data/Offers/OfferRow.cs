using System.Globalization;
using System.Text.Json;
using LooseGraft.Core.Buy.Offers;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using LooseGraft.Data.Tables;

namespace LooseGraft.Data.Offers;

/// <summary>One row of a table of offers.</summary>
/// <param name="heading">What each column holds.</param>
/// <param name="row">The row.</param>
/// <param name="errors">Where mistakes go.</param>
internal sealed class OfferRow(string[] heading, CsvTable.Row row, List<string> errors)
{
    private const decimal MostTax = 200;
    private const decimal MostMm = 10_000;
    private const decimal MostWatts = 1_000_000;

    private int Before { get; } = errors.Count;

    /// <summary>The seller of the row; null when anything of it will not do.</summary>
    /// <param name="graft">The graft; a seller of a name that it knows keeps what no column says.</param>
    /// <param name="taken">Ids of other sellers of the table.</param>
    public Seller? Seller(Graft graft, IEnumerable<string> taken)
    {
        var name = Text("seller", GraftFileLimits.NameLength);
        if (name.Length == 0) Wrong("there is no seller");
        var known = graft.Buying.Sellers.FirstOrDefault(seller => seller.Name.Equals(name, StringComparison.OrdinalIgnoreCase))
            ?? new Seller(GraftEdits.FreshId(name, graft.Buying.Sellers.Select(seller => seller.Id).Concat(taken)), name, graft.Currency);
        var currency = Cell("currency").ToUpperInvariant();
        if (currency.Length > 0 && (currency.Length != 3 || !currency.All(char.IsAsciiLetterUpper))) Wrong($"“{currency}” is no currency code such as EUR");
        var money = currency.Length > 0 ? currency : known.Currency;
        var (from, to) = (Count("days from", 0, DaySpan.Most), Count("days to", 0, DaySpan.Most));
        if (from > to) Wrong($"{from} days at least and {to} at most; the more stands last");
        var made = known with
        {
            Currency = money,
            Postage = Amount("postage", money) ?? known.Postage,
            FreeFrom = Amount("free from", money) ?? known.FreeFrom,
            TaxPercent = Figure("tax percent", MostTax, 2) ?? known.TaxPercent,
            Days = (from ?? to) is { } least ? new DaySpan(least, to ?? least) : known.Days,
            TakesBack = Cell("takes back").ToLowerInvariant() switch
            {
                "" => known.TakesBack,
                "yes" => true,
                "no" => false,
                var other => Wrong<bool?>($"“{other}” is neither yes nor no for takes back"),
            },
        };
        return errors.Count > Before ? null : made;
    }

    /// <summary>The offer of the row; null when anything of it will not do.</summary>
    public Offer? Offer(Seller seller)
    {
        var what = Text("what", GraftFileLimits.NameLength);
        if (what.Length == 0) Wrong("the offer has no name in the column what");
        var price = Cell("price").Length == 0 ? Wrong<Money?>("there is no price") : Amount("price", seller.Currency);
        var (contents, problem) = ContentsText.Read(Cell("contents"));
        if (problem is not null) Wrong(problem);
        var seen = Cell("seen on");
        var day = DateOnly.TryParseExact(seen, "yyyy-MM-dd", CultureInfo.InvariantCulture, DateTimeStyles.None, out var date) ? date : (DateOnly?)null;
        if (seen.Length > 0 && day is null) Wrong($"“{seen}” is no day; type it as 2026-10-18");
        var offer = new Offer("", seller.Id, what, price ?? Money.Zero)
        {
            Contents = contents,
            Condition = Choice("condition", WareCondition.New),
            Fit = Choice("fit", FitWord.SellersWord),
            SeenOn = day,
            Traits = Traits(),
            Stock = Count("stock", 0, GraftFileLimits.OfferPieces),
            Note = Text("note", GraftFileLimits.NoteLength) is { Length: > 0 } note ? note : null,
        };
        return errors.Count > Before ? null : offer;
    }

    /// <summary>How a choice is written.</summary>
    public static string Word<T>(T value)
        where T : struct, Enum
        => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());

    /// <summary>How yes and no are written.</summary>
    public static string Word(bool? value) => value switch { true => "yes", false => "no", _ => "" };

    private string Cell(string column)
        => Array.IndexOf(heading, column) is >= 0 and var at && at < row.Cells.Count ? CsvSheet.Plain(row.Cells[at]).Trim() : "";

    private string Text(string column, int longest)
    {
        var text = Cell(column);
        if (text.Length > longest) Wrong($"the {column} has {text.Length} characters; at most {longest}");
        if (text.Any(char.IsControl)) Wrong($"the {column} holds a control character");
        return text;
    }

    private Money? Amount(string column, string currency)
    {
        if (Cell(column) is not { Length: > 0 } text) return null;
        var (amount, problem) = AmountText.Read(text, currency);
        if (problem is not null) Wrong($"the {column} “{text}” {problem}");
        return amount;
    }

    private OfferTraits Traits()
    {
        var (plugs, problem) = PlugsText.Read(Cell("plugs"));
        if (problem is not null) Wrong(problem);
        var depth = Figure("depth mm", MostMm, 1);
        if (depth == 0) Wrong("nothing is 0 mm deep");
        return new OfferTraits
        {
            WarrantyYears = Figure("warranty years", GraftFileLimits.WarrantyYears, 2),
            Noise = Figure("noise db", GraftFileLimits.NoiseDb, 1),
            Depth = depth > 0 ? new Millimetres((double)depth) : null,
            Total = Figure("total watts", MostWatts, 2) is { } watts ? new Watts((double)watts) : null,
            Class = Cell("efficiency").Length > 0 ? Choice("efficiency", EfficiencyClass.Unlabelled) : null,
            Plugs = plugs,
        };
    }

    private decimal? Figure(string column, decimal most, int decimals)
    {
        var text = Cell(column).TrimEnd('%').Trim().Replace(',', '.');
        if (text.Length == 0) return null;
        return decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var figure)
            && figure <= most && decimal.Round(figure, decimals) == figure
            ? figure : Wrong<decimal?>($"the {column} “{text}” is no figure from 0 to {most} with at most {decimals} decimals");
    }

    private int? Count(string column, int least, int most)
    {
        if (Cell(column) is not { Length: > 0 } text) return null;
        return int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var count) && count >= least && count <= most
            ? count : Wrong<int?>($"“{text}” is no whole number from {least} to {most} for {column}");
    }

    private T Choice<T>(string column, T usual)
        where T : struct, Enum
    {
        if (Cell(column) is not { Length: > 0 } text) return usual;
        foreach (var value in Enum.GetValues<T>())
        {
            if (Word(value).Equals(text.Replace(' ', '-'), StringComparison.OrdinalIgnoreCase)) return value;
        }

        return Wrong<T>($"“{text}” will not do for {column}; it is one of {string.Join(", ", Enum.GetValues<T>().Select(Word))}");
    }

    private void Wrong(string problem) => errors.Add($"Line {row.Line}: {problem}");

    private T? Wrong<T>(string problem)
    {
        Wrong(problem);
        return default;
    }
}
