using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;
using static LooseGraft.Core.Files.SeatFormat;

namespace LooseGraft.Core.Files;

/// <summary>How a plane of the shell is written, with what stands on it, lies behind it and opens in it.</summary>
internal static class PlaneFormat
{
    public static ObjectCodec<MountPlane> Describe()
    {
        var plane = new ObjectCodec<MountPlane>("mountPlane", "A plane of the shell that something is mounted upon.");
        var id = plane.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = plane.Required("name", Name, value => value.Name, "What a builder calls it.");
        var outline = plane.Required(
            "outline", new ListCodec<PlanPoint>(Point, GraftFileLimits.Corners), value => value.Outline, "Its outline, corner by corner.");
        var material = plane.Usual("material", new ChoiceCodec<PlaneMaterial>(), value => value.Material, PlaneMaterial.Steel, "What it is made of.");
        var thickness = plane.Usual("thicknessMm", Length, value => value.Thickness, new Millimetres(1), "How thick it is.");
        var behind = plane.Optional("behindMm", Height, value => value.Behind, "What is free behind it.");
        var areas = plane.Many("behindAreas", DescribeArea(), GraftFileLimits.Zones, value => value.BehindAreas, "Where something lies behind it.");
        var covered = plane.Usual("isCovered", new FlagCodec(), value => value.IsCovered, false, "Whether sheet that does not wear through lies on it.");
        var lid = plane.Optional("lidMm", Height, value => value.Lid, "How high the lid is above it.");
        var lidMetal = plane.Optional("isLidMetal", new FlagCodec(), value => value.IsLidMetal, "Whether the lid is bare metal, where the plane does not tell.");
        var ceilings = plane.Many("ceilings", DescribeCeiling(), GraftFileLimits.Zones, value => value.Ceilings, "Where less is free.");
        var stand = plane.Optional("stand", DescribeStand(), value => value.Stand, "How it stands on another plane, as a tray does.");
        var mounts = plane.Many("mounts", DescribeMount(), GraftFileLimits.Mounts, value => value.Mounts, "What stands on it.");
        var openings = plane.Many("openings", DescribeOpening(), GraftFileLimits.Openings, value => value.Openings, "Its openings.");
        var walls = plane.Many("walls", DescribeSheet(), 4, value => value.Walls, "What its walls are made of, where that is not what it is made of.");
        return plane.Makes(values => new MountPlane(values.Of(id), values.Of(name), values.Of(outline))
        {
            Material = values.Of(material),
            Thickness = values.Of(thickness),
            Behind = values.Of(behind),
            BehindAreas = values.Of(areas),
            IsCovered = values.Of(covered),
            Lid = values.Of(lid),
            IsLidMetal = values.Of(lidMetal),
            Ceilings = values.Of(ceilings),
            Stand = values.Of(stand),
            Mounts = values.Of(mounts),
            Openings = values.Of(openings),
            Walls = values.Of(walls),
            Unknown = values.Unknown,
        }, value => value.Unknown, SeatChecks.Plane);
    }

