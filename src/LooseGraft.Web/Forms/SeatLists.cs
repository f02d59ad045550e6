using System.Globalization;
using LooseGraft.Core.Facts;
using LooseGraft.Core.Files;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Web.Forms.ListLine;

namespace LooseGraft.Web.Forms;

/// <summary>The lists by which a shell, a board and what takes up room are described.</summary>
public static class SeatLists
{
    /// <summary>Corners of an outline.</summary>
    public static readonly SeatList<PlanPoint> Outline = new("outline", "x; y", "0; 0", GraftFileLimits.Corners,
        line => new PlanPoint(line.Length("x"), line.Length("y")), corner => Line(corner.X, corner.Y));

    /// <summary>What stands on a plane.</summary>
    public static readonly SeatList<Mount> Mounts = new(
        "mounts", "name; kind; x; y; height; width of its top; and, where so, plastic, metal, threaded, no thread, thread M3, deep 6, bore 2.5, removed, insulated, and from where: measured, document, label, diagram", "s1; standoff; 6.5; 33; 6.5; 6; measured",
        GraftFileLimits.Mounts,
        line
            => Noted(new Mount(Short(line), line.Choice<MountKind>("kind"), new PlanPoint(line.Length("x"), line.Length("y")),
            new Millimetres(line.Length("height", 0)))
            {
                Across = new Millimetres(line.Length("width", 0.1, 6)),
            }, line),
        mount => Line(mount.Id, Word(mount.Kind), mount.At.X, mount.At.Y, mount.Height.Value, mount.Across.Value,
            string.Join("; ", new[]
            {
                mount.IsMetal == IsUsuallyMetal(mount.Kind) ? "" : mount.IsMetal ? "metal" : "plastic", Either(mount.IsThreaded, "threaded", "no thread"),
                mount.Thread is { } thread ? $"thread {thread.Name}" : "", Figure("deep", mount.Deep), Figure("bore", mount.Bore),
                    mount.State == MountState.AsFound ? "" : Word(mount.State),
                mount.Evidence == Evidence.Assumed ? "" : Word(mount.Evidence),
            }.Where(word => word.Length > 0))));

    /// <summary>What lies behind a plane.</summary>
    public static readonly SeatList<BehindArea> Behind = new(
        "behindAreas", "name; x; y; width; depth; free between the base and it; and, where so, battery or mains", "battery; 120; 40; 90; 60; 8; battery",
        GraftFileLimits.Zones,
        line =>
        {
            var area = new BehindArea(line.Name("name"), Area(line), new Millimetres(line.Length("free", 0)), BehindKind.Thing);
            return line.Optional() switch
            {
                null => area,
                var word when Parse<BehindKind>(word) is { } kind => area with { Kind = kind },
                var other => Wrong(line, area, $"“{other}” is neither battery nor mains"),
            };
        },
        area => Line(Plain(area.Name), area.Area.X, area.Area.Y, area.Area.Width, area.Area.Depth, area.Free.Value,
            area.Kind == BehindKind.Thing ? "" : Word(area.Kind)));

    /// <summary>What comes down from the lid.</summary>
    public static readonly SeatList<Ceiling> Ceilings = new(
        "ceilings", "name; x; y; width; depth; free height", "brace; 0; 150; 300; 14; 45", GraftFileLimits.Zones,
        line
            => new Ceiling(line.Name("name"), Area(line), new Millimetres(line.Length("free height", 0))),
            ceiling => Line(Plain(ceiling.Name), ceiling.Area.X, ceiling.Area.Y, ceiling.Area.Width, ceiling.Area.Depth, ceiling.Height.Value));

