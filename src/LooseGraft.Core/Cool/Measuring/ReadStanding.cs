namespace LooseGraft.Core.Cool.Measuring;

/// <summary>How a reading stands to what is worked out.</summary>
public enum ReadStanding
{
    /// <summary>It lies within what is worked out, as far as it can be trusted.</summary>
    AsExpected,

    /// <summary>It does not, but a plausible factor of the air or of a cooler explains it.</summary>
    Otherwise,

    /// <summary>Nothing plausible explains it.</summary>
    Unexplained,

    /// <summary>It was read before everything was as warm as it gets.</summary>
    TooEarly,

    /// <summary>Something was changed since.</summary>
    Past,

    /// <summary>Nothing is worked out that it could be held against.</summary>
    Apart,

    /// <summary>There are so many that only the newest count.</summary>
    Older,
}
