using System.Collections.Immutable;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Prove;

/// <summary>Gathers every fact of a graft that is not proven.</summary>
public static class UnprovenFacts
{
    // What stands so near to a board's outline may stand under it.
    private const double NearMm = 3;

    /// <summary>All of them: pins that were described, limits of supplies, draws, and where boards sit their outlines and the mounts under them.
    /// Positions nobody described are not facts yet.</summary>
    public static ImmutableArray<UnprovenFact> Of(Graft graft) => [.. Pins(graft), .. Limits(graft), .. Draws(graft), .. Outlines(graft), .. Mounts(graft)];

    private static IEnumerable<UnprovenFact> Outlines(Graft graft)
        => from seat in graft.Seating.Seats
           let board = graft.FindPart(seat.Part)
           where board?.Body?.Evidence.IsProven() == false
           select new UnprovenFact(new SeatSubject(seat.Part), $"The outline of {board.Name}", board.Body!.Evidence);

    private static IEnumerable<UnprovenFact> Mounts(Graft graft)
        => from plane in graft.Seating.Planes
           let grounds = graft.Seating.Seats.Where(seat => seat.Plane == plane.Id).Select(seat => Ground(graft, seat)).OfType<PlanRectangle>().ToArray()
           from mount in plane.Mounts
           where mount.State != MountState.Removed && !mount.Evidence.IsProven() && grounds.Any(ground => ground.DistanceTo(mount.At) <= NearMm)
           select new UnprovenFact(new MountSubject(plane.Id, mount.Id), $"{mount.Id} on {plane.Name}: where it stands, and how high", mount.Evidence);

    private static PlanRectangle? Ground(Graft graft, BoardSeat seat)
    {
        if (graft.FindPart(seat.Part) is not { } board) return null;
        PlanPoint[] places = [.. board.Body?.Outline ?? [], .. board.Holes.Select(hole => new PlanPoint(hole.X, hole.Y))];
        return places.Length == 0 ? null : PlanRectangle.Round([.. places.Select(seat.Place)]);
    }

    private static IEnumerable<UnprovenFact> Pins(Graft graft)
        => from part in graft.Parts
           from port in part.Ports
           from pin in port.Pins
           where pin.IsUnproven
           select new UnprovenFact(new PinSubject(new PortId(part.Id, port.Id), pin.Position),
               $"{port.Name} of {part.Name}, position {pin.Position}: {pin.Signal.Value}", pin.Signal.Evidence);

    private static IEnumerable<UnprovenFact> Limits(Graft graft)
    {
        foreach (var supply in graft.Supplies)
        {
            var name = graft.NameOf(supply.Part);
            foreach (var rail in supply.Rails.Where(rail => !rail.Limit.IsProven))
                yield return new UnprovenFact(new RailSubject(supply.Id, rail.Name), $"{name}, {rail.Name}: gives {rail.Limit.Value}", rail.Limit.Evidence);
            foreach (var (index, shared) in supply.Combined.Index().Where(shared => !shared.Item.Limit.IsProven))
                yield return new UnprovenFact(
                    new SharedLimitSubject(supply.Id, index), $"{name}, {string.Join(" with ", shared.Rails)}: gives {shared.Limit.Value}",
                    shared.Limit.Evidence);
            if (supply.Total is { Limit: { IsProven: false } total })
                yield return new UnprovenFact(new TotalSubject(supply.Id), $"{name}: gives {total.Value} in all", total.Evidence);
        }
    }

    private static IEnumerable<UnprovenFact> Draws(Graft graft)
        => from load in graft.Loads
           from draw in load.Draws
           where !draw.Evidence.IsProven()
           let name = graft.NameOf(load.Part)
           select new UnprovenFact(
               new DrawSubject(load.Id, draw.Rail, draw.Socket), $"{name} takes {draw.Peak} from {draw.Rail}{BySocket(graft, load, draw)} at peak",
               draw.Evidence);

    // Two draws from one rail are told apart by their sockets.
    private static string BySocket(Graft graft, Load load, Draw draw)
        => draw.Socket is { } socket ? $" by {graft.NameOf(new PortId(load.Part, socket))}" : "";
}