    /// <summary>Openings in a plane and in the walls round it.</summary>
    public static readonly SeatList<Opening> Openings = new(
        "openings", "short name; name; kind; wall; along (or x); up (or y); width; height; and, where so, round, to cut",
        "io; rear opening; ports; rear; 80; 4; 158.8; 44.5", GraftFileLimits.Openings,
        line =>
        {
            var opening = new Opening(Short(line), line.Name("name"), line.Choice<OpeningKind>("kind"), line.Choice<PlaneWall>("wall"), Area(line));
            var made = line.Rest().Aggregate(opening, (made, word) => word switch
            {
                "round" => made with { IsRound = true },
                "to cut" => made with { IsToCut = true },
                _ => Wrong(line, made, $"“{word}” is neither round nor to cut"),
            });
            return made.IsRound && Math.Abs(made.Area.Width - made.Area.Depth) > 0.01 ? Wrong(line, made, "what is round is as wide as it is high") : made;
        },
        opening
            => Line(opening.Id, Plain(opening.Name), Word(opening.Kind), Word(opening.Wall), opening.Area.X, opening.Area.Y, opening.Area.Width,
            opening.Area.Depth, string.Join("; ", new[] { opening.IsRound ? "round" : "", opening.IsToCut ? "to cut" : "" }.Where(word => word.Length > 0))));

    /// <summary>What walls are made of, where that differs from the plane.</summary>
    public static readonly SeatList<WallSheet> WallSheets = new(
        "walls", "rear, front, left or right; steel, aluminium, wood, plastic or laminate; thickness", "rear; plastic; 2.5", 4,
        line =>
        {
            var sheet = new WallSheet(line.Choice<PlaneWall>("wall"), line.Choice<PlaneMaterial>("material"), new Millimetres(line.Length("thickness", 0.1)));
            return sheet.Wall == PlaneWall.Floor ? Wrong(line, sheet, "the base itself has its own fields") : sheet;
        },
        sheet => Line(Word(sheet.Wall), Word(sheet.Material), sheet.Thickness.Value));

    /// <summary>Mounting holes of a board.</summary>
    public static readonly SeatList<MountHole> Holes = new("holes", "x; y; diameter", "6.35; 33.02; 3.96", GraftFileLimits.Holes,
        line
            => new MountHole(line.Length("x"), line.Length("y"), new Millimetres(line.Length("diameter", 0.1))),
            hole => Line(hole.X, hole.Y, hole.Diameter.Value));

    /// <summary>What stands above a board, out below it, or cannot be shorted there.</summary>
    public static readonly SeatList<BodyZone> Zones = new(
        "zones", "name; tall, bare board, insulated, below or aerial; x; y; width; depth; height of what is tall, below or an aerial; and, where so, insulating", "memory; tall; 150; 60; 28; 110; 32", GraftFileLimits.Zones,
        line =>
        {
            var (name, kind) = (line.Name("name"), line.Choice<BodyZoneKind>("kind"));
            var zone = new BodyZone(kind, name, Area(line)) { Height = new Millimetres(line.Length("height", 0, 0)) };
            return line.Optional() switch
            {
                null => zone,
                "insulating" => zone with { Conducts = false },
                var other => Wrong(line, zone, $"“{other}” is not “insulating”"),
            };
        },
        zone
            => Line(Plain(zone.Name), Word(zone.Kind), zone.Area.X, zone.Area.Y, zone.Area.Width, zone.Area.Depth,
            zone.Kind is BodyZoneKind.Tall or BodyZoneKind.Below or BodyZoneKind.Aerial ? zone.Height.Value : "", zone.Conducts ? "" : "insulating"));

    /// <summary>Where ports sit on a board, by their short names.</summary>
    public static readonly SeatList<(string Port, PortPlace Place)> Ports = new(
        "places", "port; x; y; faces up, rear, front, left or right; width; height; room for the plug", "panel; 112; 178; up; 15; 9; 20", GraftFileLimits.Ports,
        line => (line.Name("port"), new PortPlace(new PlanPoint(line.Length("x"), line.Length("y")), line.Choice<PortFacing>("facing"))
        {
            Width = new Millimetres(line.Length("width", 0.1, 15)),
            Height = new Millimetres(line.Length("height", 0.1, 10)),
            PlugRoom = new Millimetres(line.Length("room", 0, 25)),
        }),
        pair
            => Line(pair.Port, pair.Place.At.X, pair.Place.At.Y, Word(pair.Place.Faces), pair.Place.Width.Value, pair.Place.Height.Value,
            pair.Place.PlugRoom.Value));

