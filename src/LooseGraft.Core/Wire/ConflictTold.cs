using LooseGraft.Core.Circuit;

namespace LooseGraft.Core.Wire;

/// <summary>A conflict of the circuit as the judgement of the place that is to blame.</summary>
public static class ConflictTold
{
    internal static ContactJudgement Of(Conflict conflict)
        => new(ContactOutcome.Wrong, conflict.Giver.Terminal, conflict.Taker.Terminal, () => Words(conflict))
        {
            Conflict = conflict.Kind,
            Weight = conflict.Severity,
            Evidence = conflict.Evidence,
            Told = conflict,
        };

    /// <summary>What happens, by which way, and while what is pressed.</summary>
    public static string Words(Conflict conflict)
        => (conflict.Flow is { } flow ? ElementWords.Of(conflict, flow) : ConflictWords.Of(conflict.Kind, conflict.Giver.Terminal, conflict.Taker.Terminal))
            + By(conflict) + While(conflict);

    // The ports between the two, where they do not meet themselves.
    private static string By(Conflict conflict)
    {
        if (conflict.Place is null || conflict.Way.Length <= 2) return "";
        var between = conflict.Way[1..^1].Where(contact => contact.Id.Port != conflict.Giver.Id.Port && contact.Id.Port != conflict.Taker.Id.Port)
            .Select(contact => contact.Port.Name).Distinct().ToArray();
        return between.Length == 0 ? "" : $", by way of {string.Join(" and ", between)}";
    }

    private static string While(Conflict conflict) => conflict.Presses switch
    {
        [] => "",
        [var one] => $", while the switch between {End(conflict, one.One)} and {End(conflict, one.Other)} is closed",
        _ => $", while {conflict.Presses.Length} switches are closed",
    };

    private static string End(Conflict conflict, int index)
    {
        var contact = conflict.Way.First(each => each.Index == index);
        return $"{contact.Pin.Position} of {contact.Port.Name}";
    }
}
