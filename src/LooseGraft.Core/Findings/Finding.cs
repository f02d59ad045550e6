using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;

namespace LooseGraft.Core.Findings;

/// <summary>What a rule says about a graft.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Severity">How much this case weighs; usually the rule's own severity.</param>
/// <param name="Subject">What it speaks of.</param>
/// <param name="Message">What is the matter, in the builder's words.</param>
/// <param name="Evidence">The weakest fact it rests on.</param>
/// <param name="Remedies">What would change it, best first.</param>
public sealed record Finding(Rule Rule, Severity Severity, Subject Subject, string Message, Evidence Evidence, ImmutableArray<string> Remedies)
{
    /// <summary>The figures of the sentence; null where a rule does not give them.</summary>
    public FindingCase? Case { get; init; }

    /// <summary>A finding of the rule's usual severity.</summary>
    public static Finding Of(Rule rule, Subject subject, string message, Evidence evidence, params ImmutableArray<string> remedies)
        => new(rule, rule.Severity, subject, message, evidence, remedies);

    /// <summary>A finding of the rule's usual severity, with its figures.</summary>
    public static Finding Of(Rule rule, Subject subject, FindingCase found, string message, Evidence evidence, params ImmutableArray<string> remedies)
        => new(rule, rule.Severity, subject, message, evidence, remedies) { Case = found };
}
