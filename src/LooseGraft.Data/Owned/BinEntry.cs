using LooseGraft.Core.Facts;

namespace LooseGraft.Data.Owned;

/// <summary>One sort of thing in the bin, as it is kept.</summary>
public sealed class BinEntry
{
    public int Id { get; init; }

    /// <summary>The short name by which a part of a graft says what it takes.</summary>
    public required string Key { get; init; }

    public required string Name { get; set; }

    public required PartKind Kind { get; set; }

    public required int Quantity { get; set; }

    public decimal? Paid { get; set; }

    public required string Currency { get; set; }

    public required WareCondition Condition { get; set; }

    public required string Place { get; set; }

    public required string Note { get; set; }

    /// <summary>What it is, as a ware is written; empty while nobody said.</summary>
    public required string Ware { get; set; }

    /// <summary>Whether it was taken out; it is kept so that this can be undone.</summary>
    public bool IsRemoved { get; set; }

    public BinItem Item => new(Name, Kind, Quantity, Paid, Currency, Condition, Place, Note, Ware);

    /// <summary>Takes on what an item says.</summary>
    public void Become(BinItem item)
        => (Name, Kind, Quantity, Paid, Currency, Condition, Place, Note, Ware)
            = (item.Name, item.Kind, item.Quantity, item.Paid, item.Currency, item.Condition, item.Place, item.Note, item.Ware);
}
