using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says what does now what the old case did, or that it is left off and what follows.</summary>
/// <param name="Duty">The duty.</param>
/// <param name="MetBy">The part that does it; null when none does.</param>
/// <param name="LeftOff">What follows from leaving it off; null while it is open.</param>
/// <param name="Donor">Of which donor's case; null for the first.</param>
public sealed record MeetDuty(CaseDuty Duty, string? MetBy, string? LeftOff, string? Donor = null) : GraftEdit
{
    public override Graft Apply(Graft graft) => MetBy is not null && graft.FindPart(MetBy) is null
        ? graft
        : graft.WithAnswer(
            Donor, (graft.FindDonor(Donor)?.AnswerTo(Duty) ?? new CaseAnswer(Duty, true)) with { MetBy = MetBy, LeftOff = MetBy is null ? LeftOff : null });

    public override string Words(Graft graft)
        => $"{CaseDutyFact.Of(Duty).Name}: {(MetBy is not null ? $"done by {MetBy}" : LeftOff is not null ? "left off" : "open again")}";

    public override string Standing(Graft graft) => Said(graft.FindDonor(Donor)?.AnswerTo(Duty));

    /// <summary>An answer in words.</summary>
    internal static string Said(CaseAnswer? answer) => answer switch
    {
        null => "not asked yet",
        { Did: false } => "no",
        { MetBy: { } part } => $"yes, done by {part}",
        { LeftOff: { } consequence } => $"yes, left off: {consequence}",
        _ => "yes, open",
    };
}
