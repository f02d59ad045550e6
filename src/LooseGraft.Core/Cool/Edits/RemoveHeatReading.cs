using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Takes a temperature out that was written down by mistake.</summary>
/// <param name="Reading">Its id.</param>
public sealed record RemoveHeatReading(string Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Correction;

    public override Graft Apply(Graft graft)
        => graft.WithCooling(cooling => cooling with { Readings = cooling.Readings.RemoveAll(reading => reading.Id == Reading) });

    public override string Words(Graft graft) => $"Taken out: {graft.ReadWords(Reading)}";

    public override string Standing(Graft graft) => graft.Cooling.Readings.Length.Counted("temperature");
}
