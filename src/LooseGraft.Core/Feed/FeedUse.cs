using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>How one limit fares in one load case.</summary>
/// <param name="Used">What is drawn.</param>
/// <param name="Left">What remains; negative is what is short.</param>
/// <param name="Verdict">Whether the limit carries it.</param>
public sealed record FeedUse(Spread<Watts> Used, Spread<Watts> Left, FeedVerdict Verdict)
{
    /// <summary>Share of the limit below which a high figure counts as comfortable: builders keep 20–30 % above the summed peak (common practice), the lower of
    /// which is taken.</summary>
    public const double ComfortableShare = 0.8;

    /// <summary>How far beyond its limit a supply may be asked for milliseconds: over-current protection usually trips at 130 to 150 % (makers' data sheets),
    /// the lower of which is taken.</summary>
    public const double SpikeTolerance = 1.3;

    /// <summary>Judges a draw against a limit.</summary>
    public static FeedUse Of(Spread<Watts> used, Watts limit)
    {
        var verdict = used.Likely > limit ? FeedVerdict.DoesNotCarry
            : used.High > limit ? FeedVerdict.MayNotCarry
            : used.High.Value > ComfortableShare * limit.Value ? FeedVerdict.CarriesTightly
            : FeedVerdict.Carries;
        return new FeedUse(used, limit - used, verdict);
    }
}
