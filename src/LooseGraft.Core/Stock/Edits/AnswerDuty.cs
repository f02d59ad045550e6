using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says whether the old case did something for the board.</summary>
/// <param name="Duty">The thing.</param>
/// <param name="Did">Whether it did.</param>
/// <param name="Donor">Of which donor; null for the first.</param>
public sealed record AnswerDuty(CaseDuty Duty, bool Did, string? Donor = null) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithAnswer(
        Donor, (graft.FindDonor(Donor)?.AnswerTo(Duty) ?? new CaseAnswer(Duty, Did)) with { Did = Did });

    public override string Words(Graft graft) => $"{graft.CallOldCase(Donor).Capitalised()}, {CaseDutyFact.Of(Duty).Name}: {(Did ? "yes" : "no")}";

    public override string Standing(Graft graft) => MeetDuty.Said(graft.FindDonor(Donor)?.AnswerTo(Duty));
}
