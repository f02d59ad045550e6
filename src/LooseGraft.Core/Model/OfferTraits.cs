using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>What an offer is beyond its price, as its seller or a label says.</summary>
public sealed record OfferTraits
{
    /// <summary>Nobody has said anything.</summary>
    public static readonly OfferTraits None = new();

    /// <summary>How many years it is vouched for; null where nobody said.</summary>
    public decimal? WarrantyYears { get; init; }

    /// <summary>How loud it is, in dB(A) as its maker prints it; null where nobody said.</summary>
    public decimal? Noise { get; init; }

    /// <summary>How much of what it takes it gives on, for a supply; null where nobody said.</summary>
    public EfficiencyClass? Class { get; init; }

    /// <summary>The most it gives in all, for a supply; null where nobody said.</summary>
    public Watts? Total { get; init; }

    /// <summary>How deep it is; null where nobody said.</summary>
    public Millimetres? Depth { get; init; }

    /// <summary>The plugs that it brings along, each kind and reach once; empty where nobody said.</summary>
    public ValueList<OfferPlug> Plugs { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
