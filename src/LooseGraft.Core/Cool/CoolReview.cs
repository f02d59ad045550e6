using System.Collections.Immutable;
using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>What the Cool stage concludes.</summary>
/// <param name="Scene">What the air depends on.</param>
/// <param name="IsBegun">Whether anybody has told the air anything: rules speak from then on.</param>
/// <param name="Findings">What its rules say.</param>
public sealed record CoolReview(CoolScene Scene, bool IsBegun, ImmutableArray<Finding> Findings) : IStageReview
{
    private readonly Lazy<CoolOutlook>[] _outlooks = [.. Enum.GetValues<HeatCase>().Select(
        work => new Lazy<CoolOutlook>(() => CoolBounds.Of(Scene, work, new CoolSolver(Scene).Likely(work), new ReviewWork())))];

    /// <summary>How warm everything gets. Worked out when first asked for.</summary>
    public CoolOutlook At(HeatCase work) => Known is { } known && known.Work == work ? known : _outlooks[(int)work].Value;

    /// <summary>What readings of temperature say.</summary>
    public HeatFit Read { get; init; } = HeatFit.None;

    /// <summary>What was worked out already; null for nothing.</summary>
    internal CoolOutlook? Known { get; init; }

    /// <inheritdoc/>
    public Figures? Figures => !IsBegun ? null : new CoolFigures(
        new Watts(At(HeatCase.Peak).Watts.Likely.Value), Scene.Spaces.Length, Scene.Ways.Length,
        new Celsius(At(HeatCase.Peak).Spaces.Max(space => space.Likely.Value)),
        At(HeatCase.Peak).Spots.Count(spot => spot.Likely > HeatBand.Comfortable), At(HeatCase.Peak).Spots.Count(spot => spot.Worst > HeatBand.Comfortable));
}
