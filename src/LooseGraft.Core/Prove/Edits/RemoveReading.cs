using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Takes a reading out. What it proved stays as it is said.</summary>
public sealed record RemoveReading(string Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft) => graft with
    {
        Readings = graft.Readings.RemoveAll(reading => reading.Id == Reading),
        Photos = [.. graft.Photos.Select(photo => photo.Reading == Reading ? photo with { Reading = null } : photo)],
    };

    public override string Words(Graft graft) => $"A reading taken out: {graft.Readings.FirstOrDefault(reading => reading.Id == Reading)?.Text ?? Reading}";

    public override string Standing(Graft graft) => graft.Readings.Length.Counted("reading");
}
