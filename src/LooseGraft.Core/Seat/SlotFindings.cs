using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Seat.Clashes;

namespace LooseGraft.Core.Seat;

/// <summary>Rules on the brackets of cards and the slots before them.</summary>
internal static class SlotFindings
{
    // ATX specification 2.2.
    private const double PitchMm = 20.32;

    // A card of two and a half slots has a bracket of two.
    private const double RoundUp = 0.1;

    // A bracket sits in its wall; what ends farther off has none there.
    private const double AtWallMm = 15;

    // Of a slot, less than this before a card is its neighbour's.
    private const double SharedMm = 8;

    public static IEnumerable<Finding> Of(Graft graft, IEnumerable<SolidBody> bodies)
        => from body in bodies
           where body.Box is { Part: { } part } && graft.FindPart(part)?.Kind == PartKind.Card
           let plane = graft.Seating.FindPlane(body.Plane)
           where plane is not null
           let finding = Of(plane, body)
           where finding is not null
           select finding;

    private static Finding? Of(MountPlane plane, SolidBody body)
    {
        var before = plane.Openings.Where(opening => opening.Kind == OpeningKind.Slot && opening.Wall != PlaneWall.Floor).GroupBy(opening => opening.Wall)
            .Select(same => (Wall: same.Key, Slots: same, Gap: Math.Abs(Walls.Distance(body.Footprint, plane, same.Key)))).Where(pair => pair.Gap <= AtWallMm)
            .OrderBy(pair => pair.Gap).FirstOrDefault();
        if (before.Slots is null) return Loose(plane, body);
        var (from, to) = before.Wall is PlaneWall.Rear or PlaneWall.Front
            ? (body.Bounds.X, body.Bounds.X + body.Bounds.Width) : (body.Bounds.Y, body.Bounds.Y + body.Bounds.Depth);
        var wants = body.Box!.Slots ?? Math.Max(1, (int)Math.Floor(((to - from) / PitchMm) + RoundUp));
        // A bracket of another width than its card reaches beyond it, or not as far, on one side or the other.
        var beyond = body.Box.Slots is { } slots ? (slots * PitchMm) - (to - from) : 0;
        var has = Math.Max(Count(before.Slots, from, to + beyond), Count(before.Slots, from - beyond, to));
        return has >= wants ? null
            : Finding.Of(SeatRules.SlotsMissing, new BoxSubject(body.Id), new SlotsMissing(body.Id, wants, has),
                $"{body.Name} {(body.Box.Slots is null ? "is" : "has a bracket")} {wants.Counted("slot")} wide, and {(has == 0 ? "none lies" : has == 1 ? "one lies" : $"{has} lie")} before its bracket in the {before.Wall.ToString().ToLowerInvariant()} wall.",
                Evidence.Assumed, body.Box.Slots is null ? "say in the list how many its bracket takes, where that is fewer" : "take another bracket for it, where its maker has one",
                "move it to where as many slots lie side by side", "cut the web between two slots, or a slot that is missing", "take its bracket off, and hold the card some other way");
    }

    private static int Count(IEnumerable<Opening> slots, double from, double to)
        => slots.Sum(slot => Math.Min(to, slot.Area.X + slot.Area.Width) - Math.Max(from, slot.Area.X) is var shared && shared >= SharedMm
            ? Math.Max(1, (int)Math.Round(shared / PitchMm)) : 0);

    // In a board's socket its own edge holds it for a start; on a riser or a lead nothing does.
    private static Finding? Loose(MountPlane plane, SolidBody body)
        => body.Box is not { IsHeld: false, On: var on } || on != (body.Via ?? plane.Id) || (plane.Stand is not null && body.Via is null) ? null
            : Finding.Of(SeatRules.CardLoose, new BoxSubject(body.Id), new CardLoose(body.Id),
                $"{body.Name} stands on {plane.Name} away from any slot: nothing is written down that holds it, and its contacts bear no weight.",
                Evidence.Assumed, "screw its bracket to a post or an angle, or make a holder for its far end", "say in the list that it is held, when it is");
}
