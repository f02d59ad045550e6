using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Wire.Groups;

namespace LooseGraft.Core.Wire;

/// <summary>What the circuit says that is no matter of one joint: links and presses inside parts, what is not fed, and what has no way back.</summary>
internal static class CircuitFindings
{
    public static IEnumerable<Finding> Of(CircuitReview circuit, Hanging hanging)
    {
        var ungrounded = UsbRules.Ungrounded(hanging).ToHashSet();
        return Bound(circuit).Concat(from conflict in circuit.Conflicts
                                     where conflict.Place is not { Kind: JoinKind.Joint or JoinKind.Tie } && !IsToldOtherwise(conflict, ungrounded)
                                     select Tell(conflict));
    }

    private static IEnumerable<Finding> Bound(CircuitReview circuit)
        => circuit.IsAllTold ? []
            : [Finding.Of(WireRules.NotAllJudged, Subject.Whole, "So much is wrong or joined in this graft that the rest of its circuit was not judged.",
                Evidence.Measured, "mend what is told, and look again", "take joints apart that join hundreds of contacts on one net")];

    private static Finding Tell(Conflict conflict) => conflict.Place is { } place ? ByWay(conflict, place) : Missing(conflict);

    // Of a needed contact it is told that nothing serves it, and of USB that its ground is not joined.
    private static bool IsToldOtherwise(Conflict conflict, HashSet<(string One, string Other)> ungrounded) => conflict.Kind switch
    {
        ConflictKind.NotFed => conflict.Giver.Pin.NeededFor is not null,
        ConflictKind.NoReturn
            => ungrounded.Contains((conflict.Giver.Part.Id, conflict.Taker.Part.Id)) || ungrounded.Contains((conflict.Taker.Part.Id, conflict.Giver.Part.Id)),
        _ => false,
    };

    private static Finding ByWay(Conflict conflict, Join place)
    {
        var (one, other) = (Contact(conflict, place.One), Contact(conflict, place.Other));
        // What takes is on the far side of the place that is to blame.
        var far = conflict.Way.IndexOf(one) > conflict.Way.IndexOf(other) ? one : other;
        var rule = conflict.Severity == Severity.Stop ? WireRules.JoinedByWay : ConflictRules.Of(conflict.Kind);
        var remedy = place.Kind switch
        {
            _ when conflict.Kind == ConflictKind.NotKnown => $"find out what {one.Words} and {other.Words} carry, and write it down",
            JoinKind.Switch or JoinKind.Throw => "give the switch contacts of its own",
            JoinKind.ByLabel => $"prove it first: beep {far.Part.Name} out, contact by contact",
            _ => $"take out the link between {one.Words} and {other.Words}, or leave one of its ends unwired",
        };
        return new Finding(rule, conflict.Severity, new PinSubject(far.Id.Port, far.Pin.Position),
            $"{conflict.Giver.Words} and {conflict.Taker.Words} never meet, but are joined by way of other contacts: {ConflictTold.Words(conflict)}.",
            conflict.Evidence,
            [remedy, "prove it first: beep it out with power off"])
        { Case = CircuitFault.Of(conflict) };
    }

    private static Finding Missing(Conflict conflict)
        => new(ConflictRules.Of(conflict.Kind), conflict.Severity, new PinSubject(conflict.Taker.Id.Port, conflict.Taker.Pin.Position),
            conflict.Giver == conflict.Taker ? $"{conflict.Taker.Words}: {ConflictTold.Words(conflict)}."
                : $"{conflict.Giver.Words} and {conflict.Taker.Words}: {ConflictTold.Words(conflict)}.",
            conflict.Evidence, [Remedy(conflict)])
        { Case = CircuitFault.Of(conflict) };

    private static string Remedy(Conflict conflict) => conflict.Kind switch
    {
        ConflictKind.NotFed => "join it to what feeds it, or say in the graft where its supply comes from",
        ConflictKind.NoReturn or ConflictKind.ReturnThroughSignal or ConflictKind.ReturnThroughLoad => "join a ground beside it",
        ConflictKind.IdentityMissing => "take a brick or a go-between that is made for this board, or ask its maker what it does without",
        ConflictKind.MayStayOff => "nothing, if the drive starts; else leave contact 3 open: cover it with tape, or take a go-between from a peripheral plug",
        ConflictKind.FedWhileOff
            => "run both on one supply, so that they go on and off together, or put 4.7 kΩ or a buffer that goes off with it into the line",
        ConflictKind.ElementUnknown => "read what is printed on it, or measure it, and write it down where it is described",
        ConflictKind.LightReversed => "exchange its two legs",
        ConflictKind.ElementBurns when conflict.Flow?.Link.Kind == LinkKind.Light
            => "on alternating current put a diode in the row with it, or one across it the other way round; else exchange its two legs",
        ConflictKind.ElementBurns or ConflictKind.LightBurns or ConflictKind.ContactTooSmall => "take one that is made for it, or put more resistance before it",
        ConflictKind.PinThroughElement => "put more resistance before it, or divide the voltage with a second resistor to ground",
        ConflictKind.WindingShorted or ConflictKind.WindingOnCircuit or ConflictKind.WindingBurnsLamp => "lead both its legs to a lamp made for it, and to nothing else",
        ConflictKind.WindingNotIsolated
            => "unplug it, and beep from the winding to each pin of the mains plug, to its earth and to the core: any beep, and it is not used. Mains is no work of yours",
        ConflictKind.OutputOverloaded => "let a transistor, or a driver made for it, switch it",
        ConflictKind.SupplyThroughElement => "take it off one of the two supplies",
        ConflictKind.FedThroughElement => "measure what arrives while it runs, at its start too",
        ConflictKind.CoilWithoutDiode => "put a diode across the coil, its ring on the plus side, and let a transistor or a driver made for coils switch it",
        ConflictKind.CoilWeak => "take a relay made for this voltage",
        ConflictKind.CoilRestless => "let a contact of its own hold it, not one that it opens",
        ConflictKind.CoilHolds => "hold it from a supply that goes off with the machine, if it shall drop out then",
        _ => "wire it otherwise, or leave it off",
    };

    private static CircuitContact Contact(Conflict conflict, int index) => conflict.Way.First(contact => contact.Index == index);
}
