namespace LooseGraft.Core.Model;

/// <summary>Two contacts of one part with what lies between them inside it: a conductor, a contact that moves, or an element of a circuit.</summary>
/// <param name="One">A contact; of what has a plus side, that.</param>
/// <param name="Other">The other.</param>
/// <param name="Kind">What lies between them.</param>
public sealed record PartLink(InnerEnd One, InnerEnd Other, LinkKind Kind)
{
    /// <summary>What it is called in its part, such as S1, K1 or F2; null where nobody called it anything. Contacts of one name move together, and a coil moves
    /// the contacts that have its name.</summary>
    public string? Name { get; init; }

    /// <summary>Whether a contact is closed while nobody presses and no coil pulls, and opens then.</summary>
    public bool IsClosedAtRest { get; init; }

    /// <summary>Whether contacts of its name close before others of that name have opened.</summary>
    public bool Overlaps { get; init; }

    /// <summary>What is known of it.</summary>
    public LinkFigures Figures { get; init; } = LinkFigures.None;

    /// <summary>As a builder says it: <c>a resistor R1 (470 ohm)</c>, <c>a switch that stays S1, closed at rest</c>.</summary>
    public string Words
    {
        get
        {
            var (name, figures) = (Name is null ? "" : " " + Name, Figures.Words is { Length: > 0 } known ? $" ({known})" : "");
            return $"{Kind.Words()}{name}{figures}{(IsClosedAtRest ? ", closed at rest" : "")}{(Overlaps ? ", overlapping" : "")}";
        }
    }

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
