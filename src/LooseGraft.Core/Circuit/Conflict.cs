using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Something wrong with a net.</summary>
/// <param name="Kind">What.</param>
/// <param name="Severity">How much it weighs.</param>
/// <param name="Giver">What gives, or drives.</param>
/// <param name="Taker">What it reaches; the giver itself where only one contact is concerned.</param>
/// <param name="Way">The way from giver to taker that needs the fewest presses, and of those the shortest, contact by contact.</param>
/// <param name="Place">The join that is to blame; null where no join is, but something is missing.</param>
/// <param name="Presses">The switches that must be closed for it; empty when it is so all the time.</param>
/// <param name="Evidence">The weakest of the facts it rests on.</param>
public sealed record Conflict(
    ConflictKind Kind, Severity Severity, CircuitContact Giver, CircuitContact Taker, ImmutableArray<CircuitContact> Way, Join? Place,
    ImmutableArray<Join> Presses, Evidence Evidence)
{
    /// <summary>What flows through the element it is about; null where it is about none.</summary>
    public ElementFlow? Flow { get; init; }
}
