namespace LooseGraft.Core.Model;

/// <summary>What buying has to be told beside what the decisions of the other stages ask for: who sells what, what was chosen, what is there already.</summary>
public sealed record Buying
{
    /// <summary>Nobody has said anything yet.</summary>
    public static readonly Buying Empty = new();

    /// <summary>The day by which everything shall be here; null for no such day.</summary>
    public DateOnly? WishedBy { get; init; }

    /// <summary>What other currencies are worth.</summary>
    public ValueList<ExchangeRate> Rates { get; init; } = [];

    /// <summary>Who sells.</summary>
    public ValueList<Seller> Sellers { get; init; } = [];

    /// <summary>What they offer.</summary>
    public ValueList<Offer> Offers { get; init; } = [];

    /// <summary>What was chosen of it, each offer once.</summary>
    public ValueList<BasketLine> Basket { get; init; } = [];

    /// <summary>What the builder says of needs, each need once.</summary>
    public ValueList<NeedMark> Marks { get; init; } = [];

    /// <summary>What the builder needs beside what the decisions ask for.</summary>
    public ValueList<OwnNeed> OwnNeeds { get; init; } = [];

    /// <summary>What is taken from the bin for needs that are no part of the graft.</summary>
    public ValueList<BinTake> FromBin { get; init; } = [];

    /// <summary>The needs that no power hangs on, as the builder says, each once.</summary>
    public ValueList<NoPower> NoPower { get; init; } = [];

    /// <summary>What the builder says of the worth of it all.</summary>
    public WorthTerms Worth { get; init; } = WorthTerms.Empty;

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;

    /// <summary>The seller of that id; null when there is none.</summary>
    public Seller? FindSeller(string id) => Sellers.FirstOrDefault(seller => seller.Id == id);

    /// <summary>The offer of that id; null when there is none.</summary>
    public Offer? FindOffer(string id) => Offers.FirstOrDefault(offer => offer.Id == id);
}
