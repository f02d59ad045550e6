namespace LooseGraft.Core.Buy.Needs;

/// <summary>How a need stands.</summary>
public enum NeedState
{
    /// <summary>Some of it has no source yet.</summary>
    Open,

    /// <summary>Offers are chosen for all that the bin does not give.</summary>
    Chosen,

    /// <summary>All of it is ordered, and some has not come yet.</summary>
    OnItsWay,

    /// <summary>It was ordered and has come, as far as the bin does not give it.</summary>
    Here,

    /// <summary>The bin gives all of it.</summary>
    FromBin,

    /// <summary>The builder says that it is there.</summary>
    There,

    /// <summary>The builder leaves it out.</summary>
    LeftOut,
}
