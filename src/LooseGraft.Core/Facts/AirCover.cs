namespace LooseGraft.Core.Facts;

/// <summary>What covers an opening that air goes through.</summary>
public enum AirCover
{
    /// <summary>Nothing.</summary>
    Open,

    /// <summary>A guard of wire, such as fans have.</summary>
    WireGuard,

    /// <summary>Woven or expanded mesh.</summary>
    Mesh,

    /// <summary>Sheet with holes punched in it.</summary>
    Punched,

    /// <summary>Slots.</summary>
    Slots,

    /// <summary>Loudspeaker cloth.</summary>
    Cloth,
}
