namespace LooseGraft.Core.Model;

/// <summary>Where a part of the graft comes from.</summary>
public enum PartOrigin
{
    /// <summary>Came with the donor.</summary>
    Donor,

    /// <summary>Belongs to the shell.</summary>
    Shell,

    /// <summary>Was already in the bin.</summary>
    Bin,

    /// <summary>Bought for this graft.</summary>
    Bought,

    /// <summary>Still to be bought.</summary>
    ToBuy,
}
