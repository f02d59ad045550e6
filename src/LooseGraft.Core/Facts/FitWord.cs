namespace LooseGraft.Core.Facts;

/// <summary>Who says that something offered fits, worst first.</summary>
public enum FitWord
{
    /// <summary>Nobody has tried it.</summary>
    NeverTried,

    /// <summary>Somebody somewhere reports it.</summary>
    SomeonesReport,

    /// <summary>The seller says so.</summary>
    SellersWord,

    /// <summary>It stands on the maker's own list.</summary>
    MakersList,
}