    private static ObjectCodec<Mount> DescribeMount()
    {
        var mount = new ObjectCodec<Mount>("mount", "Something that stands on a plane.", isInline: true);
        var mountId = mount.Required("id", Id, value => value.Id, "Unique within the plane.");
        var mountKind = mount.Required("kind", new ChoiceCodec<MountKind>(), value => value.Kind, "What it is.");
        var at = mount.Required("at", Point, value => value.At, "Its middle.");
        var mountHeight = mount.Required("heightMm", Height, value => value.Height, "How far it stands up.");
        var across = mount.Usual("acrossMm", Length, value => value.Across, new Millimetres(6), "How wide its top is.");
        var metal = mount.Usual("isMetal", new FlagCodec(), value => value.IsMetal, true, "Whether it conducts.");
        var threaded = mount.Optional("isThreaded", new FlagCodec(), value => value.IsThreaded, "Whether it has a thread, where that is not usual of its kind.");
        var thread = mount.Optional("thread", FormatPieces.Thread, value => value.Thread, "Its thread: M3, 6-32.");
        var deep = mount.Optional("deepMm", Height, value => value.Deep, "How deep its thread or bore goes.");
        var bore = mount.Optional("boreMm", Height, value => value.Bore, "How wide the bore is that a screw cuts its thread into.");
        var state = mount.Usual("state", new ChoiceCodec<MountState>(), value => value.State, MountState.AsFound, "What was done with it.");
        var evidence = mount.Usual("evidence", Grade, value => value.Evidence, Evidence.Assumed, "Where its place is known from.");
        return mount.Makes(values => new Mount(values.Of(mountId), values.Of(mountKind), values.Of(at), values.Of(mountHeight))
        {
            Across = values.Of(across),
            IsMetal = values.Of(metal),
            IsThreaded = values.Of(threaded),
            Thread = values.Of(thread),
            Deep = values.Of(deep),
            Bore = values.Of(bore),
            State = values.Of(state),
            Evidence = values.Of(evidence),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<PlaneStand> DescribeStand()
    {
        var stand = new ObjectCodec<PlaneStand>("planeStand", "How a tray stands on another plane.", isInline: true);
        var on = stand.Required("plane", Id, value => value.Plane, "The plane below, which stands on none itself.");
        var at = stand.Required("at", Point, value => value.At, "Where the origin of the tray's frame lies in that plane's.");
        var turn = stand.Usual("turnDegrees", new NumberCodec(-360, 360), value => value.TurnDegrees, 0, "How far it is turned, counter-clockwise.");
        var height = stand.Required("heightMm", Height, value => value.Height, "From that plane to the underside of the tray.");
        return stand.Makes(
            values => new PlaneStand(values.Of(on), values.Of(at), values.Of(turn), values.Of(height)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<Ceiling> DescribeCeiling()
    {
        var ceiling = new ObjectCodec<Ceiling>("ceiling", "A region under which no more than a height is free.");
        var ceilingName = ceiling.Required("name", Name, value => value.Name, "What comes down there.");
        var ceilingArea = ceiling.Required("area", Rectangle, value => value.Area, "Where.");
        var free = ceiling.Required("heightMm", Height, value => value.Height, "How much is free above the plane.");
        return ceiling.Makes(values => new Ceiling(values.Of(ceilingName), values.Of(ceilingArea), values.Of(free)) { Unknown = values.Unknown },
            value => value.Unknown);
    }

    private static ObjectCodec<Opening> DescribeOpening()
    {
        var opening = new ObjectCodec<Opening>("opening", "An opening in a wall round a plane, or in the plane.");
        var openingId = opening.Required("id", Id, value => value.Id, "Unique within the plane.");
        var openingName = opening.Required("name", Name, value => value.Name, "What a builder calls it.");
        var openingKind = opening.Required("kind", new ChoiceCodec<OpeningKind>(), value => value.Kind, "What it is for.");
        var wall = opening.Required("wall", new ChoiceCodec<PlaneWall>(), value => value.Wall, "Which wall it is in.");
        var openingArea = opening.Required("area", Rectangle, value => value.Area, "In a wall: along it and up from the plane; in the plane: where it lies.");
        var toCut = opening.Usual("isToCut", new FlagCodec(), value => value.IsToCut, false, "Whether it is still to be cut.");
        var round = opening.Usual("isRound", new FlagCodec(), value => value.IsRound, false, "Whether it is round, as wide as its area.");
        var tolerance = opening.Usual("toleranceMm", Height, value => value.Tolerance, new Millimetres(0.5), "How exactly it has to be cut.");
        return opening.Makes(values => new Opening(values.Of(openingId), values.Of(openingName),
            values.Of(openingKind), values.Of(wall), values.Of(openingArea))
        {
            IsToCut = values.Of(toCut),
            IsRound = values.Of(round),
            Tolerance = values.Of(tolerance),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<WallSheet> DescribeSheet()
    {
        var sheet = new ObjectCodec<WallSheet>("wallSheet", "What a wall is made of.", isInline: true);
        var ofWall = sheet.Required("wall", new ChoiceCodec<PlaneWall>(), value => value.Wall, "Which wall.");
        var wallMaterial = sheet.Required("material", new ChoiceCodec<PlaneMaterial>(), value => value.Material, "What it is made of.");
        var wallThickness = sheet.Required("thicknessMm", Length, value => value.Thickness, "How thick it is.");
        return sheet.Makes(
            values => new WallSheet(values.Of(ofWall), values.Of(wallMaterial), values.Of(wallThickness)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<BehindArea> DescribeArea()
    {
        var area = new ObjectCodec<BehindArea>("behindArea", "Something behind a plane.", isInline: true);
        var areaName = area.Required("name", Name, value => value.Name, "What it is called.");
        var areaWhere = area.Required("area", Rectangle, value => value.Area, "Where.");
        var areaFree = area.Required("freeMm", Height, value => value.Free, "How much is free between the plane and it.");
        var areaKind = area.Usual("kind", new ChoiceCodec<BehindKind>(), value => value.Kind, BehindKind.Thing, "What it is.");
        return area.Makes(
            values => new BehindArea(values.Of(areaName), values.Of(areaWhere), values.Of(areaFree), values.Of(areaKind)) { Unknown = values.Unknown },
            value => value.Unknown);
    }
}
