namespace LooseGraft.Data.Owned;

/// <summary>What a column of a bin table may hold.</summary>
public enum BinColumn
{
    /// <summary>Nothing that the bin keeps.</summary>
    Ignored,

    /// <summary>The name.</summary>
    Name,

    /// <summary>What sort of thing.</summary>
    Kind,

    /// <summary>How many.</summary>
    Quantity,

    /// <summary>What one cost.</summary>
    Paid,

    /// <summary>The currency of that.</summary>
    Currency,

    /// <summary>What state it is in.</summary>
    Condition,

    /// <summary>Where it lies.</summary>
    Place,

    /// <summary>Anything else.</summary>
    Note,

    /// <summary>What it is, as a ware is written.</summary>
    Ware,
}
