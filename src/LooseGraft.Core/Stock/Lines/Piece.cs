namespace LooseGraft.Core.Stock.Lines;

/// <summary>A piece of a text with the place where it stands, so that a mistake in it can be marked there.</summary>
/// <param name="Text">The text.</param>
/// <param name="Line">Its line, from 1.</param>
/// <param name="Column">The column of its first character, from 1.</param>
internal readonly record struct Piece(string Text, int Line, int Column)
{
    /// <summary>Without blanks around it.</summary>
    public Piece Trimmed => From(Text.Length - Text.TrimStart().Length).To(Text.Trim().Length);

    /// <summary>Without quotes around it, and with doubled ones inside made one.</summary>
    public string Unquoted => Text is ['"', .. var inside, '"'] ? inside.Replace("\"\"", "\"", StringComparison.Ordinal) : Text;

    /// <summary>What begins at a character, counted from 0.</summary>
    public Piece From(int start) => new(Text[start..], Line, Column + start);

    /// <summary>The first characters.</summary>
    public Piece To(int length) => this with { Text = Text[..length] };

    /// <summary>Its pieces between some characters, without blanks around them; none is parted inside quotes or brackets.</summary>
    public List<Piece> Split(params ReadOnlySpan<char> between)
    {
        var (pieces, start) = (new List<Piece>(), 0);
        for (var index = 0; index >= 0 && start <= Text.Length;)
        {
            index = IndexOf(start, between);
            pieces.Add(From(start).To((index < 0 ? Text.Length : index) - start).Trimmed);
            start = index + 1;
        }

        return pieces;
    }

    /// <summary>Where the first of some characters stands outside quotes and brackets; −1 when none does.</summary>
    public int IndexOf(int start, ReadOnlySpan<char> wanted)
    {
        var (isQuoted, depth) = (false, 0);
        for (var index = start; index < Text.Length; index++)
        {
            var character = Text[index];
            if (character == '"') isQuoted = !isQuoted;
            else if (isQuoted) continue;
            else if (depth == 0 && wanted.Contains(character)) return index;
            else if (character == '(') depth++;
            else if (character == ')' && depth > 0) depth--;
        }

        return -1;
    }
}
