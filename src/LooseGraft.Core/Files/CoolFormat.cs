using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what the air of a shell has to be told is written.</summary>
internal static class CoolFormat
{
    private static readonly NumberCodec Share = new(0.01, 1);
    private static readonly Codec<SquareCentimetres> Area = Quantity<SquareCentimetres>(0.01, 100_000);
    private static readonly NumberCodec Degrees = new(-40, 60);
    private static readonly NumberCodec Resistance = new(0.01, 200);
    private static readonly NumberCodec Side = new(1, 10_000);
    private static readonly SpreadCodec<Factor> Times = new(new NumberCodec(0.05, 20));

    private static readonly Codec<SpaceSize> Size = new FiguresCodec<SpaceSize>(
        [("width in mm", Side), ("depth in mm", Side), ("height in mm", Side)],
        figures => new SpaceSize(new Millimetres(figures[0]), new Millimetres(figures[1]), new Millimetres(figures[2])),
        size => [size.Width.Value, size.Depth.Value, size.Height.Value]);

    private static readonly Codec<FanPoint> CurvePoint = new FiguresCodec<FanPoint>(
        [("flow in litres per second", new NumberCodec(0, 10_000)), ("pressure in pascals", new NumberCodec(0, 10_000))],
        figures => new FanPoint(new LitresPerSecond(figures[0]), new Pascals(figures[1])), point => [point.Flow.Value, point.Pressure.Value]);

    private static readonly ObjectCodec<HolePattern> Holes = DescribeHoles();

    private static readonly Codec<CoolerClass> Cooler = new MappedCodec<string, CoolerClass>(new TextCodec(40), CoolerClass.Find, found => found.Id,
        "one of " + string.Join(", ", CoolerClass.All.Select(found => found.Id)));

    private static readonly Codec<string> WayName = new TextCodec(81, pattern: "^[a-z0-9-]+(/[a-z0-9-]+)?$", patternWords: "a way, or an opening written plane/opening");

    public static readonly ObjectCodec<Cooling> Cooling = DescribeCooling();

