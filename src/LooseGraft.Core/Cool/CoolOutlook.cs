using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool;

/// <summary>How warm everything gets at one kind of work, with bounds.</summary>
/// <param name="Work">What the machine is doing.</param>
/// <param name="State">Everything at its likely value.</param>
/// <param name="Spaces">The air of each space.</param>
/// <param name="Spots">Each thing that has a limit.</param>
/// <param name="Ways">Flow along each way, negative for the other way than it is written.</param>
/// <param name="Watts">What heats the air of the shell.</param>
public sealed record CoolOutlook(
    HeatCase Work, CoolState State, ImmutableArray<Spread<Celsius>> Spaces, ImmutableArray<SpotOutlook> Spots, ImmutableArray<Spread<LitresPerSecond>> Ways,
    Spread<Watts> Watts)
{
    /// <summary>The thing that is nearest to a limit, or farthest beyond one, by its upper bound; null where nothing is known.</summary>
    public SpotOutlook? Tightest => TightestOf(Spots);

    /// <summary>The same of some of them.</summary>
    public static SpotOutlook? TightestOf(IEnumerable<SpotOutlook> spots) => spots.Where(spot => spot.Temperature is not null)
        .MaxBy(spot => (spot.Worst, spot.Temperature!.Value.High.Value - spot.Spot.Limit.Comfortable));

    /// <summary>How hot a thing of a part gets; null where it has none of that sort in the scene.</summary>
    public SpotOutlook? Find(string part, HotKind kind) => Spots.FirstOrDefault(spot => spot.Spot.Part == part && spot.Spot.Kind == kind);
}
