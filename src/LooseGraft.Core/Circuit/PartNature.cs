using LooseGraft.Core.Facts;

namespace LooseGraft.Core.Circuit;

/// <summary>What sort of thing a part is to the circuit.</summary>
internal static class PartNature
{
    /// <summary>Whether it has conductors and no will of its own, so that what is written on its contacts is a label.</summary>
    public static bool OnlyConducts(this PartKind kind) => kind is PartKind.Lead or PartKind.Adapter or PartKind.PassThrough or PartKind.Switch;

    /// <summary>Whether its contacts may be legs of switches, lights and coils rather than ends of a circuit of its own.</summary>
    public static bool HasLegs(this PartKind kind) => kind is PartKind.Panel or PartKind.Lamp or PartKind.Speaker or PartKind.Other;

    /// <summary>Whether it ties like supplies, and its grounds, to one plane over all its ports. What sits in the plugs of a panel has nothing in common but
    /// its place.</summary>
    public static bool HasOnePlane(this PartKind kind) => !kind.OnlyConducts() && kind is not (PartKind.Panel or PartKind.Lamp or PartKind.Speaker);

    /// <summary>Whether it merely turns slower, or glows dimmer, on less than it is made for.</summary>
    public static bool RunsOnLess(this PartKind kind) => kind is PartKind.Fan or PartKind.Lamp;
}
