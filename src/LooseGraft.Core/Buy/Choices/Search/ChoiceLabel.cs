namespace LooseGraft.Core.Buy.Choices.Search;

/// <summary>Some of the joints decided and some of the groups bought.</summary>
/// <param name="Acts">Acts for good so far.</param>
/// <param name="Steps">Steps of minutes so far.</param>
/// <param name="Cost">What is bought so far, without postage.</param>
/// <param name="Goods">The goods of each seller whose postage depends on them.</param>
/// <param name="Asked">How much is asked of each need that is still to be bought for, in millionths.</param>
/// <param name="Once">What was asked for that others may share, as bits.</param>
/// <param name="Before">The same before the last step; null at the beginning.</param>
/// <param name="Last">What the last step took.</param>
internal sealed record ChoiceLabel(
    int Acts, int Steps, long Cost, long[] Goods, long[] Asked, UInt128 Once, ChoiceLabel? Before, ChoiceStep? Last)
{
    /// <summary>The places of the sellers whose postage it may still save without being beaten, as bits.</summary>
    public int Saving { get; init; } = -1;

    /// <summary>Nothing decided yet.</summary>
    public static ChoiceLabel Start(int slots, long[] asked) => new(0, 0, 0, new long[slots], asked, 0, null, null);

    /// <summary>What was taken, the last first.</summary>
    public IEnumerable<ChoiceStep> Taken
    {
        get
        {
            for (var label = this; label.Last is { } step; label = label.Before!) yield return step;
        }
    }
}