    /// <summary>What takes up room.</summary>
    public static readonly SeatList<SeatBox> Boxes = new(
        "boxes", "short name; name; on (base or board); x; y; width; depth; from; height; clearance; and, where so, metal or insulating, round, mains, hot, heavy, part and its short name, slots 2 (of a card's bracket), held, drive 2.5, 3.5 or 5.25, bay 3.5, frame, screw M3 × 4",
        "cooler; cooler; kt31; 48; 54; 84; 84; 0; 60; 3; metal; hot; heavy", GraftFileLimits.Boxes,
        line =>
        {
            var box = new SeatBox(Short(line), line.Name("name"), line.Name("what it stands on"), Area(line))
            {
                From = new Millimetres(line.Length("from", 0, 0)),
                Height = new Millimetres(line.Length("height", 0.1)),
                Clearance = new Millimetres(line.Length("clearance", 0, 0)),
            };
            return line.Rest().Aggregate(box, (made, word) => word.Split(' ', 2) switch
            {
                ["part", var part] => made with { Part = part.Trim() },
                ["slots", var count] when int.TryParse(count, out var slots) && slots is >= 1 and <= 8 => made with { Slots = slots },
                ["drive", var size] when DriveForm.Find(size) is { } form => made with { Drive = form },
                ["bay", var size] when DriveForm.Find(size) is { } form => made with { Bay = form },
                ["screw", var text] when Screw.Parse(text) is { } screw => made with { Screw = screw },
                ["screw", ..] => Wrong(line, made, $"“{word}” is not {Screw.Pattern}"),
                [var alone] => Said(line, made, alone),
                _ => Wrong(line, made, $"“{word}” is none of {BoxWords}"),
            });
        },
        box
            => Line(box.Id, Plain(box.Name), box.On, box.Area.X, box.Area.Y, box.Area.Width, box.Area.Depth, box.From.Value, box.Height.Value,
            box.Clearance.Value,
            string.Join("; ", new[]
            {
                Either(box.IsMetal, "metal", "insulating"), box.IsRound ? "round" : "", box.IsMains ? "mains" : "",
                box.IsHot ? "hot" : "", box.IsHeavy ? "heavy" : "", box.Part is { } part ? $"part {part}" : "", box.Slots is { } slots ? $"slots {slots}" : "",
                box.IsHeld ? "held" : "", box.Drive is { } drive ? $"drive {drive.Name}" : "", box.Bay is { } bay ? $"bay {bay.Name}" : "",
                box.HasFrame ? "frame" : "", box.Screw is { } screw ? $"screw {screw}" : "",
            }.Where(word => word.Length > 0))));

    /// <summary>Leads that have to reach; an end is a port, or two figures.</summary>
    public static readonly SeatList<LeadRun> Runs = new(
        "runs", "short name; name; base; from (part/port or x y); drop; to; drop; length; bend; and, where so, maker's own, behind (the base), in front",
        "main; main plug; tray; 297 134; 20; kt31/main; 20; 320; 14; maker's own", GraftFileLimits.Runs,
        line =>
        {
            var run = new LeadRun(Short(line), line.Name("name"), line.Name("plane"), End(line), End(line));
            var length = line.Optional();
            var known = length is null ? null : ReadingText.TryRead(length) is { Kind: ReadingKind.Bare or ReadingKind.Length, Value: > 0 and <= 10_000 } read
                ? (Millimetres?)new Millimetres(Rounded(read.Value)) : null;
            if (length is not null && known is null) line.Fail($"length “{length}” is not a length up to 10 m");
            run = run with { Length = known, Bend = new Millimetres(line.Length("bend", 0, 10)) };
            return line.Rest().Aggregate(run, (made, word) => word switch
            {
                "maker's own" => made with { IsMakersOwn = true },
                _ when Parse<LeadWay>(word) is { } way => made with { Way = way },
                _ => Wrong(line, made, $"“{word}” is none of maker's own, behind, in front"),
            });
        },
        run
            => Line(run.Id, Plain(run.Name), run.Plane, EndWords(run.From), run.From.Drop, EndWords(run.To), run.To.Drop,
            run.Length is { } length ? length.Value : "", run.Bend.Value,
                string.Join("; ", new[] { run.IsMakersOwn ? "maker's own" : "", run.Way is { } way ? Word(way) : "" }.Where(word => word.Length > 0))));

