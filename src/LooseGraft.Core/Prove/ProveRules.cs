using LooseGraft.Core.Findings;

namespace LooseGraft.Core.Prove;

/// <summary>The rules of Prove: readings and life.</summary>
internal static class ProveRules
{
    internal static readonly Rule ReadingContradicts = Rule("PROVE-001", Severity.Fix, "a reading contradicts what is said of a contact");
    internal static readonly Rule ReadingsDisagree = Rule("PROVE-002", Severity.Check, "two readings of the same thing disagree");
    internal static readonly Rule IrreversibleBeforeLife = Rule("PROVE-003", Severity.Check, "an irreversible act before the donor is proven alive");
    internal static readonly Rule NoSignOfLife = Rule("PROVE-004", Severity.Fix, "the donor showed no life when it was last started");

    private static Rule Rule(string code, Severity severity, string title) => new(code, Stage.Prove, severity, title);
}
