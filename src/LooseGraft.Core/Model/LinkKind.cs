namespace LooseGraft.Core.Model;

/// <summary>How two contacts of one part are joined inside it.</summary>
public enum LinkKind
{
    /// <summary>For good: a wire of a lead, a link in a block, a track.</summary>
    Wire,

    /// <summary>While a switch is held.</summary>
    Momentary,

    /// <summary>While a switch that stays is closed.</summary>
    Latching,
}
