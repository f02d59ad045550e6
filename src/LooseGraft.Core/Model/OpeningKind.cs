namespace LooseGraft.Core.Model;

/// <summary>What an opening is for.</summary>
public enum OpeningKind
{
    /// <summary>The ports of a board.</summary>
    Ports,

    /// <summary>A card's bracket.</summary>
    Slot,

    /// <summary>Air.</summary>
    Air,

    /// <summary>Leads.</summary>
    Way,
}
