using System.Globalization;

namespace LooseGraft.Core.Model;

/// <summary>One contact of a part, seen from inside it, written <c>port/3</c>.</summary>
/// <param name="Port">The port's id.</param>
/// <param name="Position">The position, from 1.</param>
public readonly record struct InnerEnd(string Port, int Position) : IComparable<InnerEnd>
{
    /// <summary>Reads <c>port/3</c>.</summary>
    /// <returns>The contact, or null when the text is none.</returns>
    public static InnerEnd? Parse(string? text)
        => text?.Split('/') is [{ Length: > 0 } port, var number] && int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var position)
            && position >= 1
            ? new InnerEnd(port, position)
            : null;

    /// <summary>Port by port, in order of their ids.</summary>
    public int CompareTo(InnerEnd other) => string.CompareOrdinal(Port, other.Port) is not 0 and var order ? order : Position.CompareTo(other.Position);

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator <(InnerEnd left, InnerEnd right) => left.CompareTo(right) < 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator >(InnerEnd left, InnerEnd right) => left.CompareTo(right) > 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator <=(InnerEnd left, InnerEnd right) => left.CompareTo(right) <= 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator >=(InnerEnd left, InnerEnd right) => left.CompareTo(right) >= 0;

    /// <summary>The text <see cref="Parse"/> reads.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{Port}/{Position}");
}
