using LooseGraft.Core.Model;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Takes a wall reading out.</summary>
public sealed record RemoveWallReading(string Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft) => graft with { WallReadings = graft.WallReadings.RemoveAll(reading => reading.Id == Reading) };

    public override string Words(Graft graft)
        => $"A wall reading taken out: {graft.WallReadings.FirstOrDefault(reading => reading.Id == Reading)?.Mean.ToString() ?? Reading}";

    public override string Standing(Graft graft) => $"{graft.WallReadings.Length} wall readings";
}
