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
    public const int Version = 1;

    public static readonly ObjectCodec<Graft> Graft = DescribeGraft();

    private static ObjectCodec<Graft> DescribeGraft()
    {
        var graft = new ObjectCodec<Graft>("graft", "One graft: a donor going into a shell.");
        graft.Required("format", new TextCodec(20, pattern: $"^{FormatName}$", patternWords: $"\"{FormatName}\""), _ => FormatName, "Marks the file as a graft file.");
        graft.Required("formatVersion", new IntegerCodec(Version, Version), _ => Version, "The version of this format.");
        var name = graft.Required("name", Name, value => value.Name, "What the builder calls it.");
        var aim = graft.Optional("aim", Note, value => value.Aim, "What it shall be good for.");
        var started = graft.Optional("startedOn", Day, value => value.StartedOn, "The day work began.");
        var currency = graft.Usual("currency", Currency, value => value.Currency, "EUR", "The currency of every amount.");
        var budget = graft.Optional("budget", Amount, value => value.Budget, "What may be spent.");
        var donor = graft.Required("donor", Machine("donor"), value => value.Donor, "The machine the board comes from.");
        var shell = graft.Required("shell", Machine("shell"), value => value.Shell, "What receives it.");
        var parts = graft.Many("parts", PartFormat.Part, GraftFileLimits.Parts, value => value.Parts, "Every physical thing in it.");
        var joints = graft.Many("joints", DescribeJoint(), GraftFileLimits.Joints, value => value.Joints, "How ports meet.");
        var supplies = graft.Many("supplies", DescribeSupply(), GraftFileLimits.Supplies, value => value.Supplies, "What feeds it.");
        var loads = graft.Many("loads", DescribeLoad(), GraftFileLimits.Loads, value => value.Loads, "What is fed.");
        var oldCase = graft.Many("oldCase", BenchNotesFormat.CaseAnswer, GraftFileLimits.CaseAnswers, value => value.OldCase, "What the old case did for the board.");
        var readings = graft.Many("readings", BenchNotesFormat.Reading, GraftFileLimits.Readings, value => value.Readings, "What was measured.");
        var observations = graft.Many("observations", BenchNotesFormat.Observation, GraftFileLimits.Observations, value => value.Observations, "What was seen when the bare board was started.");
        var photos = graft.Many("photos", BenchNotesFormat.Photo, GraftFileLimits.Photos, value => value.Photos, "Photographs.");
        var practice = graft.Optional("practice", Id, value => value.Practice, "The practice board whose hidden truth the simulated meter reads.");
        return graft.Makes(values => new Graft(values.Of(name), values.Of(donor), values.Of(shell))
        {
            Aim = values.Of(aim),
            StartedOn = values.Of(started),
            Currency = values.Of(currency),
            Budget = values.Of(budget),
            Parts = values.Of(parts),
            Joints = values.Of(joints),
            Supplies = values.Of(supplies),
            Loads = values.Of(loads),
            OldCase = values.Of(oldCase),
            Readings = values.Of(readings),
            Observations = values.Of(observations),
            Photos = values.Of(photos),
            Practice = values.Of(practice),
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
        var pinOneOn = joint.Usual("pinOneOn", position, value => value.PinOneOn, 1, "Position of the first port on which position 1 of the second lies when pushed on.");
        var turn = joint.Usual("turnDegrees", new MappedCodec<int, int>(new IntegerCodec(0, 180), degrees => degrees is 0 or 180 ? degrees : null, degrees => degrees, "0 or 180"),
            value => value.TurnDegrees, 0, "How far the second port is turned when pushed on.");
        var wires = joint.Many("wires", wire, GraftFileLimits.Positions, value => value.Wires, "Who meets whom, for every method but straight and leave-off.");
        var ties = joint.Many("ties", BenchNotesFormat.LeadTie, GraftFileLimits.Positions, value => value.Ties, "Contacts of one end joined with each other.");
        var reason = joint.Optional("reason", Note, value => value.Reason, "Why it was decided so.");
        var tests = joint.Many("tests", BenchNotesFormat.LeadTest, GraftFileLimits.LeadTests, value => value.Tests, "What the meter said of the made lead.");
        return joint.Makes(values => new Joint(values.Of(id), values.Of(from), values.Of(to), values.Of(method))
        {
            PinOneOn = values.Of(pinOneOn),
            TurnDegrees = values.Of(turn),
            Wires = values.Of(wires),
            Ties = values.Of(ties),
            Reason = values.Of(reason),
            Tests = values.Of(tests),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) => CrossChecks.Unique(context, "wires", value.Wires, item => (item.From, item.To)));
    }

    private static ObjectCodec<Supply> DescribeSupply()
    {
        var rail = new ObjectCodec<Rail>("rail", "One output of a supply.", isInline: true);
        var output = rail.Required("output", SupplySignal, value => value.Output, "The voltage it gives.");
        var railLimit = rail.Required("limitAmps", Current, value => value.Limit.Value, "The most it may carry without end.");
        var railEvidence = rail.Usual("evidence", Grade, value => value.Limit.Evidence, Evidence.Assumed, "Where that is known from.");
        var railNote = rail.Optional("note", Note, value => value.Limit.Note, "Anything worth remembering.");
        rail.Makes(values => new Rail(values.Of(output), new Known<Amps>(values.Of(railLimit), values.Of(railEvidence), values.Of(railNote))) { Unknown = values.Unknown },
            value => value.Unknown);

        var shared = new ObjectCodec<CombinedLimit>("combinedLimit", "A limit that several rails share.", isInline: true);
        var rails = shared.Required("rails", new ListCodec<string>(RailName, GraftFileLimits.Rails), value => value.Rails, "The rails that share it.");
        var sharedLimit = Limit(shared, value => value.Limit);
        shared.Makes(values => new CombinedLimit(values.Of(rails), sharedLimit(values)) { Unknown = values.Unknown }, value => value.Unknown,
            (value, context) => CrossChecks.Unique(context, "rails", value.Rails, name => name));

        var totalLimit = new ObjectCodec<TotalLimit>("totalLimit", "The most a supply may give in all.", isInline: true);
        var readTotal = Limit(totalLimit, value => value.Limit);
        totalLimit.Makes(values => new TotalLimit(readTotal(values)) { Unknown = values.Unknown }, value => value.Unknown);

        var supply = new ObjectCodec<Supply>("supply", "What one supply, brick or converter can give.");
        var id = supply.Required("id", Id, value => value.Id, "Unique within the graft.");
        var part = supply.Required("part", Id, value => value.Part, "The part that is the supply.");
        var outputs = supply.Many("rails", rail, GraftFileLimits.Rails, value => value.Rails, "Its outputs.");
        var combined = supply.Many("combined", shared, GraftFileLimits.Rails, value => value.Combined, "Limits that several rails share.");
        var total = supply.Optional("total", totalLimit, value => value.Total, "The most it may give in all.");
        return supply.Makes(values => new Supply(values.Of(id), values.Of(part))
        {
            Rails = values.Of(outputs),
            Combined = values.Of(combined),
            Total = values.Of(total),
            Unknown = values.Unknown,
        }, value => value.Unknown, CheckSupply);
    }

    private static Func<MemberValues, Known<Watts>> Limit<T>(ObjectCodec<T> owner, Func<T, Known<Watts>> get)
    {
        var watts = owner.Required("limitWatts", Power, value => get(value).Value, "The most it may carry without end.");
        var evidence = owner.Usual("evidence", Grade, value => get(value).Evidence, Evidence.Assumed, "Where that is known from.");
        var note = owner.Optional("note", Note, value => get(value).Note, "Anything worth remembering.");
        return values => new Known<Watts>(values.Of(watts), values.Of(evidence), values.Of(note));
    }

    private static void CheckSupply(Supply supply, ReadContext context)
    {
        CrossChecks.Unique(context, "rails", supply.Rails, rail => rail.Name);
        var names = supply.Rails.Select(rail => rail.Name).ToHashSet();
        foreach (var (index, shared) in supply.Combined.Index())
        {
            foreach (var (place, name) in shared.Rails.Index().Where(rail => !names.Contains(rail.Item)))
                context.Fail($".combined[{index}].rails[{place}]", ReadContext.Quote(name), $"a rail of this supply: {string.Join(", ", names)}");
        }
    }

    private static ObjectCodec<Load> DescribeLoad()
    {
        var draw = new ObjectCodec<Draw>("draw", "What a part takes from one rail, in amperes.", isInline: true);
        var rail = draw.Required("rail", RailName, value => value.Rail, "The rail.");
        var idle = draw.Required("idleAmps", CurrentSpread, value => value.Idle, "On, doing nothing: one number, or low, likely and high.");
        var typical = draw.Required("typicalAmps", CurrentSpread, value => value.Typical, "In ordinary use.");
        var peak = draw.Required("peakAmps", CurrentSpread, value => value.Peak, "The most it takes for minutes on end.");
        var evidence = draw.Usual("evidence", Grade, value => value.Evidence, Evidence.Assumed, "Where the figures come from.");
        var note = draw.Optional("note", Note, value => value.Note, "Where they were found, or what they leave out.");
        draw.Makes(values => new Draw(values.Of(rail), values.Of(idle), values.Of(typical), values.Of(peak), values.Of(evidence))
        {
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var load = new ObjectCodec<Load>("load", "All that one part takes from one supply.");
        var id = load.Required("id", Id, value => value.Id, "Unique within the graft.");
        var part = load.Required("part", Id, value => value.Part, "The part.");
        var supply = load.Required("supply", Id, value => value.Supply, "The supply that feeds it.");
        var draws = load.Many("draws", draw, GraftFileLimits.Rails, value => value.Draws, "What it takes, rail by rail.");
        return load.Makes(values => new Load(values.Of(id), values.Of(part), values.Of(supply)) { Draws = values.Of(draws), Unknown = values.Unknown },
            value => value.Unknown, (value, context) => CrossChecks.Unique(context, "draws", value.Draws, item => item.Rail));
    }
}
