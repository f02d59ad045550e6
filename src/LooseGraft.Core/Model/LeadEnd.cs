using System.Globalization;

namespace LooseGraft.Core.Model;

/// <summary>One position at one end of a joint's lead, written <c>from-3</c> or <c>to-7</c>.</summary>
/// <param name="IsFrom">Whether it is on the joint's first port.</param>
/// <param name="Position">The position, from 1.</param>
public readonly record struct LeadEnd(bool IsFrom, int Position) : IComparable<LeadEnd>
{
    /// <summary>Reads <c>from-3</c>.</summary>
    /// <returns>The end, or null when the text is none.</returns>
    public static LeadEnd? Parse(string? text)
        => text?.Split('-') is [("from" or "to") and var side, var number]
            && int.TryParse(number, NumberStyles.None, CultureInfo.InvariantCulture, out var position) && position >= 1
            ? new LeadEnd(side == "from", position)
            : null;

    /// <summary>The first port's positions come before the second's.</summary>
    public int CompareTo(LeadEnd other) => (IsFrom ? 0 : 1, Position).CompareTo((other.IsFrom ? 0 : 1, other.Position));

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator <(LeadEnd left, LeadEnd right) => left.CompareTo(right) < 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator >(LeadEnd left, LeadEnd right) => left.CompareTo(right) > 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator <=(LeadEnd left, LeadEnd right) => left.CompareTo(right) <= 0;

    /// <summary>Orders as <see cref="CompareTo"/> does.</summary>
    public static bool operator >=(LeadEnd left, LeadEnd right) => left.CompareTo(right) >= 0;

    /// <summary>The text <see cref="Parse"/> reads.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{(IsFrom ? "from" : "to")}-{Position}");
}
