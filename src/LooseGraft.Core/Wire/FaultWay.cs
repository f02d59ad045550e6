using System.Collections.Immutable;
using LooseGraft.Core.Circuit;

namespace LooseGraft.Core.Wire;

/// <summary>One contact on the way of a fault.</summary>
/// <param name="Contact">The contact.</param>
/// <param name="By">What joins it to the one before it; null for the first, and where nothing does.</param>
/// <param name="IsBlamed">Whether that join is to blame.</param>
public sealed record FaultStep(CircuitContact Contact, Join? By, bool IsBlamed);

/// <summary>The way of a fault, contact by contact, with what joins each to the next.</summary>
public static class FaultWay
{
    /// <summary>The way from what gives to what it reaches.</summary>
    /// <param name="netlist">The circuit the fault was found in.</param>
    /// <param name="conflict">The fault.</param>
    public static ImmutableArray<FaultStep> Of(Netlist netlist, Conflict conflict)
        => [.. conflict.Way.Select((contact, at) =>
        {
            var by = at == 0 ? null : By(netlist, conflict.Way[at - 1], contact, conflict);
            return new FaultStep(contact, by, by is not null && by == conflict.Place);
        })];

    // Of several the one that is blamed or pressed was meant.
    private static Join? By(Netlist netlist, CircuitContact one, CircuitContact other, Conflict conflict)
    {
        Join? found = null;
        foreach (var join in netlist.JoinsAt(one.Index))
        {
            if (join.From(one.Index) != other.Index) continue;
            if (join == conflict.Place || conflict.Presses.Contains(join)) return join;
            found ??= join;
        }

        return found;
    }
}
