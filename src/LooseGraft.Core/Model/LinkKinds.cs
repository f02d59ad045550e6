namespace LooseGraft.Core.Model;

/// <summary>What sorts of things lie between two contacts.</summary>
public static class LinkKinds
{
    /// <summary>Whether it is a contact that moves: of a switch, or of a relay.</summary>
    public static bool Moves(this LinkKind kind) => kind is LinkKind.Momentary or LinkKind.Latching or LinkKind.Relay;

    /// <summary>Whether current meets more than a conductor in it, so that its ends are not one net.</summary>
    public static bool IsElement(this LinkKind kind)
        => kind is LinkKind.Resistor or LinkKind.Diode or LinkKind.Light or LinkKind.Lamp or LinkKind.Coil
            or LinkKind.Winding;
}
