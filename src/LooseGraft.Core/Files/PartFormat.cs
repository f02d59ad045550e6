using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How parts, ports and pins are written.</summary>
internal static class PartFormat
{
    private static readonly ObjectCodec<PortLimit> PortLimit = DescribePortLimit();
    private static readonly ObjectCodec<Pin> Pin = DescribePin();
    private static readonly ObjectCodec<Port> Port = DescribePort();
    private static readonly ObjectCodec<MountHole> Hole = DescribeHole();

    private static readonly ObjectCodec<KeyMatrix> Matrix = DescribeMatrix();

    public static readonly ObjectCodec<Part> Part = DescribePart();

    private static ObjectCodec<Pin> DescribePin()
    {
        var pin = new ObjectCodec<Pin>("pin", "One contact of a port.", isInline: true);
        var position = pin.Required("position", new IntegerCodec(1, GraftFileLimits.Positions), value => value.Position, "Its number, counted from 1.");
        var signal = pin.Usual("signal", AnySignal, value => value.Signal.Value, Signal.Unknown, "What it carries.");
        var evidence = pin.Usual("evidence", Grade, value => value.Signal.Evidence, Evidence.Assumed, "Where that is known from.");
        var contact = pin.Usual("contact", new ChoiceCodec<ContactState>(), value => value.Contact, ContactState.Wired, "What is physically there.");
        var direction = pin.Usual("direction", new ChoiceCodec<SignalDirection>(), value => value.Direction, SignalDirection.Unstated,
            "Who drives it, seen from this part, where that differs from the usual.");
        var level = pin.Optional("levelVolts", Level, value => value.Level, "Level of a signal in volts; 0 for one that wants ground.");
        var least = pin.Optional("leastVolts", Level, value => value.LeastVolts, "The least a supply input works on, where its maker states a range.");
        var most = pin.Optional("mostVolts", Level, value => value.MostVolts, "The most it works on; stated with the least.");
        var needed = pin.Optional("neededFor", Name, value => value.NeededFor, "Why it must be connected; left out when it need not be.");
        var colour = pin.Optional("wireColour", Name, value => value.WireColour, "Colour of the wire behind it.");
        var note = pin.Optional("note", Note, value => value.Signal.Note, "Anything worth remembering.");
        return pin.Makes(values => new Pin(values.Of(position))
        {
            Signal = new Known<Signal>(values.Of(signal), values.Of(evidence), values.Of(note)),
            Contact = values.Of(contact),
            Direction = values.Of(direction),
            Level = values.Of(level),
            LeastVolts = values.Of(least),
            MostVolts = values.Of(most),
            NeededFor = values.Of(needed),
            WireColour = values.Of(colour),
            Unknown = values.Unknown,
        }, value => value.Unknown, CheckPin);
    }

    private static void CheckPin(Pin pin, ReadContext context)
    {
        if ((pin.LeastVolts is null) != (pin.MostVolts is null))
            context.Fail(pin.LeastVolts is null ? ".leastVolts" : ".mostVolts", "nothing", "leastVolts and mostVolts together, or neither");
        else if (pin is { LeastVolts: { } least, MostVolts: { } most } && (least > most || least.Value * most.Value <= 0))
            context.Fail(".mostVolts", $"{least} to {most}", "a range from the less to the more, all above zero or all below");
    }

    private static ObjectCodec<Port> DescribePort()
    {
        var count = new IntegerCodec(1, GraftFileLimits.Positions);
        var port = new ObjectCodec<Port>("port", "One connector of a part.");
        var id = port.Required("id", Id, value => value.Id, "Unique within the part.");
        var name = port.Required("name", Name, value => value.Name, "What a builder calls it.");
        var type = port.Required("connector", Connector, value => value.Type, "The kind of connector.");
        var gender = port.Required("gender", new ChoiceCodec<Gender>(), value => value.Gender, "Male has pins, female has sockets.");
        var rows = port.Optional("rows", count, value => value.OwnRows, "Rows of positions, where they differ from the connector's usual.");
        var columns = port.Optional("columns", count, value => value.OwnColumns, "Positions in a row, where they differ.");
        var pitch = port.Optional("pitchMm", Length, value => value.OwnPitch, "Millimetres from position to position, where they differ.");
        var keying = port.Optional("keying", new ChoiceCodec<Keying>(), value => value.OwnKeying, "What keeps it from going on wrongly, where it differs.");
        var numbering = port.Optional("numbering", new ChoiceCodec<Numbering>(), value => value.OwnNumbering, "How positions are counted, where it differs.");
        var lead = port.Optional("leadMm", Length, value => value.LeadLength, "Length of the lead behind it in millimetres; left out on a board.");
        var place = port.Optional("place", SeatFormat.PortPlace, value => value.Place, "Where it sits on its board.");
        var limit = port.Optional("limit", PortLimit, value => value.Limit, "What it bears as its maker says, whatever is usual for its kind.");
        var pins = port.Many("pins", Pin, GraftFileLimits.Positions, value => value.Pins, "The pins that are described.");
        return port.Makes(values => new Port(values.Of(id), values.Of(name), values.Of(type), values.Of(gender))
        {
            OwnRows = values.Of(rows),
            OwnColumns = values.Of(columns),
            OwnPitch = values.Of(pitch),
            OwnKeying = values.Of(keying),
            OwnNumbering = values.Of(numbering),
            LeadLength = values.Of(lead),
            Place = values.Of(place),
            Limit = values.Of(limit),
            Pins = values.Of(pins),
            Unknown = values.Unknown,
        }, value => value.Unknown, CheckPort);
    }

