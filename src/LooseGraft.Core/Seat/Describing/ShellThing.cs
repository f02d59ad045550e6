namespace LooseGraft.Core.Seat.Describing;

/// <summary>One thing that is described on a plane or a board, written <c>mount:s1</c>.</summary>
/// <param name="List">The list it stands in.</param>
/// <param name="Key">Its short name there; of what has none, such as a ceiling, its place in the list from 0.</param>
public readonly record struct ShellThing(ShellList List, string Key)
{
    /// <summary>Reads <c>mount:s1</c>.</summary>
    /// <returns>The thing, or null when the text names none.</returns>
    public static ShellThing? Parse(string? text)
        => text?.Split(':', 2) is [var list, { Length: > 0 } key] && Enum.GetValues<ShellList>().Select(each => (ShellList?)each)
            .FirstOrDefault(each => each.ToString()!.Equals(list, StringComparison.OrdinalIgnoreCase)) is { } found
            ? new ShellThing(found, key) : null;

    /// <summary>As <see cref="Parse"/> reads it.</summary>
    public override string ToString() => $"{List.ToString().ToLowerInvariant()}:{Key}";
}
