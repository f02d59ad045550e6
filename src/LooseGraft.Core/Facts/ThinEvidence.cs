namespace LooseGraft.Core.Facts;

/// <summary>How far a figure that nobody has proven may be from the truth.</summary>
public static class ThinEvidence
{
    /// <summary>An unproven draw may be so many times as high: figures in strangers' lists differ from measured ones by up to a factor of two.</summary>
    public const double DrawFactor = 2;

    /// <summary>An unproven limit may be so much of what it says: a fifth lower (common practice for labels of unknown makers).</summary>
    public const double LimitFactor = 0.8;
}
