using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Model;

namespace LooseGraft.Core.Seat.Describing;

/// <summary>Changes to things of a plane or a board by what they are called. What is named and not there is passed over.</summary>
internal static class ShellThings
{
    private static readonly char[] Digits = [.. "0123456789"];

    /// <summary>Moves some of them.</summary>
    public static Graft Moved(Graft graft, string of, IEnumerable<ShellThing> things, ShellShift shift)
        => Changed(graft, of, new ShellChange(things.ToHashSet(), (_, move) => [move(shift)]));

    /// <summary>Takes some of them away; of a port its place.</summary>
    public static Graft Without(Graft graft, string of, IEnumerable<ShellThing> things)
        => Changed(graft, of, new ShellChange(things.ToHashSet(), (_, _) => []));

    /// <summary>Puts a copy of some of them beside them, under names of its own; a port is there but once.</summary>
    public static Graft Copied(Graft graft, string of, IEnumerable<ShellThing> things, ShellShift shift)
        => Changed(graft, of, new ShellChange(things.ToHashSet(), (itself, move) => [itself, move(shift)]));

    /// <summary>The next name of a row: <c>s3</c> after <c>s1</c> and <c>s2</c>.</summary>
    public static string Fresh(string like, IEnumerable<string> taken)
    {
        var (stem, known) = (like.TrimEnd(Digits), taken.ToHashSet());
        if (stem.Length == 0) stem = "s";
        return Enumerable.Range(1, known.Count + 1).Select(number => stem + number.ToInvariant()).First(name => !known.Contains(name));
    }

    public static string ToInvariant(this int number) => number.ToString(CultureInfo.InvariantCulture);

    private static Graft Changed(Graft graft, string of, ShellChange change)
        => graft.Seating.FindPlane(of) is not null ? graft.WithSeating(seating => OnPlane(seating, of, change))
            : graft.WithPart(of, part => OnBoard(part, change));

    private static Seating OnPlane(Seating seating, string plane, ShellChange change) => seating.WithPlane(plane, found => found with
    {
        Mounts = change.Of(ShellList.Mount, found.Mounts, (mount, _) => mount.Id, Shifted, (mount, id) => Like(mount, id, mount.At)),
        Openings = change.Of(ShellList.Opening, found.Openings, (opening, _) => opening.Id, (opening, shift) => shift.Of(opening),
            (opening, id) => opening with { Id = id }),
        Ceilings = change.Of(ShellList.Ceiling, found.Ceilings, (_, index) => index.ToInvariant(),
            (ceiling, shift) => ceiling with { Area = shift.Of(ceiling.Area) }),
        BehindAreas = change.Of(ShellList.Behind, found.BehindAreas, (_, index) => index.ToInvariant(),
            (behind, shift) => behind with { Area = shift.Of(behind.Area) }),
    }) with
    {
        // A part is there but once: the copy of what it takes up is another's.
        Boxes = change.Of(ShellList.Box, seating.Boxes, (box, _) => box.On == plane ? box.Id : "", (box, shift) => box with { Area = shift.Of(box.Area) },
            (box, id) => box with { Id = id, Part = null }, box => box.Id),
        Runs = change.Of(ShellList.Lead, seating.Runs, (run, _) => run.Plane == plane ? run.Id : "",
            (run, shift) => run with { From = shift.Of(run.From), To = shift.Of(run.To) }, (run, id) => run with { Id = id }, run => run.Id),
    };

    private static Part OnBoard(Part part, ShellChange change) => part with
    {
        Holes = change.Of(ShellList.Hole, part.Holes, (_, index) => index.ToInvariant(), Shifted),
        Body = part.Body is not { } body ? null : body with
        {
            Zones = change.Of(ShellList.Zone, body.Zones, (_, index) => index.ToInvariant(), (zone, shift) => zone with { Area = shift.Of(zone.Area) }),
        },
        Ports = [.. part.Ports.Select(port => port.Place is not { } place ? port : port with
        {
            Place = change.Of<PortPlace>(ShellList.Port, [place], (_, _) => port.Id, (each, shift) => shift.Of(each)).FirstOrDefault(),
        })],
    };

    /// <summary>Another mount of the same make. Nobody looked at it yet: what was measured of the one says nothing of the other.</summary>
    public static Mount Like(Mount mount, string id, PlanPoint at)
        => mount with { Id = id, At = at, State = MountState.AsFound, Evidence = Evidence.Assumed, Deep = null, Bore = null };

    // Where it was measured is not where it lies now.
    private static Mount Shifted(Mount mount, ShellShift shift) => mount with { At = shift.Of(mount.At), Evidence = Evidence.Assumed };

    private static MountHole Shifted(MountHole hole, ShellShift shift)
    {
        var at = shift.Of(new PlanPoint(hole.X, hole.Y));
        return hole with { X = at.X, Y = at.Y };
    }
}
