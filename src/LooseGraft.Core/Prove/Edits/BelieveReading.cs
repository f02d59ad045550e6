using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove.Edits;

/// <summary>Takes a reading's word for what its contact carries. Measured only where the reading then confirms it.</summary>
public sealed record BelieveReading(string Reading) : GraftEdit
{
    public override Graft Apply(Graft graft)
    {
        if (graft.Readings.FirstOrDefault(reading => reading.Id == Reading) is not { Red: { } red } reading
            || ReadingJudge.Judge(graft, reading)?.Suggests is not { } signal) return graft;
        var changed = graft.WithPin(reading.Port, red, pin => pin with { Signal = new Known<Signal>(signal, Evidence.Assumed, pin.Signal.Note) });
        return ReadingJudge.Judge(changed, reading)?.Verdict == ReadingVerdict.Confirms ? changed.WithPin(reading.Port, red, AddReading.Measured) : changed;
    }

    public override string Words(Graft graft)
        => $"The reading's word is taken: {graft.Readings.FirstOrDefault(reading => reading.Id == Reading)?.Text ?? Reading}";

    public override string Standing(Graft graft) => graft.Readings.Length.Counted("reading");
}
