using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Something wrong between two contacts, before anybody asks by which way.</summary>
internal sealed record Clash(ConflictKind Kind, Severity Severity, CircuitContact Giver, CircuitContact Taker)
{
    /// <summary>The same with its way, and what is to blame.</summary>
    public Conflict ToConflict(ImmutableArray<CircuitContact> way, Join? place, ImmutableArray<Join> presses, Evidence evidence)
        => new(Kind, Severity, way[0], way[^1], way, place, presses, evidence);
}
