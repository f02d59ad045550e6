namespace LooseGraft.Core.Model;

/// <summary>What a region of a board is.</summary>
public enum BodyZoneKind
{
    /// <summary>Something stands above it: sockets, memory, coils.</summary>
    Tall,

    /// <summary>No copper and no solder below it: nothing there can be shorted.</summary>
    BareBoard,

    /// <summary>A sheet lies below it that keeps metal away.</summary>
    Insulated,

    /// <summary>Something stands out below it, farther than solder does: a back plate, a battery, a drive.</summary>
    Below,

    /// <summary>An aerial is there: metal near it takes its reach away.</summary>
    Aerial,
}
