using System.Text;

namespace LooseGraft.Web.Pages;

/// <summary>What is said after something was done. It travels to the next page in a cookie, and a browser that has too much in its cookies is turned away
/// everywhere.</summary>
internal static class Saying
{
    /// <summary>Bytes of what is said, as it is written into the cookie; sealed and encoded they make about 800.</summary>
    private const int Most = 480;

    // A character that is not plain is written as its number.
    private const int Escaped = 6;

    /// <summary>As much of a text as may travel.</summary>
    public static string? Shortened(string? text)
    {
        if (text is null) return null;
        var said = new StringBuilder();
        var bytes = 0;
        foreach (var rune in text.EnumerateRunes())
        {
            var isPlain = (rune.IsAscii && Rune.IsLetterOrDigit(rune)) || rune.Value is ' ' or '.' or ',' or ':' or ';' or '-';
            bytes += isPlain ? 1 : Escaped * rune.Utf16SequenceLength;
            if (bytes > Most) return said.Append('…').ToString();
            said.Append(rune.ToString());
        }

        return text;
    }
}
