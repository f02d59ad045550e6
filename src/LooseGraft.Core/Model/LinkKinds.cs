namespace LooseGraft.Core.Model;

/// <summary>What sorts of things lie between two contacts.</summary>
public static class LinkKinds
{
    /// <summary>Whether it is a contact that moves: of a switch, or of a relay.</summary>
    public static bool Moves(this LinkKind kind) => kind is LinkKind.Momentary or LinkKind.Latching or LinkKind.Relay;

    /// <summary>The links without the relay contacts that no coil moves any more.</summary>
    public static ValueList<PartLink> WithoutOrphans(this ValueList<PartLink> links)
        => links.RemoveAll(link => link.Kind == LinkKind.Relay && !links.Any(coil => coil.Kind == LinkKind.Coil && coil.Name == link.Name));

    /// <summary>Whether current meets more than a conductor in it, so that its ends are not one net.</summary>
    public static bool IsElement(this LinkKind kind)
        => kind is LinkKind.Resistor or LinkKind.Diode or LinkKind.Light or LinkKind.Lamp or LinkKind.Coil
            or LinkKind.Winding || kind.IsActive();

    /// <summary>Whether it has a will of its own: it takes or listens at its first contact, and gives or drives at its second.</summary>
    public static bool IsActive(this LinkKind kind) => kind is LinkKind.Step or LinkKind.Invert or LinkKind.Delay;
}
