using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says which leads have to reach; those of what is set aside stay beside.</summary>
public sealed record SetRuns(ValueList<LeadRun> Runs) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithSeating(
        seating => seating with { Runs = [.. Runs, .. graft.Aside(each => each.Runs, run => run.Id).ExceptBy(Runs.Select(run => run.Id), run => run.Id)] });

    public override string Words(Graft graft) => $"Leads that have to reach: {Runs.Length}";

    public override string Standing(Graft graft) => graft.Seating.Runs.Length.Counted("lead");
}
