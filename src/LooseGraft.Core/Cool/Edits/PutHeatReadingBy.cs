using LooseGraft.Core.Model;

namespace LooseGraft.Core.Cool.Edits;

/// <summary>Says whether a temperature was read before something was changed, so that it is kept but no longer counts.</summary>
/// <param name="Reading">Its id.</param>
/// <param name="IsPast">Whether it was.</param>
public sealed record PutHeatReadingBy(string Reading, bool IsPast) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.WithCooling(cooling => cooling with
    {
        Readings = [.. cooling.Readings.Select(reading => reading.Id == Reading ? reading with { IsPast = IsPast } : reading)],
    });

    public override string Words(Graft graft) => $"What was read, {graft.ReadWords(Reading)}: {Said(IsPast)}";

    public override string Standing(Graft graft)
        => graft.Cooling.Readings.FirstOrDefault(reading => reading.Id == Reading) is { } found ? Said(found.IsPast) : "this reading is not there any more";

    private static string Said(bool isPast) => isPast ? "of before a change, it no longer counts" : "it counts";
}
