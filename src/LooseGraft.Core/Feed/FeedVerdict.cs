namespace LooseGraft.Core.Feed;

/// <summary>Whether a limit carries what is asked of it, best first.</summary>
public enum FeedVerdict
{
    /// <summary>Even the high figure leaves a fifth of the limit (builders' usual headroom).</summary>
    Carries,

    /// <summary>The high figure stays within the limit, but less than a fifth is left.</summary>
    CarriesTightly,

    /// <summary>The likely figure stays within the limit, the high one does not.</summary>
    MayNotCarry,

    /// <summary>The likely figure is beyond the limit.</summary>
    DoesNotCarry,
}
