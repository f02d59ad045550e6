using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Takes an observation out.</summary>
/// <param name="Index">Its place in the list, from 0.</param>
public sealed record RemoveObservation(int Index) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft)
        => Index < 0 || Index >= graft.Observations.Length ? graft : graft with { Observations = graft.Observations.RemoveAt(Index) };

    public override string Words(Graft graft) => "An observation taken out";

    public override string Standing(Graft graft) => graft.Observations.Length.Counted("observation");
}
