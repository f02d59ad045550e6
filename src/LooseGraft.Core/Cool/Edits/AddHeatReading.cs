using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Writes a temperature down.</summary>
/// <param name="Reading">The reading; its id is made anew.</param>
public sealed record AddHeatReading(HeatReading Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Reading;

    public override Graft Apply(Graft graft)
    {
        var isThere = Reading switch
        {
            { Part: { } part } => graft.FindPart(part) is not null,
            { Way: { } way } => graft.AirWays().Any(each => each.Key == way),
            _ => graft.AirSpaces().Any(each => each.Id == Reading.Space),
        };
        if (!isThere) return graft;
        var made = Reading with { Id = GraftEdits.FreshId("heat", graft.Cooling.Readings.Select(other => other.Id)) };
        return graft.WithCooling(cooling => cooling with { Readings = cooling.Readings.Add(made) });
    }

    public override string Words(Graft graft) => $"{graft.NameOfRead(Reading).Capitalised()}: {Reading.Hot} read at {Reading.Work.Words()}";

    public override string Standing(Graft graft) => graft.Cooling.Readings.Length.Counted("temperature");
}
