using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How a graft is written: one description from which reading, writing and the JSON Schema all follow.</summary>
internal static class GraftFormat
{
    public const string FormatName = "loose-graft";
    public const int Version = 3;

    private static readonly Codec<int> Mains = new MappedCodec<int, int>(new IntegerCodec(EfficiencyCurve.LowMains, EfficiencyCurve.HighMains),
        volts => volts is EfficiencyCurve.LowMains or EfficiencyCurve.HighMains ? volts : null, volts => volts,
        $"{EfficiencyCurve.LowMains} or {EfficiencyCurve.HighMains}");

    public static readonly ObjectCodec<Graft> Graft = DescribeGraft();

    private static ObjectCodec<Graft> DescribeGraft()
    {
        var graft = new ObjectCodec<Graft>("graft", "One graft: a donor going into a shell.");
        graft.Required("format", new TextCodec(20, pattern: $"^{FormatName}$", patternWords: $"\"{FormatName}\""), _ => FormatName,
            "Marks the file as a graft file.");
        graft.Required("formatVersion", new IntegerCodec(Version, Version), _ => Version, "The version of this format.");
        var name = graft.Required("name", Name, value => value.Name, "What the builder calls it.");
        var aim = graft.Optional("aim", Note, value => value.Aim, "What it shall be good for.");
        var started = graft.Optional("startedOn", Day, value => value.StartedOn, "The day work began.");
        var currency = graft.Usual("currency", Currency, value => value.Currency, "EUR", "The currency of every amount.");
        var budget = graft.Optional("budget", Amount, value => value.Budget, "What may be spent.");
        var donor = graft.Required("donor", Machine("donor"), value => value.Donor, "The machine the board comes from.");
        var shell = graft.Required("shell", Machine("shell"), value => value.Shell, "What receives it.");
        var others = graft.Many("otherDonors", BenchNotesFormat.OtherDonor, GraftFileLimits.OtherDonors, value => value.OtherDonors,
            "Further machines that parts came out of.");
        var parts = graft.Many("parts", PartFormat.Part, GraftFileLimits.Parts, value => value.Parts, "Every physical thing in it.");
        var joints = graft.Many("joints", DescribeJoint(), GraftFileLimits.Joints, value => value.Joints, "How ports meet.");
        var supplies = graft.Many("supplies", FeedFormat.Supply, GraftFileLimits.Supplies, value => value.Supplies, "What feeds it.");
        var loads = graft.Many("loads", FeedFormat.Load, GraftFileLimits.Loads, value => value.Loads, "What is fed.");
        var oldCase = graft.Many(
            "oldCase", BenchNotesFormat.CaseAnswer, GraftFileLimits.CaseAnswers, value => value.OldCase, "What the old case did for the board.");
        var readings = graft.Many("readings", BenchNotesFormat.Reading, GraftFileLimits.Readings, value => value.Readings, "What was measured.");
        var observations = graft.Many(
            "observations", BenchNotesFormat.Observation, GraftFileLimits.Observations, value => value.Observations,
            "What was seen when the bare board was started.");
        var photos = graft.Many("photos", PhotoFormat.Photo, GraftFileLimits.Photos, value => value.Photos, "Photographs.");
        var practice = graft.Optional("practice", Id, value => value.Practice, "The practice board whose hidden truth the simulated meter reads.");
        var cardTotal = graft.Optional("cardTotalWatts", Power, value => value.CardTotal?.Value, "The total that the card's maker recommends.");
        var cardEvidence = graft.Usual(
            "cardTotalEvidence", Grade, value => value.CardTotal?.Evidence ?? Evidence.Document, Evidence.Document, "Where that is known from.");
        var headroom = graft.Usual("headroom", new NumberCodec(0, 2), value => value.Headroom, 0.25, "The share kept above the summed peak.");
        var trusted = graft.Optional(
            "trustedSchool", new ChoiceCodec<FeedSchool>(), value => value.TrustedSchool, "Which school of judging a supply the builder trusts.");
        var mains = graft.Optional("mainsVolts", Mains, value => value.MainsVolts, "Volts of the mains it hangs on.");
        var wall = graft.Many("wallReadings", FeedFormat.WallReading, GraftFileLimits.WallReadings, value => value.WallReadings, "What was read at the wall.");
        var seating = graft.Usual("seating", SeatFormat.Seating, value => value.Seating, Seating.Empty, "Where everything goes in the shell.");
        var cooling = graft.Usual("cooling", CoolFormat.Cooling, value => value.Cooling, Cooling.Empty, "What the air of the shell has to be told.");
        var buying = graft.Usual("buying", BuyFormat.Buying, value => value.Buying, Buying.Empty, "What buying has to be told.");
        var records = graft.Many(
            "records", BenchNotesFormat.Record, GraftFileLimits.Records, value => value.Records, "What happened at the bench, oldest first.");
        return graft.Makes(values => new Graft(values.Of(name), values.Of(donor), values.Of(shell))
        {
            Aim = values.Of(aim),
            StartedOn = values.Of(started),
            Currency = values.Of(currency),
            Budget = values.Of(budget),
            OtherDonors = values.Of(others),
            Parts = values.Of(parts),
            Joints = values.Of(joints),
            Supplies = values.Of(supplies),
            Loads = values.Of(loads),
            OldCase = values.Of(oldCase),
            Readings = values.Of(readings),
            Observations = values.Of(observations),
            Photos = values.Of(photos),
            Practice = values.Of(practice),
            CardTotal = values.Of(cardTotal) is { } total ? new Known<Watts>(total, values.Of(cardEvidence)) : null,
            Headroom = values.Of(headroom),
            TrustedSchool = values.Of(trusted),
            MainsVolts = values.Of(mains),
            WallReadings = values.Of(wall),
            Seating = values.Of(seating),
            Cooling = values.Of(cooling),
            Buying = values.Of(buying),
            Records = values.Of(records),
            Unknown = values.Unknown,
        }, value => value.Unknown, CrossChecks.Graft);
    }

