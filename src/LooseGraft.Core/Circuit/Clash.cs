using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Circuit;

/// <summary>Something wrong between two contacts, before anybody asks by which way.</summary>
internal sealed record Clash(ConflictKind Kind, Severity Severity, CircuitContact Giver, CircuitContact Taker)
{
    /// <summary>Where what gives arrives by conductors, when it goes on from there through a light; null when it reaches the taker itself.</summary>
    public CircuitContact? Via { get; init; }

    /// <summary>What flows through the element it is about; null where it is about none.</summary>
    public ElementFlow? Flow { get; init; }

    /// <summary>Where the way that is told ends.</summary>
    public CircuitContact End => Via ?? Taker;

    /// <summary>The same with its way, and what is to blame.</summary>
    public Conflict ToConflict(ImmutableArray<CircuitContact> way, Join? place, ImmutableArray<Join> presses, Evidence evidence)
        => new(Kind, Severity, way[0], Via is null ? way[^1] : Taker, way, place, presses, evidence) { Flow = Flow };
}
