using System.Collections.Immutable;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Stock.Lines;

/// <summary>What a graft has in stock, written in lines: a line for each part and each connector, and one for the conductors inside a part.</summary>
/// <remarks>The notation is told in docs/lines.md. It is read line by line by hand, and not by a parser of a grammar, since every mistake is wanted, each where
/// it stands, and not only the first.</remarks>
/// <param name="Parts">The parts; those that mistakes are in as far as they could be read.</param>
/// <param name="Donors">Names of donors.</param>
/// <param name="Mistakes">What will not do, as it stands in the text. Reading ends at the line on which there are
/// <see cref="GraftFileLimits.ErrorsReported"/>.</param>
/// <param name="Remarks">Names of the builder's own, which stand, each with the known ones that are spelt much like it.</param>
public sealed record StockLines(
    ImmutableArray<WrittenPart> Parts, ImmutableArray<string> Donors, ImmutableArray<LineMistake> Mistakes, ImmutableArray<LineMistake> Remarks)
{
    /// <summary>Characters of the longest text.</summary>
    public const int LongestText = 200_000;

    /// <summary>Lines of the longest text.</summary>
    public const int MostLines = 5000;

    // Of 1,024 contacts with long names.
    private const int LongestLine = 40_000;

    /// <summary>Reads lines for a graft.</summary>
    /// <param name="text">Any text.</param>
    /// <param name="graft">The graft; a part or a connector that it has is meant by its name.</param>
    /// <param name="within">Name of the part that lines without a head are of; null when there is none.</param>
    public static StockLines Read(string text, Graft graft, string? within = null)
    {
        var mistakes = new Mistakes();
        var lines = text.Replace("\r\n", "\n", StringComparison.Ordinal).Replace('\r', '\n').Split('\n', MostLines + 1);
        if (text.Length > LongestText || lines.Length > MostLines)
        {
            mistakes.Add(new Piece(lines[0], 1, 1), $"That is too long: at most {LongestText} characters in {MostLines} lines are read.");
            return new StockLines([], [], mistakes.All, []);
        }

        var parts = new List<WrittenPart>();
        var reader = new PartReader(graft, mistakes);
        if (graft.Parts.FirstOrDefault(part => part.Name == within) is { } owner) reader.Begin(new WrittenPart(owner.Name, owner.Kind));
        foreach (var (index, line) in lines.Index())
        {
            if (mistakes.Count >= GraftFileLimits.ErrorsReported) break;
            var piece = new Piece(line, index + 1, 1).Trimmed;
            if (piece.Text.Length == 0 || piece.Text.StartsWith('#')) continue;
            if (piece.Text.Length > LongestLine) mistakes.Add(piece.To(1), $"A line has at most {LongestLine} characters.");
            else if (reader.Take(piece) is { } whole) parts.Add(whole);
        }

        if (reader.End() is { } last) parts.Add(last);
        foreach (var again in parts.GroupBy(part => part.Name, StringComparer.OrdinalIgnoreCase).Where(same => same.Count() > 1))
            mistakes.Add(new Piece("", reader.LineOf(again.Key), 1), $"{again.Key} is written twice. Parts of one sort are counted with ×2, or have names of their own.");
        foreach (var part in parts.Where(part => part.InPlaceOf is not null)) CheckReplaced(part, lines[reader.LineOf(part.Name) - 1]);
        return new StockLines([.. parts], [.. reader.Donors], mistakes.All, mistakes.Remarks);

        // Only at the end is it known which parts there are.
        void CheckReplaced(WrittenPart part, string line)
        {
            var replaced = part.InPlaceOf!;
            var others = graft.Parts.Select(other => (other.Name, other.Kind)).Concat(parts.Select(other => (other.Name, other.Kind)))
                .Where(other => !other.Name.Equals(part.Name, StringComparison.OrdinalIgnoreCase)).DistinctBy(other => other.Name).ToArray();
            if (others.Any(other => other.Name.Equals(replaced, StringComparison.OrdinalIgnoreCase))) return;
            var at = Math.Max(0, line.LastIndexOf(replaced, StringComparison.Ordinal));
            mistakes.Add(new Piece(line[at..Math.Min(line.Length, at + replaced.Length)], reader.LineOf(part.Name), at + 1),
                $"{replaced.Quoted()} is no other part of this graft. Write that part too, or the name of the one that is set aside.",
                others.Where(other => other.Kind == part.Kind).Select(other => other.Name));
        }
    }
}
