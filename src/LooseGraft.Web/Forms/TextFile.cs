using System.Text;

namespace LooseGraft.Web.Forms;

/// <summary>Reads a text that somebody sends as a file.</summary>
public static class TextFile
{
    private const int MostBytesOfCharacter = 4;

    /// <summary>Reads it.</summary>
    /// <param name="file">The file; null when none was chosen.</param>
    /// <param name="longest">The most characters it may have.</param>
    /// <returns>The text; null when there is none, it is longer, or not in UTF-8.</returns>
    public static async Task<string?> ReadAsync(IFormFile? file, int longest)
    {
        if (file is null || file.Length > (long)longest * MostBytesOfCharacter) return null;
        using var bytes = new MemoryStream();
        await file.CopyToAsync(bytes);
        var read = bytes.ToArray();
        if (!System.Text.Unicode.Utf8.IsValid(read) || read.Contains((byte)0)) return null;
        var text = Encoding.UTF8.GetString(read).TrimStart('\uFEFF');
        return text.Length <= longest ? text : null;
    }
}