    private static ObjectCodec<Machine> Machine(string end)
    {
        var machine = new ObjectCodec<Machine>(end, $"The {end}.");
        var name = machine.Required("name", Name, value => value.Name, "What the builder calls it.");
        var kind = machine.Optional("kind", Name, value => value.Kind, "What it was: a kiosk, a desktop, a radiogram.");
        var note = machine.Optional("note", Note, value => value.Note, "What its case did for the board, or what it is made of.");
        return machine.Makes(values => new Machine(values.Of(name)) { Kind = values.Of(kind), Note = values.Of(note), Unknown = values.Unknown },
            value => value.Unknown);
    }

    private static ObjectCodec<Joint> DescribeJoint()
    {
        var position = new IntegerCodec(1, GraftFileLimits.Positions);
        var wire = new ObjectCodec<Conductor>("wire", "One wire of a joint.", isInline: true);
        var wireFrom = wire.Required("from", position, value => value.From, "Position on the joint's first port.");
        var wireTo = wire.Required("to", position, value => value.To, "Position on its second port.");
        wire.Makes(values => new Conductor(values.Of(wireFrom), values.Of(wireTo)) { Unknown = values.Unknown }, value => value.Unknown);

        var joint = new ObjectCodec<Joint>("joint", "One decision on how two ports meet.");
        var id = joint.Required("id", Id, value => value.Id, "Unique within the graft.");
        var from = joint.Required("from", PortName, value => value.From, "The fixed port.");
        var to = joint.Required("to", PortName, value => value.To, "The port brought to it.");
        var method = joint.Required("method", new ChoiceCodec<JointMethod>(), value => value.Method, "How they are brought together.");
        var pinOneOn = joint.Usual(
            "pinOneOn", position, value => value.PinOneOn, 1, "Position of the first port on which position 1 of the second lies when pushed on.");
        var turn = joint.Usual(
            "turnDegrees",
            new MappedCodec<int, int>(new IntegerCodec(0, 270), degrees => degrees % 90 == 0 ? degrees : null, degrees => degrees, "0, 90, 180 or 270"),
            value => value.TurnDegrees, 0, "How far the second port is turned when pushed on.");
        var wires = joint.Many("wires", wire, GraftFileLimits.Positions, value => value.Wires, "Who meets whom, for every method but straight and leave-off.");
        var ties = joint.Many("ties", BenchNotesFormat.LeadTie, GraftFileLimits.Positions, value => value.Ties, "Contacts of one end joined with each other.");
        var reason = joint.Optional("reason", Note, value => value.Reason, "Why it was decided so.");
        var awg = joint.Optional("awg", Gauge, value => value.Awg, "Gauge of the wires that it makes.");
        var length = joint.Optional("lengthMm", Length, value => value.Length, "Their length.");
        var tests = joint.Many("tests", BenchNotesFormat.LeadTest, GraftFileLimits.LeadTests, value => value.Tests, "What the meter said of the made lead.");
        return joint.Makes(values => new Joint(values.Of(id), values.Of(from), values.Of(to), values.Of(method))
        {
            PinOneOn = values.Of(pinOneOn),
            TurnDegrees = values.Of(turn),
            Wires = values.Of(wires),
            Ties = values.Of(ties),
            Awg = values.Of(awg),
            Length = values.Of(length),
            Reason = values.Of(reason),
            Tests = values.Of(tests),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "wires", value.Wires, item => (item.From, item.To)));
    }
}
