namespace LooseGraft.Data.Owned;

/// <summary>How many of an entry a graft on the shelf takes. Kept in step with the grafts' documents in the same transaction.</summary>
public sealed class BinPromise
{
    public required int EntryId { get; init; }

    public required int GraftId { get; init; }

    public required int Count { get; set; }
}
