using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says what joins a board's ground to the metal it sits on, besides its screws.</summary>
public sealed record SetGround(string Part, BoardGround? Ground) : GraftEdit
{
    public override Graft Apply(Graft graft)
        => graft.Seating.SeatOf(Part) is { } seat ? graft.WithSeating(seating => seating.WithSeat(seat with { Ground = Ground })) : graft;

    public override string Words(Graft graft) => $"Ground of {graft.NameOf(Part)} to the metal: {Ground.Words()}";

    public override string Standing(Graft graft) => graft.Seating.SeatOf(Part)?.Ground.Words() ?? "not seated";
}
