using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Wire;

/// <summary>The verdict on two pins that meet.</summary>
public sealed class ContactJudgement
{
    private readonly ContactRule _rule;
    private readonly Terminal _first;
    private readonly Terminal _second;

    internal ContactJudgement(ContactRule rule, Terminal first, Terminal second) => (_rule, _first, _second) = (rule, first, second);

    /// <summary>What happens.</summary>
    public ContactOutcome Outcome => _rule.Outcome;

    /// <summary>The rule that objects; null when nothing is wrong.</summary>
    public Rule? Rule => _rule.Rule;

    /// <summary>What happens, in the builder's words. Put together only when asked for: most judgements are of placements nobody will read about.</summary>
    public string Words => _rule.Words(_first, _second);

    /// <summary>The weaker of the two facts.</summary>
    public Evidence Evidence => _first.Pin.Signal.Evidence.And(_second.Pin.Signal.Evidence);

    /// <summary>How much it weighs; null when nothing is wrong.</summary>
    public Severity? Severity => Rule?.Severity;

    /// <summary>Whether something would be destroyed.</summary>
    public bool IsStop => Severity == Findings.Severity.Stop;

    /// <summary>Whether the two belong together.</summary>
    public bool IsRight => Outcome is ContactOutcome.Right or ContactOutcome.Switch;
}
