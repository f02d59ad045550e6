using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Writes a reading down. One that confirms its contact makes the contact measured in the same step.</summary>
/// <param name="Reading">The reading; its id is made anew.</param>
public sealed record AddReading(Reading Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.Reading;

    public override Graft Apply(Graft graft)
    {
        if (graft.FindPort(Reading.Port) is null) return graft;
        var reading = Reading with { Id = GraftEdits.FreshId("reading", graft.Readings.Select(other => other.Id)) };
        var with = graft with { Readings = graft.Readings.Add(reading) };
        return reading.Red is { } position && ReadingJudge.Judge(graft, reading)?.Verdict == ReadingVerdict.Confirms
            ? with.WithPin(reading.Port, position, Measured)
            : with;
    }

    public override string Words(Graft graft) => $"{Reading.Port.Port}{(Reading.Red is { } position ? $", position {position}" : "")}: {Reading.Text} read";

    public override string Standing(Graft graft) => graft.Readings.Length.Counted("reading");

    /// <summary>A contact that the meter has proven.</summary>
    internal static Pin Measured(Pin pin) => pin with { Signal = pin.Signal with { Evidence = Evidence.Measured } };
}