    private static ObjectCodec<PortLimit> DescribePortLimit()
    {
        var limit = new ObjectCodec<PortLimit>("portLimit", "What a port bears: amperes of each rail, watts of all together, or both.", isInline: true);
        var amps = limit.Optional("amps", Quantity<Amps>(0.001, 10_000), value => value.Amps, "Amperes of each rail.");
        var watts = limit.Optional("watts", Quantity<Watts>(0.001, 10_000), value => value.Power, "Watts of all rails together.");
        var evidence = limit.Usual("evidence", Grade, value => value.Evidence, Evidence.Assumed, "Where that is known from.");
        var note = limit.Optional("note", Note, value => value.Note, "Anything worth remembering.");
        return limit.Makes(
            values => new PortLimit(values.Of(amps), values.Of(watts), values.Of(evidence)) { Note = values.Of(note), Unknown = values.Unknown },
            value => value.Unknown, (value, context) =>
            {
                if (value is { Amps: null, Power: null }) context.Fail("", "neither amps nor watts", "at least one of the two");
            });
    }

    private static ObjectCodec<Part> DescribePart()
    {
        var part = new ObjectCodec<Part>("part", "Any physical thing in the graft.");
        var id = part.Required("id", Id, value => value.Id, "Unique within the graft.");
        var name = part.Required("name", Name, value => value.Name, "What a builder calls it.");
        var kind = part.Required("kind", new ChoiceCodec<PartKind>(), value => value.Kind, "What sort of thing it is.");
        var origin = part.Optional("origin", new ChoiceCodec<PartOrigin>(), value => value.Origin, "Where it comes from.");
        var donor = part.Optional("donor", Id, value => value.Donor, "Which other donor it came out of; left out for the first.");
        var inPlaceOf = part.Optional("inPlaceOf", Id, value => value.InPlaceOf, "The part whose work it does instead, which is set aside.");
        var cost = part.Optional("cost", Amount, value => value.Cost, "What it cost or will cost, in the currency of the graft.");
        var note = part.Optional("note", Note, value => value.Note, "Anything worth remembering.");
        var revision = part.Optional("revision", Name, value => value.BoardRevision?.Value, "The maker's revision, as printed on it.");
        var revisionEvidence = part.Usual(
            "revisionEvidence", Grade, value => value.BoardRevision?.Evidence ?? Evidence.Label, Evidence.Label, "How the revision is known.");
        var binEntry = part.Optional("binEntry", Id, value => value.Bin?.Entry, "What it takes from the bin, by the bin's short name.");
        var binCount = part.Usual("binCount", new IntegerCodec(1, GraftFileLimits.BinPieces), value => value.Bin?.Count ?? 1, 1, "How many of it.");
        var body = part.Optional("body", SeatFormat.Body, value => value.Body, "The shape of it, for a board.");
        var holes = part.Many("holes", Hole, GraftFileLimits.Holes, value => value.Holes, "Its mounting holes.");
        var links = part.Many("links", LinkFormat.Link, GraftFileLimits.Links, value => value.Links, "What lies between its contacts inside it.");
        var made = part.Optional("made", new ChoiceCodec<PartMaking>(), value => value.Making, "Who made it, of a lead or an adapter.");
        var awg = part.Optional("awg", Gauge, value => value.Awg, "Gauge of its wires, of a lead or an adapter.");
        var tests = part.Many(
            "tests", BenchNotesFormat.PartTest, GraftFileLimits.LeadTests, value => value.Tests, "What the meter said of it, of a lead made by hand.");
        var ports = part.Many("ports", Port, GraftFileLimits.Ports, value => value.Ports, "Its connectors.");
        var matrix = part.Optional("matrix", Matrix, value => value.Matrix, "Its keys, if it is a keyboard of rows and columns.");
        return part.Makes(values => new Part(values.Of(id), values.Of(name), values.Of(kind))
        {
            Origin = values.Of(origin),
            Donor = values.Of(donor),
            InPlaceOf = values.Of(inPlaceOf),
            Cost = values.Of(cost),
            Note = values.Of(note),
            BoardRevision = values.Of(revision) is { } printed ? new Known<string>(printed, values.Of(revisionEvidence)) : null,
            Bin = values.Of(binEntry) is { } entry ? new BinClaim(entry, values.Of(binCount)) : null,
            Body = values.Of(body),
            Holes = values.Of(holes),
            Links = values.Of(links),
            Making = values.Of(made),
            Awg = values.Of(awg),
            Tests = values.Of(tests),
            Ports = values.Of(ports),
            Matrix = values.Of(matrix),
            Unknown = values.Unknown,
        }, value => value.Unknown, CheckPart);
    }

