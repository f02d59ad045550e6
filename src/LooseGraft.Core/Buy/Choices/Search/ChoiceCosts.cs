namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>What counts beside money.</summary>
[Flags]
public enum ChoiceCosts
{
    /// <summary>Money alone.</summary>
    MoneyAlone = 0,

    /// <summary>Acts that cannot be taken back.</summary>
    Acts = 1,

    /// <summary>Days until the last parcel is here.</summary>
    Days = 2,

    /// <summary>Minutes at the bench.</summary>
    Minutes = 4,

    /// <summary>All of them.</summary>
    All = Acts | Days | Minutes,
}
