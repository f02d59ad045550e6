using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Scene;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;

namespace LooseGraft.Core.Cool.Cures;

/// <summary>Changes of openings and of where the shell stands.</summary>
internal static class AirCures
{
    private const double HighFeetMm = 20;

    // Ports fill the rest of the hole that they stick out of (common practice).
    private const double BesidePorts = 0.4;

    // Hand-sized, palm-sized, book-sized: width and height in millimetres.
    private static readonly (double Width, double Height)[] Cuts = [(60, 40), (120, 60), (150, 100)];

    public static IEnumerable<Cure> Of(Graft graft, CoolScene scene, IReadOnlyList<int> ways, HotSpot spot)
        => [.. ways.SelectMany(way => Cover(graft, scene, way)), .. Shut(graft), .. Plates(graft), .. Cut(graft, scene, spot), .. Stand(graft, scene)];

    private static IEnumerable<Cure> Cover(Graft graft, CoolScene scene, int index)
    {
        var way = scene.Ways[index];
        var isBlown = scene.Fans.Any(fan => fan.Way == index);
        var (bare, guard) = isBlown ? (AirCover.WireGuard, ", and put a guard of wire before the fan") : (AirCover.Open, "");
        var (name, subject) = (AirCoverFact.Of(way.Cover).Name, new AirWaySubject(way.Key));
        var isOfSupply = graft.IsGrilleOfSupply(way.Key);
        if (way.Cover is AirCover.Mesh or AirCover.Cloth && !isOfSupply)
            yield return new Cure(CureSort.TakeCoverOff, subject, $"Take the {name} off {way.Name}{guard}", Covered(graft, way, bare, way.Filter));
        if (way.Cover is AirCover.Slots or AirCover.Punched && !isOfSupply)
            yield return new Cure(CureSort.CutOut, subject, $"Cut out what is in {way.Name} to one clear opening{guard}", Covered(graft, way, bare, way.Filter));
        if (way.Filter == AirFilter.Dirty)
            yield return new Cure(CureSort.CleanFilter, subject, $"Clean the filter in {way.Name}", Covered(graft, way, way.Cover, AirFilter.Clean));
        if (way.Filter != AirFilter.None)
            yield return new Cure(CureSort.TakeFilterOut, subject, $"Take the filter out of {way.Name}", Covered(graft, way, way.Cover, AirFilter.None));
    }

    // What was measured of its free share was measured of the cover that it had.
    private static GraftEdit Covered(Graft graft, CoolWay way, AirCover cover, AirFilter filter)
    {
        if (graft.FindVentOpening(way.Key) is var (plane, opening))
        {
            var vent = graft.Cooling.Vents.FirstOrDefault(each => each.Plane == plane.Id && each.Opening == opening.Id);
            return new CoverOpening(plane.Id, opening.Id, cover, cover == way.Cover ? vent?.FreeShare : null, filter, false);
        }

        var typed = graft.Cooling.Ways.First(each => each.Id == way.Key);
        return new PutAirWay(typed with { Cover = cover, FreeShare = cover == way.Cover ? typed.FreeShare : null, Filter = filter });
    }

    private static IEnumerable<Cure> Shut(Graft graft)
        => from vent in graft.Cooling.Vents
           where vent.IsShut
           let way = $"{vent.Plane}/{vent.Opening}"
           select new Cure(CureSort.OpenShut, new AirWaySubject(way), $"Open {graft.NameOfWay(way)}",
               new CoverOpening(vent.Plane, vent.Opening, vent.Cover, vent.FreeShare, vent.Filter, false));

    private static IEnumerable<Cure> Plates(Graft graft)
        => from plane in graft.Seating.Planes
           where plane.Stand is null
           from opening in plane.Openings
           where opening.Kind is OpeningKind.Ports or OpeningKind.Slot && graft.Cooling.Vents.All(vent => vent.Plane != plane.Id || vent.Opening != opening.Id)
           select new Cure(CureSort.LeavePlateOff, new AirWaySubject($"{plane.Id}/{opening.Id}"), $"Leave the plate or cover of {opening.Name} off",
               new CoverOpening(plane.Id, opening.Id, AirCover.Open, opening.Kind == OpeningKind.Ports ? BesidePorts : null, AirFilter.None, false));

    private static IEnumerable<Cure> Cut(Graft graft, CoolScene scene, HotSpot spot)
    {
        if (spot.Space < 0) yield break;
        var space = scene.Spaces[spot.Space];
        foreach (var (width, height) in Cuts)
        {
            var (size, rivals) = (FormattableString.Invariant($"{width:0} × {height:0} mm"), FormattableString.Invariant($"cut {width}"));
            foreach (var wall in (PlaneWall[])[PlaneWall.Rear, PlaneWall.Left, PlaneWall.Right, PlaneWall.Front])
            {
                if (graft.Seating.FindPlane(space.Id) is not { } plane || FreeWall.Place(graft.Seating, plane, wall, width, height) is not { } area) continue;
                yield return new Cure(CureSort.CutOpening, new SpaceSubject(space.Id), $"Cut {size} into the {wall.ToString().ToLowerInvariant()} wall of {space.Name}",
                    new CutOpening(plane.Id, wall, area))
                { Rivals = rivals };
                if (PartCures.MayTakeRoomAir(spot))
                {
                    yield return new Cure(CureSort.CutToCooler, new PartSubject(spot.Part),
                        $"Cut {size} into the {wall.ToString().ToLowerInvariant()} wall, and a short duct from there to the cooler of {graft.NameOf(spot.Part)}",
                        new CutOpening(plane.Id, wall, area, spot.Part))
                    { Rivals = "cut to the cooler" };
                }
            }

            if (graft.Seating.FindPlane(space.Id) is not null || space.Size is not { } inside) continue;
            foreach (var (up, where) in ((double, string)[])[(0, "low down"), (inside.Height.Value, "high up")])
            {
                var area = new SquareCentimetres(width * height / 100);
                var way = new AirWay("", $"opening to be cut {where}", null, space.Id, area) { Height = new(up) };
                yield return new Cure(CureSort.CutOpening, new SpaceSubject(space.Id), $"Cut {size} into {space.Name}, {where}", new PutAirWay(way))
                { Rivals = rivals };
            }
        }
    }

    private static IEnumerable<Cure> Stand(Graft graft, CoolScene scene)
    {
        var air = graft.Cooling;
        var isOnFeet = scene.Ways.Any(way => way.Wall == PlaneWall.Floor && way.IsToRoom && scene.Spaces[way.Inside].Top == ShellTop.Lid);
        if (isOnFeet && !(air.Feet?.Value >= HighFeetMm))
        {
            yield return new Cure(CureSort.Feet, Subject.Whole, $"Feet or spacers of {new Millimetres(HighFeetMm)} under the shell",
                new SetShellAir(air.Room, air.Stand, new(HighFeetMm), air.ShellLimit));
        }

        if (air.Stand != ShellStand.Free)
        {
            yield return new Cure(CureSort.DrawAway, Subject.Whole, air.Stand == ShellStand.AgainstWall ? "Draw the shell a hand away from the wall" : "Take the shell out of the cupboard",
                new SetShellAir(air.Room, ShellStand.Free, air.Feet, air.ShellLimit));
        }
    }
}