    private const string BoxWords = "metal, insulating, round, mains, hot, heavy, held, frame, and part, slots, drive, bay or screw with what it is";

    private static SeatBox Said(ListLine line, SeatBox box, string word) => word switch
    {
        "metal" => box with { IsMetal = true },
        "insulating" => box with { IsMetal = false },
        "round" => box with { IsRound = true },
        "mains" => box with { IsMains = true },
        "hot" => box with { IsHot = true },
        "heavy" => box with { IsHeavy = true },
        "held" => box with { IsHeld = true },
        "frame" => box with { HasFrame = true },
        _ => Wrong(line, box, $"“{word}” is none of {BoxWords}"),
    };

    private static PlanRectangle Area(ListLine line) => new(line.Length("x"), line.Length("y"), line.Length("width", 0.1), line.Length("depth or height", 0.1));

    private static string Either(bool? what, string yes, string no) => what switch { true => yes, false => no, null => "" };

    private static string Short(ListLine line)
    {
        var name = line.Name("short name");
        if (!name.All(character => char.IsAsciiLetterLower(character) || char.IsAsciiDigit(character) || character == '-') || name.StartsWith('-')
            || name.Length > 40)
            line.Fail($"short name “{name}” takes small letters, digits and hyphens, at most 40");
        return name;
    }

    private static Mount Noted(Mount mount, ListLine line)
        => line.Rest().Aggregate(mount with { IsMetal = IsUsuallyMetal(mount.Kind) }, (made, word) => word.Split(' ', 2) switch
        {
            ["plastic"] => made with { IsMetal = false },
            ["metal"] => made with { IsMetal = true },
            ["threaded"] => made with { IsThreaded = true },
            ["no", "thread"] => made with { IsThreaded = false },
            ["thread", var name] when ScrewThread.Find(name) is { } thread => made with { Thread = thread },
            ["deep", var depth] when Read(depth) is { } deep => made with { Deep = deep },
            ["bore", var across] when Read(across) is { } bore => made with { Bore = bore },
            _ when Parse<Evidence>(word) is { } evidence => made with { Evidence = evidence },
            _ when Parse<MountState>(word) is { } state => made with { State = state },
            _ => Wrong(line, made, $"“{word}” is none of plastic, metal, threaded, no thread, thread M3, deep 6, bore 2.5, removed, insulated, and from where: measured, document, label, diagram"),
        });

    // Bosses are moulded with the shell.
    private static bool IsUsuallyMetal(MountKind kind) => kind != MountKind.Boss;

    private static Millimetres? Read(string text)
        => ReadingText.TryRead(text) is { Kind: ReadingKind.Bare or ReadingKind.Length, Value: > 0 and <= 1000 } read
            ? new Millimetres(ListLine.Rounded(read.Value)) : null;

    private static string Figure(string word, Millimetres? length) => length is { } known ? FormattableString.Invariant($"{word} {known.Value}") : "";

    private static RunEnd End(ListLine line)
    {
        var text = line.Name("end");
        var drop = line.Length("drop", 0, 0);
        if (PortId.Parse(text) is { } port) return new RunEnd(port, default, drop);
        var figures = text.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(part => FigureText.TryRead(part, "mm")).ToArray();
        if (figures is [{ } x, { } y] && Math.Abs(x) <= 10_000 && Math.Abs(y) <= 10_000) return new RunEnd(null, new PlanPoint(x, y), drop);
        line.Fail($"end “{text}” is neither part/port nor two figures such as 297 134");
        return new RunEnd(null, default, drop);
    }

    private static string EndWords(RunEnd end) => end.Port?.ToString() ?? string.Create(CultureInfo.InvariantCulture, $"{end.At.X} {end.At.Y}");

    private static T Wrong<T>(ListLine line, T made, string words)
    {
        line.Fail(words);
        return made;
    }

    // A semicolon would end the cell.
    private static string Plain(string name) => name.Replace(';', ',');

    private static string Line(params object[] cells)
        => string.Join("; ", cells.Select(cell => Convert.ToString(cell, CultureInfo.InvariantCulture))).TrimEnd(' ', ';');
}
