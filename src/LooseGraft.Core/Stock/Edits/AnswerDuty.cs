using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Stock.Edits;

/// <summary>Says whether the old case did something for the board.</summary>
public sealed record AnswerDuty(CaseDuty Duty, bool Did) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithAnswer((graft.AnswerTo(Duty) ?? new CaseAnswer(Duty, Did)) with { Did = Did });

    public override string Words(Graft graft) => $"The old case, {CaseDutyFact.Of(Duty).Name}: {(Did ? "yes" : "no")}";

    public override string Standing(Graft graft) => MeetDuty.Said(graft.AnswerTo(Duty));
}
