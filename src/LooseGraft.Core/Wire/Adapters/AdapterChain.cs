using System.Collections.Immutable;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Wire.Adapters;

/// <summary>One or more adapters in a row that bring a plug onto a header.</summary>
/// <param name="Adapters">The adapters, the one on the plug first.</param>
/// <param name="Review">The joint, were it made so.</param>
/// <param name="Lost">How many pairs that belong together stay open.</param>
public sealed record AdapterChain(ImmutableArray<Adapter> Adapters, JointReview Review, int Lost)
{
    /// <summary>What they cost together.</summary>
    public PriceSpan Price => Adapters.Aggregate(PriceSpan.Free, (sum, adapter) => sum + adapter.Price);

    /// <summary>Whether nothing about another chain is better, and something is worse.</summary>
    public bool Beats(AdapterChain other)
        => Lost <= other.Lost && Price.Likely <= other.Price.Likely && Adapters.Length <= other.Adapters.Length
            && (Lost, Price.Likely, Adapters.Length) != (other.Lost, other.Price.Likely, other.Adapters.Length);
}
