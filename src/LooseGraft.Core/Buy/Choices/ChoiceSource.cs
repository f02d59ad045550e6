using LooseGraft.Core.Model;

namespace LooseGraft.Core.Buy.Choices;

/// <summary>What a pack of a choice is: an offer, a thing in the bin, something ordered already, or nothing that anybody has.</summary>
internal sealed record ChoiceSource
{
    /// <summary>The offer that it is.</summary>
    public Offer? Offer { get; init; }

    /// <summary>The thing in the bin.</summary>
    public OwnedThing? Owned { get; init; }

    /// <summary>Whether nobody has it.</summary>
    public bool IsNowhere { get; init; }
}
