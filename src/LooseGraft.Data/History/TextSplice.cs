namespace LooseGraft.Data.History;

/// <summary>The one stretch in which two texts differ. As a graft is always written the same way, an edit touches only a few characters of it, and the splice
/// is as small.</summary>
/// <param name="Offset">Where the stretch begins.</param>
/// <param name="Removed">What stood there before.</param>
/// <param name="Inserted">What stands there now.</param>
public sealed record TextSplice(int Offset, string Removed, string Inserted)
{
    /// <summary>The splice that turns back what this one does.</summary>
    public TextSplice Inverse => new(Offset, Inserted, Removed);

    /// <summary>The splice that leads from one text to another: linear in their length.</summary>
    public static TextSplice Between(string before, string after)
    {
        var start = before.AsSpan().CommonPrefixLength(after);
        // Halves of a surrogate pair cannot be stored, so a pair stays whole on either side of the cut.
        if (start > 0 && char.IsHighSurrogate(before[start - 1])) start--;
        var longest = Math.Min(before.Length, after.Length) - start;
        var end = 0;
        while (end < longest && before[^(end + 1)] == after[^(end + 1)]) end++;
        if (end > 0 && char.IsLowSurrogate(before[^end])) end--;
        return new TextSplice(start, before[start..^end], after[start..^end]);
    }

    /// <summary>Applies the splice.</summary>
    /// <exception cref="InvalidOperationException">The text is not the one the splice was made for.</exception>
    public string ApplyTo(string text)
    {
        if (Offset + Removed.Length > text.Length || !text.AsSpan(Offset, Removed.Length).SequenceEqual(Removed))
            throw new InvalidOperationException($"The history does not match the text at {Offset}.");
        return string.Concat(text.AsSpan(0, Offset), Inserted, text.AsSpan(Offset + Removed.Length));
    }
}
