using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Puts a board on a plane, or moves it there.</summary>
/// <param name="Part">The board.</param>
/// <param name="Plane">The plane.</param>
/// <param name="At">Where its rear left corner comes to lie, in millimetres.</param>
/// <param name="TurnDegrees">How far it is turned, counter-clockwise.</param>
public sealed record SeatBoard(string Part, string Plane, PlanPoint At, double TurnDegrees) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.FindPart(Part) is null || graft.Seating.FindPlane(Plane) is null
        ? graft
        : graft.WithSeating(seating =>
            seating.WithSeat((seating.SeatOf(Part) ?? new BoardSeat(Part, Plane, At, TurnDegrees)) with { Plane = Plane, At = At, TurnDegrees = TurnDegrees }));

    public override string Words(Graft graft) => $"{graft.NameOf(Part)} seated at {At}, turned {TurnDegrees:0.#}°";

    public override string Standing(Graft graft)
        => graft.Seating.SeatOf(Part) is { } seat ? $"{graft.NameOf(Part)} at {seat.At}, turned {seat.TurnDegrees:0.#}°" : $"{graft.NameOf(Part)} not seated";
}
