using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Says which screw goes in.</summary>
/// <param name="Part">The board.</param>
/// <param name="Hole">At a hole that is held some other way than by a mount, from 1; null for all that a mount meets.</param>
/// <param name="Screw">The screw; null for nobody knows.</param>
public sealed record SetScrew(string Part, int? Hole, Screw? Screw) : GraftEdit
{
    public override Graft Apply(Graft graft) => graft.Seating.SeatOf(Part) is not { } seat ? graft : graft.WithSeating(seating => seating.WithSeat(
        Hole is { } hole
            ? seat with { Holes = [.. seat.Holes.Select(mounting => mounting.Hole == hole ? mounting with { Screw = Screw } : mounting)] }
            : seat with { Screw = Screw }));

    public override string Words(Graft graft) => $"Screw at {(Hole is { } hole ? $"h{hole}" : "the mounts")} of {graft.NameOf(Part)}: {Screw?.ToString() ?? "not said"}";

    public override string Standing(Graft graft)
    {
        var seat = graft.Seating.SeatOf(Part);
        return (Hole is { } hole ? seat?.Holes.FirstOrDefault(mounting => mounting.Hole == hole)?.Screw : seat?.Screw)?.ToString() ?? "not said";
    }
}
