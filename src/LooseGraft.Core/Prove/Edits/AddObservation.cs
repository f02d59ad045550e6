using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Writes down what was seen when the bare board was started.</summary>
public sealed record AddObservation(Observation Observation) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Observation;

    public override Graft Apply(Graft graft)
        => graft.FindDonor(Observation.Donor) is null ? graft : graft with { Observations = graft.Observations.Add(Observation) };

    public override string Words(Graft graft) => $"Bare board{graft.OfDonor(Observation.Donor)}: {Observation.Watched.Words()}, {(Observation.WasSeen ? "seen" : "not seen")}";

    public override string Standing(Graft graft) => graft.Observations.Length.Counted("observation");
}
