using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;
using LooseGraft.Core.Prove;

namespace LooseGraft.Web.Forms;

/// <summary>The edits by which readings are written down, believed and taken out.</summary>
public static class Readings
{
    /// <summary>Writes a reading down. One that confirms its contact makes the contact measured in the same step.</summary>
    public static Edit Add(TimeProvider clock, PortId port, MeterMode mode, string? text, int? red, int? black, PowerState power, SwitchAct act, string? instrument)
    {
        var at = clock.GetUtcNow();
        Reading Made(Graft graft) => new(GraftEdits.FreshId("reading", graft.Readings.Select(reading => reading.Id)), at, port, mode, (text ?? "").Trim())
        {
            Red = red,
            Black = black,
            Power = power,
            Act = act,
            Instrument = instrument,
        };
        return new Edit($"{port.Port}{(red is { } position ? $", position {position}" : "")}: {text?.Trim()} read",
            graft =>
            {
                var reading = Made(graft);
                var with = graft with { Readings = graft.Readings.Add(reading) };
                return red is { } pin && Judge(graft, reading)?.Verdict == ReadingVerdict.Confirms ? with.WithPin(port, pin, Measured) : with;
            },
            graft => $"{graft.Readings.Length} readings");
    }

    /// <summary>Takes a reading out. What it proved stays as it is said.</summary>
    public static Edit Remove(string id) => new("A reading taken out",
        graft => graft with
        {
            Readings = graft.Readings.RemoveAll(reading => reading.Id == id),
            Photos = [.. graft.Photos.Select(photo => photo.Reading == id ? photo with { Reading = null } : photo)],
        },
        graft => $"{graft.Readings.Length} readings");

    /// <summary>Takes a reading's word for what its contact carries. Measured only where the reading then confirms it.</summary>
    public static Edit Believe(string id) => new("The reading's word is taken",
        graft =>
        {
            if (graft.Readings.FirstOrDefault(reading => reading.Id == id) is not { Red: { } red } reading || Judge(graft, reading)?.Suggests is not { } signal) return graft;
            var changed = graft.WithPin(reading.Port, red, pin => pin with { Signal = new Known<Signal>(signal, Evidence.Assumed, pin.Signal.Note) });
            return Judge(changed, reading)?.Verdict == ReadingVerdict.Confirms ? changed.WithPin(reading.Port, red, Measured) : changed;
        },
        graft => $"{graft.Readings.Length} readings");

    private static Pin Measured(Pin pin) => pin with { Signal = pin.Signal with { Evidence = Evidence.Measured } };

    private static ReadingJudgement? Judge(Graft graft, Reading reading)
        => graft.FindPort(reading.Port) is { } port ? ReadingJudge.Judge(port, graft.FindPart(reading.Port.Part)!.Kind, reading) : null;
}
