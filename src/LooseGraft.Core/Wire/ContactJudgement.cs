using LooseGraft.Core.Circuit;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>The verdict on two pins that meet: face to face, or with all the rest that is joined to them.</summary>
public sealed class ContactJudgement
{
    private readonly Func<string> _words;

    internal ContactJudgement(ContactOutcome outcome, Terminal gives, Terminal takes, Func<string> words)
        => (Outcome, Gives, Takes, Evidence, _words) = (outcome, gives, takes, gives.Pin.Signal.Evidence.And(takes.Pin.Signal.Evidence), words);

    /// <summary>What happens.</summary>
    public ContactOutcome Outcome { get; }

    /// <summary>What is wrong; null when nothing is, or the two do not touch.</summary>
    public ConflictKind? Conflict { get; internal init; }

    /// <summary>The rule that objects; null when nothing is wrong.</summary>
    public Rule? Rule => Outcome switch
    {
        ContactOutcome.Blocked => WireRules.BlockedPosition,
        ContactOutcome.Unwired => WireRules.UnwiredPosition,
        _ => Conflict is { } conflict ? ConflictRules.Of(conflict) : null,
    };

    /// <summary>What happens, in the builder's words. Put together only when asked for: most judgements are of placements nobody will read about.</summary>
    public string Words => _words();

    /// <summary>The weakest of the facts it rests on.</summary>
    public Evidence Evidence { get; internal init; }

    /// <summary>How much it weighs; null when nothing is wrong.</summary>
    public Severity? Severity => Weight ?? Rule?.Severity;

    /// <summary>Whether something would be destroyed.</summary>
    public bool IsStop => Severity == Findings.Severity.Stop;

    /// <summary>Whether the two belong together.</summary>
    public bool IsRight => Outcome == ContactOutcome.Right;

    internal Severity? Weight { get; init; }

    /// <summary>What the circuit says; null for what is judged face to face.</summary>
    internal Conflict? Told { get; init; }

    internal Terminal Gives { get; }

    internal Terminal Takes { get; }

    /// <summary>What comes of a clash that the whole circuit does not bear out.</summary>
    internal ContactJudgement AtRest() => new(ContactOutcome.Idle, Gives, Takes, () => $"{Gives.Signal} on {Takes.Signal}: harmless as it is wired");
}
