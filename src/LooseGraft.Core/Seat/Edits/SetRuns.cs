using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says which leads have to reach.</summary>
public sealed record SetRuns(ValueList<LeadRun> Runs) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(seating => seating with { Runs = Runs });

    public override string Words(Graft graft) => $"Leads that have to reach: {Runs.Length}";

    public override string Standing(Graft graft) => graft.Seating.Runs.Length.Counted("lead");
}
