using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Edits;

/// <summary>Decides how a hole of a seated board is held.</summary>
/// <param name="Part">The board.</param>
/// <param name="Hole">The hole, from 1.</param>
/// <param name="Method">How; null for undecided.</param>
public sealed record HoldHole(string Part, int Hole, MountMethod? Method) : GraftEdit
{
    public override Graft Apply(Graft graft) => Hole < 1 || Hole > (graft.FindPart(Part)?.Holes.Length ?? 0) || graft.Seating.SeatOf(Part) is not { } seat
        ? graft
        : graft.WithSeating(seating => seating.WithSeat(seat with
        {
            Holes = [.. seat.Holes.Where(mounting => mounting.Hole != Hole).Concat(Method is { } way ? [new HoleMounting(Hole, way)] : [])
                .OrderBy(mounting => mounting.Hole)],
        }));

    public override string Words(Graft graft) => $"h{Hole} of {Part}: {Said(Method)}";

    public override string Standing(Graft graft) => Said(graft.Seating.SeatOf(Part)?.Holes.FirstOrDefault(mounting => mounting.Hole == Hole)?.Method);

    private static string Said(MountMethod? method) => method is { } chosen ? MountMethodFact.Of(chosen).Name : "undecided";
}
