namespace LooseGraft.Core.Facts;

/// <summary>What sort of body a connector has.</summary>
public enum Housing
{
    /// <summary>Pins on a grid, bare or walled, and the housings that go on them.</summary>
    Header,

    /// <summary>A power connector with shaped cavities.</summary>
    Power,

    /// <summary>A round jack.</summary>
    Barrel,

    /// <summary>A slot for a card, and the edge of the card that goes in.</summary>
    Slot,

    /// <summary>No body: tags, tabs, bare wires.</summary>
    Loose,
}
