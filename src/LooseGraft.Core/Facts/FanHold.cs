namespace LooseGraft.Core.Facts;

/// <summary>What holds a fan.</summary>
public enum FanHold
{
    /// <summary>Screws into its frame.</summary>
    Screws,

    /// <summary>Rubber pins or pads, which keep its hum out of the shell.</summary>
    Rubber,

    /// <summary>Ties, bands, tape or glue.</summary>
    Ties,

    /// <summary>Nothing: it stands or lies where it is.</summary>
    Nothing,
}
