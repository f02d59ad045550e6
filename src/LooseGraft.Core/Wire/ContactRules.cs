using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Wire;

/// <summary>Judges two pins as they meet, by themselves and face to face: what the search for placements and wire tables asks for. What a whole graft comes to
/// is said by <see cref="CircuitJudge"/>, from the same roles and the same rules.</summary>
public static class ContactRules
{
    /// <summary>Judges what would happen if the two were pushed or wired together and power applied. Which is named first never changes the outcome.</summary>
    public static ContactJudgement Judge(Terminal one, Terminal other)
    {
        if (IsCollision(one, other) || IsCollision(other, one))
            return new ContactJudgement(ContactOutcome.Blocked, one, other, () => "does not go on: a pin meets a filled cavity");
        if (Lacks(one, other)) return Unwired(one, other);
        if (Lacks(other, one)) return Unwired(other, one);
        if (!one.Conducts || !other.Conducts) return new ContactJudgement(ContactOutcome.Idle, one, other, () => "nothing to connect");
        // By themselves a lead and its label are all there is to go by. What really arrives is known once all is joined.
        if (NetRules.Judge(Claimed(one), Claimed(other)) is { } verdict)
        {
            var (gives, takes) = verdict.IsSwapped ? (Claimed(other), Claimed(one)) : (Claimed(one), Claimed(other));
            return verdict.Kind is { } kind ? Wrong(kind, verdict.Severity, gives, takes) : Right(gives, takes);
        }

        return (Claimed(one).Role.Kind, Claimed(other).Role.Kind) switch
        {
            (RoleKind.Passive, RoleKind.Passive) => Labels(one, other),
            (RoleKind.Passive, _) => OnConductor(other, one),
            (_, RoleKind.Passive) => OnConductor(one, other),
            _ => Right(one, other),
        };
    }

    private static Terminal Claimed(Terminal terminal) => terminal.IsLabel ? terminal.AsLabelled : terminal;

    private static bool IsCollision(Terminal cavity, Terminal pin) => cavity.Pin.Contact == ContactState.Blocked && pin.HasBody;

    private static bool Lacks(Terminal empty, Terminal other) => empty.Pin.Contact == ContactState.Unwired && other.Conducts && other.Signal.IsMeaningful;

    /// <summary>What might happen if a contact that is only believed to have no conductor has one after all; null where that is proven, or no supply meets
    /// it.</summary>
    internal static ContactJudgement? IfWired(Terminal empty, Terminal other)
        => !empty.Pin.Signal.IsProven && other.Pin.Contact == ContactState.Wired && Claimed(other).Role.Feeds
            ? Wrong(ConflictKind.NotKnown, Findings.Severity.Check, other, empty, () => $"{other.Signal} would reach whatever is behind it") : null;

    private static ContactJudgement Unwired(Terminal empty, Terminal other)
        => new(ContactOutcome.Unwired, empty, other, () => $"{other.Signal} meets a contact with no conductor behind it");

    private static ContactJudgement Wrong(
        ConflictKind kind, Findings.Severity severity, Terminal gives, Terminal takes, Func<string>? words = null)
        => new(ContactOutcome.Wrong, gives, takes, words ?? (() => ConflictWords.Of(kind, gives, takes))) { Conflict = kind, Weight = severity };

    // Two that conduct carry on for each other what their labels say.
    private static ContactJudgement Labels(Terminal one, Terminal other)
    {
        if (one.Signal.Family == SignalFamily.Unknown || other.Signal.Family == SignalFamily.Unknown)
            return Wrong(ConflictKind.NotKnown, Findings.Severity.Check, one.Signal.IsMeaningful ? other : one, one.Signal.IsMeaningful ? one : other);
        return NetRules.BelongTogether(one.Signal, other.Signal) ? Right(one, other) : Wrong(ConflictKind.LabelDiffers, Findings.Severity.Check, one, other);
    }

    private static ContactJudgement OnConductor(Terminal acts, Terminal conducts)
        => conducts.Signal.Family == SignalFamily.Unknown ? Wrong(ConflictKind.NotKnown, Findings.Severity.Check, conducts, acts)
            : conducts.IsLabel ? OnLabel(acts, conducts)
            : LegRules.Judge(acts, conducts) is { } verdict ? verdict.Kind is { } kind ? Wrong(kind, verdict.Severity, acts, conducts) : Right(acts, conducts)
            : new ContactJudgement(ContactOutcome.Idle, acts, conducts, () => $"{acts.Signal} meets a leg of {conducts.Signal.Function}");

    private static ContactJudgement OnLabel(Terminal acts, Terminal label)
        => LabelRules.Departs(acts, label) ? Wrong(ConflictKind.LabelDiffers, Findings.Severity.Check, acts, label) : Right(acts, label);

    private static ContactJudgement Right(Terminal one, Terminal other) => new(ContactOutcome.Right, one, other, () => RightWords(one, other));

    private static string RightWords(Terminal one, Terminal other)
    {
        if (one.Family == SignalFamily.Ground && other.Family == SignalFamily.Ground) return "ground to ground";
        if (one.Role.Feeds && other.IsSignal) return $"{other.Signal} fed with {one.Signal}, as it wants";
        if (other.Family == SignalFamily.Ground) return $"{one.Signal} joined to ground, as it wants";
        if (one.Family == SignalFamily.Ground) return $"{other.Signal} joined to ground, as it wants";
        return one.Family == SignalFamily.Switch ? $"{one.Signal}: a switch has no polarity, either way is right" : $"{one.Signal}, right";
    }
}
