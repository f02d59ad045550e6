namespace LooseGraft.Core.Model;

/// <summary>What came of one line of an order.</summary>
/// <param name="Line">Which line, from 0.</param>
/// <param name="Right">How many packs were what was ordered.</param>
/// <param name="Wrong">How many packs were something else, or broken.</param>
public sealed record ArrivedLine(int Line, int Right, int Wrong)
{
    /// <summary>The parts of the graft that came out of the packs, each one piece.</summary>
    public ValueList<string> Parts { get; init; } = [];

    /// <summary>What of the packs went into the bin.</summary>
    public ValueList<OfferContent> ToBin { get; init; } = [];

    /// <summary>What this version does not know.</summary>
    public UnknownMembers Unknown { get; init; } = UnknownMembers.None;
}
