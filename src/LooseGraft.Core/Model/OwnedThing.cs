using LooseGraft.Core.Facts;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Model;

/// <summary>A thing in the bin of which somebody wrote down what it is.</summary>
/// <param name="Entry">The bin's own short name for it.</param>
/// <param name="Name">What the bin calls it.</param>
/// <param name="Ware">What it is.</param>
/// <param name="Free">How many of it are promised to nobody, 0 or more.</param>
public sealed record OwnedThing(string Entry, string Name, Ware Ware, int Free)
{
    /// <summary>What state it is in.</summary>
    public WareCondition Condition { get; init; } = WareCondition.Works;

    /// <summary>Where it lies; empty when that is not written down.</summary>
    public string Place { get; init; } = "";

    /// <summary>What each cost; null when nobody remembers.</summary>
    public Money? PaidEach { get; init; }

    /// <summary>In which currency.</summary>
    public string Currency { get; init; } = "EUR";
}
