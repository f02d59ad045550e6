using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Takes a board off its plane, with what stands on it.</summary>
public sealed record UnseatBoard(string Part) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Seating.SeatOf(Part) is null ? graft : graft.WithSeating(seating => seating.WithoutSeat(Part));

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} taken off its base, with what stands on it";

    public override string Standing(Graft graft) => $"{graft.Seating.Seats.Length} boards seated";
}
