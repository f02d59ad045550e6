using System.Globalization;

namespace LooseGraft.Web.Forms;

/// <summary>An offer that was taken: what is put in the place of a piece of a text.</summary>
/// <param name="Line">Its line, from 1.</param>
/// <param name="Column">The column of its first character, from 1.</param>
/// <param name="Length">How many characters it has.</param>
/// <param name="Instead">What is put there.</param>
public sealed record LineFix(int Line, int Column, int Length, string Instead)
{
    /// <summary>Reads <c>3:14:5:+12 V</c>.</summary>
    /// <returns>The offer; null when the text is none.</returns>
    public static LineFix? Parse(string? text)
        => text?.Split(':', 4) is [var line, var column, var length, var instead] && Number(line) is { } first && Number(column) is { } start
            && Number(length) is { } count
            ? new LineFix(first, start, count, instead)
            : null;

    /// <summary>The text <see cref="Parse"/> reads.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Line}:{Column}:{Length}:{Instead}");

    /// <summary>The text with it in its place; as it was where there is no such place.</summary>
    public string Apply(string text)
    {
        var lines = text.Replace("\r\n", "\n", StringComparison.Ordinal).Split('\n');
        if (Line < 1 || Line > lines.Length || Column < 1 || Column - 1L + Length > lines[Line - 1].Length) return text;
        var line = lines[Line - 1];
        lines[Line - 1] = line[..(Column - 1)] + Instead + line[(Column - 1 + Length)..];
        return string.Join('\n', lines);
    }

    private static int? Number(string text) => int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : null;
}
