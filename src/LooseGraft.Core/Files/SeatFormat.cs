using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How places, shapes and what takes up room are written.</summary>
internal static class SeatFormat
{
    private const double FarthestMm = 10_000;
    private const double LeastMm = 0.1;

    private static readonly NumberCodec Coordinate = new(-FarthestMm, FarthestMm);
    public static readonly Codec<Millimetres> Height = new MappedCodec<double,
    Millimetres>(new NumberCodec(0, FarthestMm), value => new Millimetres(value), value => value.Value);
    private static readonly NumberCodec Side = new(LeastMm, FarthestMm);
    public static readonly Codec<PlanPoint> Point = new FiguresCodec<PlanPoint>(
        [("x in mm", Coordinate), ("y in mm", Coordinate)], figures => new PlanPoint(figures[0], figures[1]), place => [place.X, place.Y]);
    public static readonly Codec<PlanRectangle> Rectangle = new FiguresCodec<PlanRectangle>(
        [("x in mm", Coordinate), ("y in mm", Coordinate), ("width in mm", Side), ("depth in mm", Side)],
        figures => new PlanRectangle(figures[0], figures[1], figures[2], figures[3]), area => [area.X, area.Y, area.Width, area.Depth]);


    public static readonly ObjectCodec<PartBody> Body = DescribeBody();
    public static readonly ObjectCodec<PortPlace> PortPlace = DescribePortPlace();
    public static readonly ObjectCodec<Seating> Seating = DescribeSeating();

