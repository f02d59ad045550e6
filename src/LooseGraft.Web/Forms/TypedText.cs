namespace LooseGraft.Web.Forms;

/// <summary>Text as it is typed into a form: with spaces round it, or not at all.</summary>
public static class TypedText
{
    /// <summary>The text without spaces round it; null when nothing was typed.</summary>
    public static string? Trimmed(this string? typed) => string.IsNullOrWhiteSpace(typed) ? null : typed.Trim();

    /// <summary>The same of a text of several lines, with line ends as the file has them.</summary>
    public static string? Lines(this string? typed) => typed.Trimmed()?.ReplaceLineEndings("\n");
}
