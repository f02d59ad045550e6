using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed;

/// <summary>How one limit fares in one load case.</summary>
/// <param name="Used">What is drawn.</param>
/// <param name="Left">What remains; negative is what is short.</param>
/// <param name="Verdict">Whether the limit carries it.</param>
public sealed record FeedUse(Spread<Throughput> Used, Spread<Throughput> Left, FeedVerdict Verdict)
{
    /// <summary>Share of the limit below which a high figure counts as comfortable: builders keep 20–30 % above the summed peak (common practice), the lower of
    /// which is taken.</summary>
    public const double ComfortableShare = 0.8;

    /// <summary>How far beyond its limit a supply may be asked for milliseconds: over-current protection usually trips at 130 to 150 % (makers' data sheets),
    /// the lower of which is taken.</summary>
    public const double SpikeTolerance = 1.3;

    // What is asked for to the last digit is not beyond the limit because a sum was rounded.
    private const double Rounding = 1 + 1e-9;

    /// <summary>Judges a draw against a limit.</summary>
    public static FeedUse Of(Spread<Throughput> used, Throughput limit)
    {
        var verdict = used.Likely.Value > Rounding * limit.Value ? FeedVerdict.DoesNotCarry
            : used.High.Value > Rounding * limit.Value ? FeedVerdict.MayNotCarry
            : used.High.Value > ComfortableShare * limit.Value ? FeedVerdict.CarriesTightly
            : FeedVerdict.Carries;
        return new FeedUse(used, limit - used, verdict);
    }

    /// <summary>What currents come to together in one load case. What passes in one sense takes from what passes in the other, so each counts by its low or its
    /// high figure as its sign asks; which sense is meant does not matter.</summary>
    internal static Spread<Throughput> Sum(IEnumerable<FeedTerm> terms, LoadCase loadCase, bool isPower)
    {
        var (low, likely, high) = (0.0, 0.0, 0.0);
        var inTurn = new StartInTurn();
        foreach (var (flow, weight) in terms)
        {
            var amps = flow.At(loadCase);
            if (loadCase == LoadCase.Start && flow.StartsInTurn) amps = inTurn.Without(flow, weight);
            low += weight * (weight > 0 ? amps.Low.Value : amps.High.Value);
            likely += weight * amps.Likely.Value;
            high += weight * (weight > 0 ? amps.High.Value : amps.Low.Value);
        }

        (low, likely, high) = inTurn.Most(low, likely, high);
        if (likely < 0) (low, likely, high) = (-high, -likely, -low);
        // Nothing, one way and the other: the larger of the two ways is what may flow.
        return new Spread<Throughput>(Of(Math.Max(low, 0)), Of(likely), Of(Math.Max(high, -low)));

        Throughput Of(double value) => new(value, isPower);
    }
}
