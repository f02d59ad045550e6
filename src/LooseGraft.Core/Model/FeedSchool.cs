namespace LooseGraft.Core.Model;

/// <summary>The three schools of judging a supply.</summary>
public enum FeedSchool
{
    /// <summary>The total that the card's maker recommends.</summary>
    Recommended,

    /// <summary>The parts added up, with headroom.</summary>
    Summed,

    /// <summary>Measured at the wall, corrected for efficiency.</summary>
    Measured,
}
