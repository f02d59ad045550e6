using System.Globalization;
using System.Text.RegularExpressions;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>Reads the head of a part: <c>fan = Fan, 120 mm, 4 positions; ×3; to buy; 9.90</c>.</summary>
internal static partial class PartLine
{
    private const int MostAtOnce = 50;
    private const int MostOffered = 8;
    private const decimal Dearest = 1_000_000;

    /// <summary>Reads it.</summary>
    /// <param name="kind">What stands before the equals sign.</param>
    /// <param name="text">What stands after it.</param>
    /// <param name="graft">The graft it is for.</param>
    /// <param name="donors">Names of the donors that there are.</param>
    /// <param name="mistakes">Where mistakes go.</param>
    /// <returns>The part, without its connectors; null when its kind or its name will not do.</returns>
    public static WrittenPart? Read(Piece kind, Piece text, Graft graft, IReadOnlyList<string> donors, Mistakes mistakes)
    {
        var cells = text.Split(';');
        var name = cells[0].Unquoted;
        if (StockWords.KindOf(kind.Text) is not { } sort)
        {
            mistakes.Add(kind, $"{kind.Text.Quoted()} is no sort of part.", Enum.GetValues<PartKind>().Select(StockWords.Word));
            return null;
        }

        if (name.Length == 0)
        {
            mistakes.Add(text, "Give the part a name, as you would say it.");
            return null;
        }

        var isThere = graft.Parts.Any(part => IsCalled(part, name));
        var written = new WrittenPart(name, sort)
        {
            Like = isThere ? null : Usual(name),
        };
        foreach (var cell in cells.Skip(1).Where(cell => cell.Text.Length > 0))
        {
            if (Take(written, cell, graft.Currency, donors, mistakes) is { } more) written = more;
            else mistakes.Add(cell, $"{cell.Text.Quoted()} says nothing of a part. Write where it comes from, a price, ×3, rev A01, in the place of a part, like a usual part, or a note in quotes.",
                StockWords.Origins.Select(pair => pair.Words[0]));
        }

        if (written.Like is { } like && like.Kind != sort)
            mistakes.Add(kind, $"{like.Name} is another sort of part.", StockWords.Word(like.Kind));
        if (isThere && written.Count > 1) mistakes.Add(text, $"{name} is there already; only new parts are counted. Give the others a name of their own.");
        return written;
    }

    /// <summary>Whether a part is the one that a name means.</summary>
    public static bool IsCalled(Part part, string name) => part.Name.Equals(name, StringComparison.OrdinalIgnoreCase);

    private static PartTemplate? Usual(string name)
        => PartTemplate.All.FirstOrDefault(template => template.Id == name || template.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    private static WrittenPart? Take(WrittenPart part, Piece cell, string currency, IReadOnlyList<string> donors, Mistakes mistakes)
    {
        var text = cell.Text;
        if (text is ['"', ..]) return part with { Note = cell.Unquoted };
        if (StockWords.Find(StockWords.Origins, text) is { } origin) return part with { Origin = origin, Donor = null };
        if (text.StartsWith(StockWords.OutOf, StringComparison.OrdinalIgnoreCase))
            return OutOf(part, cell.From(StockWords.OutOf.Length).Trimmed, donors, mistakes);
        if (text.StartsWith(StockWords.InPlaceOf, StringComparison.OrdinalIgnoreCase))
            return part with { InPlaceOf = cell.From(StockWords.InPlaceOf.Length).Trimmed.Unquoted };
        if (TimesPattern().Match(text) is { Success: true } times)
        {
            var count = int.Parse(times.Groups["times"].Value, CultureInfo.InvariantCulture);
            if (count is < 1 or > MostAtOnce) mistakes.Add(cell, $"From 1 to {MostAtOnce} of a part are put in at once.");
            return part with { Count = Math.Clamp(count, 1, MostAtOnce) };
        }

        if (RevisionPattern().Match(text) is { Success: true } revision) return part with { Revision = revision.Groups["revision"].Value };
        if (text.StartsWith("like ", StringComparison.OrdinalIgnoreCase))
        {
            var like = cell.From("like ".Length).Trimmed;
            var usual = Usual(like.Unquoted);
            if (usual is null)
            {
                var offered = PartTemplate.All.Where(template => template.Kind == part.Kind).Select(template => template.Name);
                mistakes.Add(like, $"{like.Unquoted.Quoted()} is no usual part.", offered.Take(MostOffered));
            }

            return part with { Like = usual ?? part.Like, IsLikeSaid = true };
        }

        if (MoneyPattern().Match(text) is not { Success: true } money) return null;
        var amount = decimal.Parse(money.Groups["amount"].Value.Replace(',', '.'), CultureInfo.InvariantCulture);
        if (amount > Dearest) mistakes.Add(cell, $"A price is at most {Dearest:0}.");
        if (money.Groups["currency"].Value is { Length: > 0 } code && !code.Equals(currency, StringComparison.OrdinalIgnoreCase))
            mistakes.Add(cell, $"This graft reckons in {currency}.", $"{money.Groups["amount"].Value} {currency}");
        return part with { Cost = new Money(amount) };
    }

    private static WrittenPart OutOf(WrittenPart part, Piece name, IReadOnlyList<string> donors, Mistakes mistakes)
    {
        var known = donors.FirstOrDefault(donor => donor.Equals(name.Unquoted, StringComparison.OrdinalIgnoreCase));
        if (known is null) mistakes.Add(name, $"{name.Unquoted.Quoted()} is no donor of this graft. One more is written in a line above, donor = its name.", donors);
        return part with { Origin = PartOrigin.Donor, Donor = known == donors[0] ? null : known };
    }

    [GeneratedRegex(@"^(?:[x×]\s*(?<times>\d{1,4})|(?<times>\d{1,4})\s*(?:[x×]|pieces?|of them))$", RegexOptions.IgnoreCase)]
    private static partial Regex TimesPattern();

    [GeneratedRegex(@"^rev(?:ision)?\.?\s+(?<revision>.{1,120})$", RegexOptions.IgnoreCase)]
    private static partial Regex RevisionPattern();

    [GeneratedRegex(@"^(?<amount>\d{1,9}(?:[.,]\d{1,2})?)\s*(?<currency>[a-z]{3})?$", RegexOptions.IgnoreCase)]
    private static partial Regex MoneyPattern();
}
