using System.Collections.Immutable;

namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>One choice for the whole graft, in bare numbers.</summary>
/// <param name="Acts">How many acts cannot be taken back.</param>
/// <param name="Steps">Time at the bench, in steps of five minutes.</param>
/// <param name="Days">Days until the last parcel is here; 0 without one.</param>
/// <param name="Money">What it costs, in millionths of the graft's currency.</param>
/// <param name="Ways">Which way each joint takes.</param>
/// <param name="Packs">How many there are of each pack.</param>
public sealed record ChoicePoint(int Acts, int Steps, int Days, long Money, ImmutableArray<int> Ways, ImmutableArray<int> Packs)
{
    /// <summary>Its costs, as far as they count: 0 for those that do not.</summary>
    internal (int Acts, int Steps, int Days, long Money) Counted(ChoiceCosts costs)
        => (costs.HasFlag(ChoiceCosts.Acts) ? Acts : 0, costs.HasFlag(ChoiceCosts.Minutes) ? Steps : 0, costs.HasFlag(ChoiceCosts.Days) ? Days : 0, Money);
}