    private static void CheckPart(Part part, ReadContext context)
    {
        CrossChecks.Unique(context, "ports", part.Ports, port => port.Id);
        LinkFormat.Check(part, context);
    }

    private static ObjectCodec<KeyMatrix> DescribeMatrix()
    {
        var line = new IntegerCodec(1, GraftFileLimits.MatrixLines);
        var key = new ObjectCodec<MatrixKey>("matrixKey", "One key.", isInline: true);
        var keyRow = key.Required("row", line, value => value.Row, "Its row, counted from 1.");
        var keyColumn = key.Required("column", line, value => value.Column, "Its column, counted from 1.");
        var name = key.Required("name", Name, value => value.Name, "What it shall be.");
        key.Makes(values => new MatrixKey(values.Of(keyRow), values.Of(keyColumn), values.Of(name)) { Unknown = values.Unknown }, value => value.Unknown);

        var matrix = new ObjectCodec<KeyMatrix>("matrix", "Keys as crossings of rows and columns.");
        var rows = matrix.Required("rows", line, value => value.Rows, "How many rows.");
        var columns = matrix.Required("columns", line, value => value.Columns, "How many columns.");
        var diodes = matrix.Usual("diodes", new FlagCodec(), value => value.HasDiodes, false, "Whether every key has a diode.");
        var keys = matrix.Many("keys", key, GraftFileLimits.MatrixLines * GraftFileLimits.MatrixLines, value => value.Keys, "The keys.");
        return matrix.Makes(values => new KeyMatrix(values.Of(rows), values.Of(columns))
        {
            HasDiodes = values.Of(diodes),
            Keys = values.Of(keys),
            Unknown = values.Unknown,
        },
            value => value.Unknown, CheckMatrix);
    }

    private static void CheckMatrix(KeyMatrix matrix, ReadContext context)
    {
        CrossChecks.Unique(context, "keys", matrix.Keys, key => (key.Row, key.Column));
        foreach (var (index, key) in matrix.Keys.Index().Where(key => key.Item.Row > matrix.Rows || key.Item.Column > matrix.Columns))
            context.Fail($".keys[{index}]", $"row {key.Row}, column {key.Column}", $"a crossing of the {matrix.Rows} rows and {matrix.Columns} columns");
    }

    private static ObjectCodec<MountHole> DescribeHole()
    {
        var hole = new ObjectCodec<MountHole>("hole", "A mounting hole, looking at the component side.", isInline: true);
        var x = hole.Required("xMm", Figure, value => value.X, "Millimetres from the processor-side edge.");
        var y = hole.Required("yMm", Figure, value => value.Y, "Millimetres from the rear edge.");
        var diameter = hole.Required("diameterMm", Length, value => value.Diameter, "Millimetres across.");
        return hole.Makes(values => new MountHole(values.Of(x), values.Of(y), values.Of(diameter)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static void CheckPort(Port port, ReadContext context)
    {
        // Rows and columns are each within bounds, so their product cannot overflow.
        if (port.PositionCount > GraftFileLimits.Positions)
            context.Fail("", $"{port.Rows} rows of {port.Columns} positions", $"at most {GraftFileLimits.Positions} positions in all");
        CrossChecks.Unique(context, "pins", port.Pins, pin => pin.Position);
        foreach (var (index, pin) in port.Pins.Index().Where(pin => pin.Item.Position > port.PositionCount))
            context.Fail($".pins[{index}].position", $"{pin.Position}", $"1 to {port.PositionCount}, as the port has {port.Rows} rows of {port.Columns}");
    }
}