    private static ObjectCodec<PartBody> DescribeBody()
    {
        var zone = new ObjectCodec<BodyZone>("bodyZone", "A region of a board that stands out, or cannot be shorted.");
        var kind = zone.Required("kind", new ChoiceCodec<BodyZoneKind>(), value => value.Kind, "What it is.");
        var name = zone.Required("name", Name, value => value.Name, "What a builder calls it.");
        var area = zone.Required("area", Rectangle, value => value.Area, "Where.");
        var height = zone.Usual("heightMm", Height, value => value.Height, Millimetres.Zero, "How far it stands above the component side, or below the solder side.");
        var conducts = zone.Usual("conducts", new FlagCodec(), value => value.Conducts, true, "Whether metal shorts what is below.");
        zone.Makes(values => new BodyZone(values.Of(kind), values.Of(name), values.Of(area))
        {
            Height = values.Of(height),
            Conducts = values.Of(conducts),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var body = new ObjectCodec<PartBody>("partBody", "The shape of a board.");
        var outline = body.Required(
            "outline", new ListCodec<PlanPoint>(Point, GraftFileLimits.Corners), value => value.Outline, "Its outline, corner by corner.");
        var evidence = body.Usual("evidence", Grade, value => value.Evidence, Evidence.Assumed, "Where that is known from.");
        var thickness = body.Usual("thicknessMm", Length, value => value.Thickness, UsualBoard.Thickness, "How thick it is.");
        var tails = body.Usual("tailsMm", Height, value => value.Tails, UsualBoard.Tails, "How far solder tails stand out below.");
        var zones = body.Many("zones", zone, GraftFileLimits.Zones, value => value.Zones, "What stands above it, and where its underside cannot be shorted.");
        return body.Makes(values => new PartBody(values.Of(outline), values.Of(evidence))
        {
            Thickness = values.Of(thickness),
            Tails = values.Of(tails),
            Zones = values.Of(zones),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => SeatChecks.Outline(context, ".outline", value.Outline));
    }

    private static ObjectCodec<PortPlace> DescribePortPlace()
    {
        var place = new ObjectCodec<PortPlace>("portPlace", "Where a port sits on its board.", isInline: true);
        var at = place.Required("at", Point, value => value.At, "The middle of its opening.");
        var faces = place.Required("faces", new ChoiceCodec<PortFacing>(), value => value.Faces, "Where its plug comes from.");
        var width = place.Usual("widthMm", Length, value => value.Width, new Millimetres(15), "How wide its face is.");
        var height = place.Usual("heightMm", Length, value => value.Height, new Millimetres(10), "How tall its face is.");
        var room = place.Usual("plugRoomMm", Height, value => value.PlugRoom, new Millimetres(25), "How far its plug stands out with the bend of the lead.");
        return place.Makes(values => new PortPlace(values.Of(at), values.Of(faces))
        {
            Width = values.Of(width),
            Height = values.Of(height),
            PlugRoom = values.Of(room),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<PlateSheet> DescribePlate()
    {
        var plate = new ObjectCodec<PlateSheet>("plateSheet", "A plate that there is, seen from outside, from its left lower corner.");
        var width = plate.Required("widthMm", Length, value => value.Width, "How wide it is.");
        var height = plate.Required("heightMm", Length, value => value.Height, "How tall it is.");
        var cuts = plate.Many("cuts", Rectangle, GraftFileLimits.Openings, value => value.Cuts, "Its cut-outs.");
        return plate.Makes(
            values => new PlateSheet(values.Of(width), values.Of(height), values.Of(cuts)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<BoardSeat> DescribeSeat()
    {
        var mounting = new ObjectCodec<HoleMounting>("holeMounting", "What holds a board at a hole that no mount meets.", isInline: true);
        var hole = mounting.Required("hole", new IntegerCodec(1, GraftFileLimits.Holes), value => value.Hole, "The hole's place in the board's list, from 1.");
        var method = mounting.Required("method", new ChoiceCodec<MountMethod>(), value => value.Method, "What holds it.");
        var bolt = mounting.Optional("screw", AnyScrew, value => value.Screw, "The screw or bolt here.");
        mounting.Makes(
            values => new HoleMounting(values.Of(hole), values.Of(method)) { Screw = values.Of(bolt), Unknown = values.Unknown }, value => value.Unknown);

        var seat = new ObjectCodec<BoardSeat>("boardSeat", "Where a board sits.");
        var part = seat.Required("part", Id, value => value.Part, "The board.");
        var plane = seat.Required("plane", Id, value => value.Plane, "The plane.");
        var at = seat.Required("at", Point, value => value.At, "Where the origin of the board's frame lies.");
        var turn = seat.Usual("turnDegrees", new NumberCodec(-360, 360), value => value.TurnDegrees, 0, "How far it is turned, counter-clockwise.");
        var rise = seat.Usual("riseMm", Height, value => value.Rise, UsualBoard.Rise, "How high its solder side stands where no mount says so.");
        var holes = seat.Many("holes", mounting, GraftFileLimits.Holes, value => value.Holes, "What holds it where no mount meets a hole.");
        var plate = seat.Optional("plate", new ChoiceCodec<IoPlate>(), value => value.Plate, "What closes the opening round its ports.");
        var sheet = seat.Optional("plateSheet", DescribePlate(), value => value.PlateSheet, "The plate that there is.");
        var screw = seat.Optional("screw", AnyScrew, value => value.Screw, "The screw at every hole that a mount meets.");
        var ground = seat.Optional("ground", new ChoiceCodec<BoardGround>(), value => value.Ground, "What joins its ground to the metal besides its screws.");
        return seat.Makes(values => new BoardSeat(values.Of(part), values.Of(plane), values.Of(at), values.Of(turn))
        {
            Rise = values.Of(rise),
            Holes = values.Of(holes),
            Plate = values.Of(plate),
            PlateSheet = values.Of(sheet),
            Screw = values.Of(screw),
            Ground = values.Of(ground),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "holes", value.Holes, item => item.Hole));
    }

    private static ObjectCodec<SeatBox> DescribeBox()
    {
        var box = new ObjectCodec<SeatBox>("seatBox", "Something that takes up room.");
        var id = box.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = box.Required("name", Name, value => value.Name, "What a builder calls it.");
        var on = box.Required("on", Id, value => value.On, "The plane or the seated board in whose frame it stands.");
        var area = box.Required("area", Rectangle, value => value.Area, "Where, seen from above.");
        var from = box.Usual("fromMm", Height, value => value.From, Millimetres.Zero, "Where it begins above the plane or the component side.");
        var height = box.Required("heightMm", Length, value => value.Height, "How tall it is.");
        var clearance = box.Usual("clearanceMm", Height, value => value.Clearance, Millimetres.Zero, "What has to stay free round it.");
        var tolerance = box.Usual("toleranceMm", Height, value => value.Tolerance, new Millimetres(0.5), "How far each side may be off.");
        var part = box.Optional("part", Id, value => value.Part, "The part it is.");
        var metal = box.Optional("isMetal", new FlagCodec(), value => value.IsMetal, "Whether its outside is bare metal.");
        var round = box.Usual("isRound", new FlagCodec(), value => value.IsRound, false, "Whether it is round seen from above.");
        var mains = box.Usual("isMains", new FlagCodec(), value => value.IsMains, false, "Whether it carries mains or high voltage.");
        var hot = box.Usual("isHot", new FlagCodec(), value => value.IsHot, false, "Whether it gets hot.");
        var heavy = box.Usual("isHeavy", new FlagCodec(), value => value.IsHeavy, false, "Whether it is heavy.");
        var slots = box.Optional("slots", new IntegerCodec(1, 8), value => value.Slots, "How many slots a card's bracket takes.");
        var held = box.Usual("isHeld", new FlagCodec(), value => value.IsHeld, false, "Whether a holder or screws of its own hold it.");
        var drive = box.Optional("drive", Drive, value => value.Drive, "The size of drive it is, in inches.");
        var bay = box.Optional("bay", Drive, value => value.Bay, "The size of bay that the drive is in.");
        var frame = box.Usual("hasFrame", new FlagCodec(), value => value.HasFrame, false, "Whether a frame makes up for what it is smaller than its bay.");
        var screw = box.Optional("screw", AnyScrew, value => value.Screw, "The screw that holds the drive.");
        return box.Makes(values => new SeatBox(values.Of(id), values.Of(name), values.Of(on), values.Of(area))
        {
            From = values.Of(from),
            Height = values.Of(height),
            Clearance = values.Of(clearance),
            Tolerance = values.Of(tolerance),
            Part = values.Of(part),
            IsMetal = values.Of(metal),
            IsRound = values.Of(round),
            IsMains = values.Of(mains),
            IsHot = values.Of(hot),
            IsHeavy = values.Of(heavy),
            Slots = values.Of(slots),
            IsHeld = values.Of(held),
            Drive = values.Of(drive),
            Bay = values.Of(bay),
            HasFrame = values.Of(frame),
            Screw = values.Of(screw),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<LeadRun> DescribeRun()
    {
        var end = new ObjectCodec<RunEnd>("runEnd", "One end of a lead.", isInline: true);
        var port = end.Optional(
            "port", new MappedCodec<string,
            string>(new TextCodec(81), text => PortId.Parse(text)?.ToString(), text => text, "a port written part/port"), value => value.Port?.ToString(),
            "The port it plugs into.");
        var at = end.Optional("at", Point, value => value.Port is null ? value.At : null, "A fixed place, where no port is named.");
        var drop = end.Usual("dropMm", new NumberCodec(0, FarthestMm), value => value.Drop, 0, "How far the connector lies above or below the way.");
        end.Makes(values => new RunEnd(PortId.Parse(values.Of(port) ?? ""), values.Of(at) ?? default, values.Of(drop)) { Unknown = values.Unknown },
            value => value.Unknown);

        var run = new ObjectCodec<LeadRun>("leadRun", "A lead that has to reach.");
        var id = run.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = run.Required("name", Name, value => value.Name, "What a builder calls it.");
        var plane = run.Required("plane", Id, value => value.Plane, "The plane along which it runs.");
        var from = run.Required("from", end, value => value.From, "Where it begins.");
        var to = run.Required("to", end, value => value.To, "Where it ends.");
        var length = run.Optional("lengthMm", Length, value => value.Length, "How long it is from plug to plug.");
        var error = run.Usual("lengthErrorMm", Height, value => value.LengthError, new Millimetres(5), "How far that may be off.");
        var bend = run.Usual("bendMm", Height, value => value.Bend, new Millimetres(10), "The tightest bend it takes.");
        var own = run.Usual("isMakersOwn", new FlagCodec(), value => value.IsMakersOwn, false, "Whether no extension can be bought for it.");
        var way = run.Optional("way", new ChoiceCodec<LeadWay>(), value => value.Way, "The one way that it shall take; left out for the shortest.");
        return run.Makes(values => new LeadRun(values.Of(id), values.Of(name), values.Of(plane), values.Of(from), values.Of(to))
        {
            Length = values.Of(length),
            LengthError = values.Of(error),
            Bend = values.Of(bend),
            IsMakersOwn = values.Of(own),
            Way = values.Of(way),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<Survey> DescribeSurvey()
    {
        var point = new TextCodec(20, pattern: "^[a-z][a-z0-9]{0,19}$", patternWords: "a point such as h1, or left, right, rear, front, across");
        var span = new ObjectCodec<SurveySpan>("surveySpan", "One distance.", isInline: true);
        var from = span.Required("from", point, value => value.From, "A point or an edge.");
        var to = span.Required("to", point, value => value.To, "Another point or edge; across for a diameter.");
        var text = span.Required("text", new TextCodec(ReadingText.Longest), value => value.Text, "The reading as typed.");
        var kind = span.Usual("kind", new ChoiceCodec<SpanKind>(), value => value.Kind, SpanKind.Middle, "What the caliper was put against.");
        span.Makes(values => new SurveySpan(values.Of(from), values.Of(to), values.Of(text)) { Kind = values.Of(kind), Unknown = values.Unknown },
            value => value.Unknown);

        var survey = new ObjectCodec<Survey>("survey", "Distances measured on a board or a plane.");
        var of = survey.Required("of", Id, value => value.Of, "The part or the plane.");
        var spans = survey.Many("spans", span, GraftFileLimits.Spans, value => value.Spans, "What was measured.");
        return survey.Makes(values => new Survey(values.Of(of), values.Of(spans)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<Seating> DescribeSeating()
    {
        var seating = new ObjectCodec<Seating>("seating", "Where everything goes in the shell.");
        var planes = seating.Many("planes", PlaneFormat.Describe(), GraftFileLimits.Planes, value => value.Planes, "The planes that things are mounted upon.");
        var seats = seating.Many("seats", DescribeSeat(), GraftFileLimits.Planes, value => value.Seats, "Where boards sit.");
        var boxes = seating.Many("boxes", DescribeBox(), GraftFileLimits.Boxes, value => value.Boxes, "What takes up room.");
        var runs = seating.Many("runs", DescribeRun(), GraftFileLimits.Runs, value => value.Runs, "The leads that have to reach.");
        var surveys = seating.Many("surveys", DescribeSurvey(), GraftFileLimits.Planes, value => value.Surveys, "What was measured.");
        var photos = seating.Many(
            "photos", PhotoFormat.DescribePlanPhoto(Point), GraftFileLimits.Planes, value => value.Photos, "Photographs to be laid under plans.");
        return seating.Makes(values => new Seating
        {
            Planes = values.Of(planes),
            Seats = values.Of(seats),
            Boxes = values.Of(boxes),
            Runs = values.Of(runs),
            Surveys = values.Of(surveys),
            Photos = values.Of(photos),
            Unknown = values.Unknown,
        }, value => value.Unknown, SeatChecks.Seating);
    }
}
