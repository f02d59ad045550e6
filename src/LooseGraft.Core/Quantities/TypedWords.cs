namespace LooseGraft.Core.Quantities;

/// <summary>What somebody typed, as words about it show it.</summary>
public static class TypedWords
{
    private const int Shown = 60;

    /// <summary>In quotes, and without what stands after the sixtieth character.</summary>
    public static string Quoted(this string typed)
    {
        var text = typed.Trim();
        return $"“{(text.Length > Shown ? text[..Shown] + "…" : text)}”";
    }
}
