namespace LooseGraft.Data.Owned;

/// <summary>One sort of thing in the bin with what is promised of it.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Key">Its short name in graft files.</param>
/// <param name="Item">What is known of it.</param>
/// <param name="Promises">Which graft takes how many.</param>
public sealed record BinRow(int Id, string Key, BinItem Item, IReadOnlyList<BinRow.Promise> Promises)
{
    /// <summary>What a graft takes.</summary>
    /// <param name="GraftId">The graft's number.</param>
    /// <param name="Graft">Its name.</param>
    /// <param name="Count">How many.</param>
    public sealed record Promise(int GraftId, string Graft, int Count);

    /// <summary>How many are promised to nobody.</summary>
    public int Free => Item.Quantity - Promises.Sum(promise => promise.Count);
}
