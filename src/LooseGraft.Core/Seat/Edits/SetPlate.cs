using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Decides what closes the opening round the ports of a seated board.</summary>
public sealed record SetPlate(string Part, IoPlate? Plate) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.Seating.SeatOf(Part) is { } seat ? graft.WithSeating(seating => seating.WithSeat(seat with { Plate = Plate })) : graft;

    public override string Words(Graft graft) => $"Round the ports of {graft.NameOf(Part)}: {Plate?.Words() ?? "undecided"}";

    public override string Standing(Graft graft) => graft.Seating.SeatOf(Part)?.Plate?.Words() ?? "undecided";
}
