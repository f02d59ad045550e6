namespace LooseGraft.Core.Model;

/// <summary>Names one port of one part, written <c>part/port</c>.</summary>
/// <param name="Part">The part's id.</param>
/// <param name="Port">The port's id.</param>
public readonly record struct PortId(string Part, string Port)
{
    /// <summary>Reads <c>part/port</c>.</summary>
    /// <returns>The id, or null when the text has not exactly two non-empty halves.</returns>
    public static PortId? Parse(string text)
        => text.Split('/') is [{ Length: > 0 } part, { Length: > 0 } port] ? new PortId(part, port) : null;

    /// <summary>The text <see cref="Parse"/> reads.</summary>
    public override string ToString() => $"{Part}/{Port}";
}
