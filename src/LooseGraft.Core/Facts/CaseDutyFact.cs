namespace LooseGraft.Core.Facts;

/// <summary>What is known of one thing an old case may do.</summary>
/// <param name="Duty">The thing.</param>
/// <param name="Name">It in a few words, beginning with a small letter.</param>
/// <param name="Question">How a builder is asked.</param>
/// <param name="Need">What the graft needs if it did, as a sentence that begins with a small letter.</param>
/// <param name="IfLeftOff">What usually follows from leaving it off.</param>
/// <param name="Remedies">What usually meets the need, best first.</param>
/// <param name="IsVital">Whether the board does not run, or does not run for long, without it.</param>
/// <param name="DonorWords">Words in the donor's kind that make the question worth asking; empty when it always is.</param>
/// <param name="Signals">Signals whose presence on a board makes a yes likely.</param>
public sealed record CaseDutyFact(
    CaseDuty Duty, string Name, string Question, string Need, string IfLeftOff, IReadOnlyList<string> Remedies, bool IsVital,
    IReadOnlyList<string> DonorWords, IReadOnlyList<string> Signals)
{
    /// <summary>All of them, in the order they are asked.</summary>
    public static IReadOnlyList<CaseDutyFact> All { get; } = FactFile.Load<IReadOnlyList<CaseDutyFact>>("case-duties.json");

    private static readonly Dictionary<CaseDuty, CaseDutyFact> ByDuty = All.ToDictionary(fact => fact.Duty);

    /// <summary>What is known of a duty.</summary>
    public static CaseDutyFact Of(CaseDuty duty) => ByDuty[duty];
}
