namespace LooseGraft.Data.Owned;

/// <summary>Turns what is typed into a query of the search table.</summary>
internal static class BinQuery
{
    private const int MostWords = 8;

    /// <summary>Every word as a prefix; null when nothing to search for was typed. Quotes make each word plain text, whatever it holds.</summary>
    public static string? From(string? typed)
    {
        var words = (typed ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries)
            .Select(word => new string([.. word.Select(letter => char.IsLetterOrDigit(letter) ? letter : ' ')]))
            .SelectMany(word => word.Split(' ', StringSplitOptions.RemoveEmptyEntries)).Take(MostWords).ToArray();
        return words.Length == 0 ? null : string.Join(' ', words.Select(word => $"\"{word}\"*"));
    }
}
