using LooseGraft.Core.Circuit.Elements;

namespace LooseGraft.Core.Circuit.Positions;

/// <summary>Judges a circuit in the positions besides rest.</summary>
/// <remarks>Only nets that something movable or an element leads to can differ from one position to the next, and only those are walked and judged; elements
/// only where their nets are not as they were in a position judged before. Ten switches in a graft of thousands of contacts are a thousand
/// positions.</remarks>
internal sealed class PositionJudge(Netlist netlist, Blame blame, ClashSearch search, NetState rest)
{
    private readonly CircuitContact[] _around = [.. netlist.Joins.Where(join => join.Kind is JoinKind.Throw or JoinKind.Switch)
        .SelectMany(join => new[] { join.One, join.Other }).Distinct().Select(index => netlist.Contacts[index])];

    private readonly CircuitContact[] _legs = [.. netlist.Elements.SelectMany(element => new[] { element.One, element.Other })
        .Concat(LightRules.Pairs(netlist).SelectMany(pair => new[] { pair.Plus, pair.Minus }.OfType<CircuitContact>())).Distinct()];

    /// <summary>Tells the shorts of every position, and finds what lights and elements see there.</summary>
    public IReadOnlyList<Clash> Judge(PositionList positions)
    {
        var (found, seen) = (new List<Clash>(), new HashSet<long>());
        foreach (var position in positions.All)
        {
            var state = search.Tell(rest.Around(_around, IsMade), IsMade, CircuitJudge.IsStop);
            if (seen.Add(Signature(state)))
                found.AddRange(LightRules.Of(netlist, state).Where(CircuitJudge.IsToldOfClosed).Concat(ElementRules.Of(netlist, state)));
            found.AddRange(CoilRules.Holding(netlist, position, state));

            bool IsMade(Join join) => position.IsMade(join) && blame.Leaves(join);
        }

        return found;
    }

    // Alike when each leg is in a net of the same contacts. By 64 bits two that differ are as good as never alike.
    private long Signature(NetState state)
    {
        var signature = 17L;
        foreach (var leg in _legs)
        {
            foreach (var contact in state.Of(leg)?.Contacts ?? [leg]) signature = (signature * 1_000_003) ^ contact.Index;
            signature = (signature * 1_000_003) ^ -1;
        }

        return signature;
    }
}
