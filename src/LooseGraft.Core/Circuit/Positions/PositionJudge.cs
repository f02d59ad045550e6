using System.Collections.Immutable;
using LooseGraft.Core.Circuit.Elements;

namespace LooseGraft.Core.Circuit.Positions;

/// <summary>Judges a circuit in the positions besides rest.</summary>
/// <remarks>Only nets that something movable or an element leads to can differ from one position to the next, and only those are walked and judged; elements
/// only where their nets are not as they were in a position judged before. Ten switches in a graft of thousands of contacts are a thousand
/// positions.</remarks>
internal sealed class PositionJudge(
    Netlist netlist, ImmutableArray<(CircuitContact Plus, CircuitContact? Minus)> lights, Blame blame, ClashSearch search, NetState rest)
{
    /// <summary>Tells the shorts of every position, and finds what lights and elements see there.</summary>
    public IReadOnlyList<Clash> Judge(PositionList positions)
    {
        if (positions.All.IsEmpty) return [];
        var (found, seen, around, legs) = (new List<Clash>(), new HashSet<long>(), Around(), Legs());
        foreach (var position in positions.All)
        {
            var state = search.Tell(rest.Around(around, IsMade), IsMade, CircuitJudge.IsStop);
            if (seen.Add(Signature(legs, state)))
                found.AddRange(LightRules.Of(lights, state).Where(CircuitJudge.IsToldOfClosed).Concat(ElementRules.Of(netlist, state)));
            found.AddRange(CoilRules.Holding(netlist, position, state));

            bool IsMade(Join join) => position.IsMade(join) && blame.Leaves(join);
        }

        return found;
    }

    private ImmutableArray<CircuitContact> Around() => [.. netlist.Joins.Where(join => join.Kind is JoinKind.Throw or JoinKind.Switch)
        .SelectMany(join => new[] { join.One, join.Other }).Distinct().Select(index => netlist.Contacts[index])];

    private CircuitContact[] Legs() => [.. netlist.Elements.SelectMany(element => new[] { element.One, element.Other })
        .Concat(lights.SelectMany(pair => new[] { pair.Plus, pair.Minus }.OfType<CircuitContact>())).Distinct()];

    // Alike when each leg is in a net of the same contacts. By 64 bits two that differ are as good as never alike.
    private static long Signature(CircuitContact[] legs, NetState state)
    {
        var signature = 17L;
        foreach (var leg in legs)
        {
            foreach (var contact in state.Of(leg)?.Contacts ?? [leg]) signature = (signature * 1_000_003) ^ contact.Index;
            signature = (signature * 1_000_003) ^ -1;
        }

        return signature;
    }
}
