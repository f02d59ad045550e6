using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Feed.Edits;

/// <summary>Writes down what was read at the wall, to a tenth of a watt.</summary>
/// <param name="Reading">The reading; its id is made anew.</param>
public sealed record AddWallReading(WallReading Reading) : GraftEdit
{
    public override RecordKind? Happened => RecordKind.WallReading;

    public override Graft Apply(Graft graft) => graft with
    {
        WallReadings = graft.WallReadings.Add(Reading with
        {
            Id = GraftEdits.FreshId("wall", graft.WallReadings.Select(reading => reading.Id)),
            Mean = Rounded(Reading.Mean),
            MostOften = Reading.MostOften is { } often ? Rounded(often) : null,
            Highest = Reading.Highest is { } highest ? Rounded(highest) : null,
            Supply = graft.Supplies.Any(supply => supply.Id == Reading.Supply) ? Reading.Supply : null,
            Without = [.. Reading.Without.Where(part => graft.FindPart(part) is not null)],
        }),
    };

    public override string Words(Graft graft) => $"Read at the wall: {Rounded(Reading.Mean)}";

    public override string Standing(Graft graft) => $"{graft.WallReadings.Length} wall readings";

    private static Watts Rounded(Watts watts) => new(Math.Round(watts.Value, 1));
}