    private static ObjectCodec<AirSpace> DescribeSpace()
    {
        var space = new ObjectCodec<AirSpace>("airSpace", "One space of a shell, whose air is taken as mixed.");
        var id = space.Required("id", Id, value => value.Id, "That of the plane which it lies over, or one of its own.");
        var name = space.Required("name", Name, value => value.Name, "What a builder calls it.");
        var size = space.Optional("sizeMm", Size, value => value.Size, "Width, depth and height inside.");
        var material = space.Optional("material", new ChoiceCodec<PlaneMaterial>(), value => value.Material, "What its sides are made of.");
        var top = space.Usual("top", new ChoiceCodec<ShellTop>(), value => value.Top, ShellTop.Lid, "Which side of it is up.");
        return space.Makes(values => new AirSpace(values.Of(id), values.Of(name))
        {
            Size = values.Of(size),
            Material = values.Of(material),
            Top = values.Of(top),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<Vent> DescribeVent()
    {
        var vent = new ObjectCodec<Vent>("vent", "What covers an opening of a plane, for air.");
        var plane = vent.Required("plane", Id, value => value.Plane, "The plane.");
        var opening = vent.Required("opening", Id, value => value.Opening, "The opening of it.");
        var cover = vent.Usual("cover", new ChoiceCodec<AirCover>(), value => value.Cover, AirCover.Open, "What is in it.");
        var share = vent.Optional("freeShare", Share, value => value.FreeShare, "The share of it that is free, where somebody measured it.");
        var filter = vent.Usual("filter", new ChoiceCodec<AirFilter>(), value => value.Filter, AirFilter.None, "The dust filter in it.");
        var shut = vent.Usual("isShut", new FlagCodec(), value => value.IsShut, false, "Whether it is shut.");
        return vent.Makes(values => new Vent(values.Of(plane), values.Of(opening), values.Of(cover))
        {
            FreeShare = values.Of(share),
            Filter = values.Of(filter),
            IsShut = values.Of(shut),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<AirWay> DescribeWay()
    {
        var way = new ObjectCodec<AirWay>("airWay", "A way for air that no plane has an opening for.");
        var id = way.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = way.Required("name", Name, value => value.Name, "What a builder calls it.");
        var from = way.Optional("from", Id, value => value.From, "The space that it starts from; left out for the room.");
        var to = way.Optional("to", Id, value => value.To, "The space that it leads to; left out for the room.");
        var area = way.Required("areaCm2", Area, value => value.Area, "Its area where it is narrowest, cover and all.");
        var cover = way.Usual("cover", new ChoiceCodec<AirCover>(), value => value.Cover, AirCover.Open, "What is in it.");
        var share = way.Optional("freeShare", Share, value => value.FreeShare, "The share of it that is free, where somebody measured it.");
        var filter = way.Usual("filter", new ChoiceCodec<AirFilter>(), value => value.Filter, AirFilter.None, "The dust filter in it.");
        var wall = way.Optional("wall", new ChoiceCodec<PlaneWall>(), value => value.Wall, "The side of the shell that it is in.");
        var height = way.Usual("heightMm", SeatFormat.Height, value => value.Height, Millimetres.Zero, "How high it lies above what the shell stands on.");
        return way.Makes(values => new AirWay(values.Of(id), values.Of(name), values.Of(from), values.Of(to), values.Of(area))
        {
            Cover = values.Of(cover),
            FreeShare = values.Of(share),
            Filter = values.Of(filter),
            Wall = values.Of(wall),
            Height = values.Of(height),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) =>
        {
            if (value.From == value.To) context.Fail(".to", value.To is null ? "from the room to the room" : "the space that it starts from", "another space");
        });
    }

    private static ObjectCodec<FanPlace> DescribeFan()
    {
        var fan = new ObjectCodec<FanPlace>("fanPlace", "What a fan blows through, and how fast.");
        var part = fan.Required("part", Id, value => value.Part, "The fan, or the supply or card that has it.");
        var way = fan.Optional("way", WayName, value => value.Way, "What it is mounted in; left out for one that only stirs.");
        var blows = fan.Usual("blows", new ChoiceCodec<AirDirection>(), value => value.Blows, AirDirection.In, "Which way it blows.");
        var kind = fan.Usual("kind", new ChoiceCodec<FanKind>(), value => value.Kind, FanKind.Axial, "How it is built.");
        var size = fan.Optional("sizeMm", Quantity<Millimetres>(10, 1000), value => value.Size, "The side of its frame.");
        var thick = fan.Optional("thicknessMm", Quantity<Millimetres>(1, 1000), value => value.Thickness, "How thick it is.");
        var volts = fan.Optional("volts", Quantity<Volts>(0, 24), value => value.Volts, "The volts that it gets.");
        var rated = fan.Optional("ratedVolts", Quantity<Volts>(1, 48), value => value.Rated, "The volts that it is made for; left out for 12.");
        var run = fan.Optional("run", new ChoiceCodec<FanRun>(), value => value.Run, "What decides its speed.");
        var free = fan.Optional("freeAirLitresPerSecond", Quantity<LitresPerSecond>(0.01, 10_000), value => value.FreeAir, "What its label says that it moves.");
        var blocked = fan.Optional("blockedPascals", Quantity<Pascals>(0.1, 10_000), value => value.Blocked, "The pressure on its label.");
        var curve = fan.Many(
            "curve", CurvePoint, GraftFileLimits.FanPoints, value => value.Curve, "Its curve at full speed, from no flow to no pressure.");
        var gap = fan.Optional("gapMm", SeatFormat.Height, value => value.Gap, "The gap before its face.");
        var guard = fan.Optional("hasGuard", new FlagCodec(), value => value.HasGuard, "Whether a guard is before its blades.");
        var hold = fan.Optional("hold", new ChoiceCodec<FanHold>(), value => value.Hold, "What holds it.");
        var behind = fan.Usual("isBehind", new FlagCodec(), value => value.IsBehind, false, "Whether it stands behind another fan of the same way.");
        return fan.Makes(values => new FanPlace(values.Of(part))
        {
            Way = values.Of(way),
            Blows = values.Of(blows),
            Kind = values.Of(kind),
            Size = values.Of(size),
            Thickness = values.Of(thick),
            Volts = values.Of(volts),
            Rated = values.Of(rated),
            Run = values.Of(run),
            FreeAir = values.Of(free),
            Blocked = values.Of(blocked),
            Curve = values.Of(curve),
            Gap = values.Of(gap),
            HasGuard = values.Of(guard),
            Hold = values.Of(hold),
            IsBehind = values.Of(behind),
            Unknown = values.Unknown,
        }, value => value.Unknown, Curve);
    }

    private static void Curve(FanPlace fan, ReadContext context)
    {
        if (fan.Curve.IsEmpty) return;
        if (fan.Curve is not [{ Flow.Value: 0, Pressure.Value: > 0 }, .., { Pressure.Value: 0 }])
            context.Fail(".curve", "another beginning or end", "points from no flow, against some pressure, to no pressure");
        for (var at = 1; at < fan.Curve.Length; at++)
        {
            if (fan.Curve[at].Flow <= fan.Curve[at - 1].Flow)
                context.Fail($".curve[{at}]", fan.Curve[at].Flow.ToString(), $"more than the {fan.Curve[at - 1].Flow} before it");
        }
    }

    private static ObjectCodec<HolePattern> DescribeHoles()
    {
        var holes = new ObjectCodec<HolePattern>("holePattern", "Four holes on a rectangle, or two lugs.", isInline: true);
        var across = holes.Required("acrossMm", Quantity<Millimetres>(5, 300), value => value.Across, "The longer side, or from lug to lug.");
        var along = holes.Optional("alongMm", Quantity<Millimetres>(5, 300), value => value.Along, "The other side; left out for two lugs.");
        return holes.Makes(values => new HolePattern(values.Of(across), values.Of(along)), _ => UnknownMembers.None);
    }

    private static ObjectCodec<CoolerPlace> DescribeCooler()
    {
        var cooler = new ObjectCodec<CoolerPlace>("coolerPlace", "What cools the hot thing of a part.");
        var part = cooler.Required("part", Id, value => value.Part, "The part.");
        var sort = cooler.Optional("class", Cooler, value => value.Class, "The usual sort of cooler that it is nearest to.");
        var ohms = cooler.Optional(
            "kelvinsPerWatt", new SpreadCodec<KelvinsPerWatt>(Resistance), value => value.Resistance, "From its air to the chip at full speed.");
        var share = cooler.Optional("share", Share, value => value.Share, "The share of the part's watts that the chip turns into heat.");
        var room = cooler.Usual("takesRoomAir", new FlagCodec(), value => value.TakesRoomAir, false, "Whether a duct brings it air from the room.");
        var spins = cooler.Optional("spins", new FlagCodec(), value => value.Spins, "Whether a drive has something in it that turns.");
        var hold = cooler.Optional("hold", new ChoiceCodec<CoolerHold>(), value => value.Hold, "What holds it.");
        var holes = cooler.Optional("boardHoles", Holes, value => value.BoardHoles, "The holes or lugs that the board has.");
        var wants = cooler.Optional("ownHoles", Holes, value => value.OwnHoles, "Those that the cooler wants.");
        var contact = cooler.Optional("contactTimes", Times, value => value.Contact, "How many times as hard the heat gets into its air, as readings showed.");
        var evidence = cooler.Usual("evidence", Grade, value => value.Evidence, Evidence.Assumed, "Where that is known from.");
        return cooler.Makes(values => new CoolerPlace(values.Of(part))
        {
            Class = values.Of(sort),
            Resistance = values.Of(ohms),
            Share = values.Of(share),
            TakesRoomAir = values.Of(room),
            Contact = values.Of(contact),
            Hold = values.Of(hold),
            BoardHoles = values.Of(holes),
            OwnHoles = values.Of(wants),
            Spins = values.Of(spins),
            Evidence = values.Of(evidence),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<HeatPlace> DescribePlace()
    {
        var place = new ObjectCodec<HeatPlace>("heatPlace", "Where a part heats the air, if not where it is seated.");
        var part = place.Required("part", Id, value => value.Part, "The part.");
        var space = place.Optional("space", Id, value => value.Space, "The space; left out for outside the shell.");
        return place.Makes(values => new HeatPlace(values.Of(part), values.Of(space)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<HeatReading> DescribeReading()
    {
        var reading = new ObjectCodec<HeatReading>("heatReading", "A temperature that was read, of a part, a space or a way.");
        var id = reading.Required("id", Id, value => value.Id, "Unique within the graft.");
        var at = reading.Required("at", new InstantCodec(), value => value.At, "When.");
        var hot = reading.Required("celsius", Quantity<Celsius>(-40, 200), value => value.Hot, "What was read.");
        var work = reading.Required("work", new ChoiceCodec<HeatCase>(), value => value.Work, "What the machine was doing.");
        var minutes = reading.Required("minutes", Quantity<Minutes>(0, 10_000), value => value.Minutes, "For how long it had been doing so.");
        var part = reading.Optional("part", Id, value => value.Part, "The part.");
        var space = reading.Optional("space", Id, value => value.Space, "The space whose air it is.");
        var way = reading.Optional("way", WayName, value => value.Way, "The way whose air it is.");
        var room = reading.Optional("roomCelsius", Quantity<Celsius>(-40, 60), value => value.Room, "How warm the room was.");
        var fans = reading.Optional("fanShare", new NumberCodec(0, 1), value => value.FanShare, "The share of their speed at which the fans ran.");
        var tool = reading.Usual("tool", new ChoiceCodec<HeatTool>(), value => value.Tool, HeatTool.OwnSensor, "What it was read with.");
        var past = reading.Usual("isPast", new FlagCodec(), value => value.IsPast, false, "Whether something was changed since, so that it no longer counts.");
        var evidence = reading.Usual("evidence", Grade, value => value.Evidence, Evidence.Measured, "Where it comes from.");
        var note = reading.Optional("note", Note, value => value.Note, "What was running, or where exactly it was read.");
        return reading.Makes(
            values => new HeatReading(values.Of(id), values.Of(at), values.Of(hot), values.Of(work), values.Of(minutes))
            {
                Part = values.Of(part),
                Space = values.Of(space),
                Way = values.Of(way),
                Room = values.Of(room),
                FanShare = values.Of(fans),
                Tool = values.Of(tool),
                IsPast = values.Of(past),
                Evidence = values.Of(evidence),
                Note = values.Of(note),
                Unknown = values.Unknown,
            }, value => value.Unknown, (value, context) =>
            {
                var named = new[] { value.Part, value.Space, value.Way }.Count(each => each is not null);
                if (named != 1) context.Fail("", $"{named} of part, space and way", "exactly one of them: what was read");
            });
    }

    private static ObjectCodec<Cooling> DescribeCooling()
    {
        var cooling = new ObjectCodec<Cooling>("cooling", "What the air of the shell has to be told.");
        var room = cooling.Optional("roomCelsius", new SpreadCodec<Celsius>(Degrees), value => value.Room, "How warm the room is.");
        var stand = cooling.Usual("stand", new ChoiceCodec<ShellStand>(), value => value.Stand, ShellStand.Free, "Where the shell stands.");
        var feet = cooling.Optional("feetMm", SeatFormat.Height, value => value.Feet, "How high its feet hold its base.");
        var limit = cooling.Optional("shellWatts", Power, value => value.ShellLimit?.Value, "The watts that the shell's maker prints.");
        var evidence = cooling.Usual(
            "shellWattsEvidence", Grade, value => value.ShellLimit?.Evidence ?? Evidence.Document, Evidence.Document, "Where that is known from.");
        var spaces = cooling.Many("spaces", DescribeSpace(), GraftFileLimits.Spaces, value => value.Spaces, "Its spaces.");
        var vents = cooling.Many("vents", DescribeVent(), GraftFileLimits.Ways, value => value.Vents, "What covers openings.");
        var ways = cooling.Many("ways", DescribeWay(), GraftFileLimits.Ways, value => value.Ways, "Ways that no plane has an opening for.");
        var fans = cooling.Many("fans", DescribeFan(), GraftFileLimits.Fans, value => value.Fans, "What each fan blows through.");
        var coolers = cooling.Many("coolers", DescribeCooler(), GraftFileLimits.Coolers, value => value.Coolers, "What cools each thing that gets hot.");
        var places = cooling.Many("places", DescribePlace(), GraftFileLimits.Parts, value => value.Places, "Where parts heat the air.");
        var readings = cooling.Many("readings", DescribeReading(), GraftFileLimits.HeatReadings, value => value.Readings, "Temperatures that were read.");
        var air = cooling.Optional("airTimes", Times, value => value.AirFactor, "How many times the air worked out goes through, as readings showed.");
        var school = cooling.Optional("school", new ChoiceCodec<HeatSchool>(), value => value.School, "The school whose word counts.");
        return cooling.Makes(values => new Cooling
        {
            Room = values.Of(room),
            Stand = values.Of(stand),
            Feet = values.Of(feet),
            ShellLimit = values.Of(limit) is { } watts ? new Known<Watts>(watts, values.Of(evidence)) : null,
            Spaces = values.Of(spaces),
            Vents = values.Of(vents),
            Ways = values.Of(ways),
            Fans = values.Of(fans),
            Coolers = values.Of(coolers),
            Places = values.Of(places),
            Readings = values.Of(readings),
            AirFactor = values.Of(air),
            School = values.Of(school),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }
}
