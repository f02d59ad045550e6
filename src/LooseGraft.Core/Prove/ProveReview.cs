using System.Collections.Immutable;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>What the Prove stage says about a graft.</summary>
/// <param name="Readings">Every reading with its verdict, in the order it was written down.</param>
/// <param name="Life">Whether each donor that gave a board is proven alive; never empty.</param>
/// <param name="Unproven">Every fact that is not proven.</param>
/// <param name="Findings">What the rules say.</param>
public sealed record ProveReview(
    ImmutableArray<JudgedReading> Readings, ImmutableArray<DonorLife> Life, ImmutableArray<UnprovenFact> Unproven, ImmutableArray<Finding> Findings)
    : IStageReview
{
    /// <summary>The readings of one port, newest first.</summary>
    public IEnumerable<JudgedReading> Of(PortId port) => Readings.Where(judged => judged.Reading.Port == port).Reverse();

    /// <inheritdoc/>
    public Figures Figures
        => new ProveFigures(Readings.Length, Readings.Count(judged => judged.IsNewest && judged.Judgement.Verdict == ReadingVerdict.Contradicts), Worst);

    private LifeVerdict Worst => Life.MaxBy(donor => donor.Verdict switch { LifeVerdict.NoSign => 2, LifeVerdict.NotProven => 1, _ => 0 })!.Verdict;
}
