namespace LooseGraft.Core.Facts;

/// <summary>How much a grade of evidence is worth.</summary>
public static class EvidenceGrades
{
    /// <summary>Whether a board may be staked on it: printed, documented or measured. A diagram or an assumption is not proof.</summary>
    public static bool IsProven(this Evidence evidence) => evidence >= Evidence.Label;

    /// <summary>The weaker of two grades: a conclusion is no better than its weakest fact.</summary>
    public static Evidence And(this Evidence one, Evidence other) => one < other ? one : other;

    /// <summary>The weakest of all grades; <see cref="Evidence.Measured"/> when there are none, as nothing weakens the conclusion.</summary>
    public static Evidence Weakest(this IEnumerable<Evidence> all) => all.Aggregate(Evidence.Measured, And);

    /// <summary>The builder's words for it.</summary>
    public static string Words(this Evidence evidence) => evidence switch
    {
        Evidence.Assumed => "assumed",
        Evidence.Diagram => "someone's diagram",
        Evidence.Label => "label",
        Evidence.Document => "maker's document",
        Evidence.Measured => "measured by me",
        _ => throw new ArgumentOutOfRangeException(nameof(evidence), evidence, null),
    };
}
