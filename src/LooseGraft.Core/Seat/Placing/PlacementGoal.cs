namespace LooseGraft.Core.Seat.Placing;

/// <summary>How many holes have to meet for a place to be worth finding; it rises with the best that was found.</summary>
/// <param name="fewest">Fewer are never worth it.</param>
/// <param name="band">How many fewer than the best still are.</param>
internal sealed class PlacementGoal(int fewest, int band)
{
    /// <summary>The fewest that are worth it now.</summary>
    public int Least { get; private set; } = fewest;

    /// <summary>Notes that so many were found to meet.</summary>
    public void Reach(int met) => Least = Math.Max(Least, met - band);
}
