namespace LooseGraft.Core.Buy.Balances;

/// <summary>How far a cost has come.</summary>
public enum CostState
{
    /// <summary>It is paid, and what it paid for is here or will not come.</summary>
    Spent,

    /// <summary>It is ordered, and something of it is awaited.</summary>
    Promised,

    /// <summary>It is written down at a part that is still to be bought.</summary>
    Planned,

    /// <summary>An offer is chosen for it.</summary>
    Chosen,
}
