using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says what the plate that there is looks like.</summary>
/// <param name="Part">The board whose ports it goes round.</param>
/// <param name="Sheet">The plate; null for nobody measured it.</param>
public sealed record SetPlateSheet(string Part, PlateSheet? Sheet) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.Seating.SeatOf(Part) is { } seat ? graft.WithSeating(seating => seating.WithSeat(seat with { PlateSheet = Sheet })) : graft;

    public override string Words(Graft graft) => $"The plate round the ports of {graft.NameOf(Part)}: {Said(Sheet)}";

    public override string Standing(Graft graft) => Said(graft.Seating.SeatOf(Part)?.PlateSheet);

    private static string Said(PlateSheet? sheet) => sheet is null ? "not measured" : $"{sheet.Width} by {sheet.Height}, {sheet.Cuts.Length.Counted("cut-out")}";
}
