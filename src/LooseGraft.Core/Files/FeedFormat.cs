using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what feeds and what is fed is written.</summary>
internal static class FeedFormat
{
    private static readonly Codec<string> PlugName = new TextCodec(80, pattern: "^[a-z0-9-]+/[a-z0-9-]+$", patternWords: "a plug, written string/plug");

    public static readonly ObjectCodec<Supply> Supply = DescribeSupply();
    public static readonly ObjectCodec<Load> Load = DescribeLoad();
    public static readonly ObjectCodec<WallReading> WallReading = DescribeWallReading();

    private static ObjectCodec<WallReading> DescribeWallReading()
    {
        var reading = new ObjectCodec<WallReading>("wallReading", "What a plug-in meter at the wall showed.");
        var id = reading.Required("id", Id, value => value.Id, "Unique within the graft.");
        var at = reading.Required("at", new InstantCodec(), value => value.At, "When.");
        var work = reading.Required("work", new ChoiceCodec<WallWork>(), value => value.Work, "What the machine was doing.");
        var mean = reading.Required("meanWatts", Power, value => value.Mean, "The mean power at the wall.");
        var often = reading.Optional("p95Watts", Power, value => value.MostOften, "What nineteen in twenty samples stayed under.");
        var highest = reading.Optional("highestWatts", Power, value => value.Highest, "The highest sample.");
        var behind = reading.Optional("supply", Id, value => value.Supply, "The supply that was behind the meter, where several hang on the wall.");
        var without = reading.Many("without", Id, GraftFileLimits.Parts, value => value.Without, "Parts that were not in.");
        var note = reading.Optional("note", Note, value => value.Note, "What was running, or where it comes from.");
        return reading.Makes(values => new WallReading(values.Of(id), values.Of(at), values.Of(work), values.Of(mean))
        {
            MostOften = values.Of(often),
            Highest = values.Of(highest),
            Supply = values.Of(behind),
            Without = values.Of(without),
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<SupplyLead> DescribeString()
    {
        var plug = new ObjectCodec<SupplyPlug>("supplyPlug", "One plug on a string.", isInline: true);
        var plugId = plug.Required("id", Id, value => value.Id, "Unique within the string.");
        var connector = plug.Required("connector", Connector, value => value.Type, "The kind of connector.");
        var port = plug.Optional("port", Id, value => value.Port, "Which port of the supply's part it is.");
        var parts = plug.Optional("parts", new FlagCodec(), value => value.Parts, "Whether it parts in two, as 20+4, 4+4 and 6+2 plugs do.");
        plug.Makes(values => new SupplyPlug(values.Of(plugId), values.Of(connector))
        {
            Port = values.Of(port),
            Parts = values.Of(parts),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var lead = new ObjectCodec<SupplyLead>("string", "A lead of a supply with its plugs.");
        var id = lead.Required("id", Id, value => value.Id, "Unique within the supply.");
        var name = lead.Required("name", Name, value => value.Name, "What a builder calls it.");
        var awg = lead.Usual("awg", Gauge, value => value.Awg, WireGauge.Usual, "Gauge of its wires.");
        var length = lead.Optional("lengthMm", Length, value => value.Length, "Its length to the last plug.");
        var wires = lead.Usual("wiresEach", new IntegerCodec(1, 16), value => value.WiresEach, 1, "Wires side by side for each supply.");
        var rails = lead.Many(
            "rails", OutputName, GraftFileLimits.Rails, value => value.Rails, "The rails its wires come from, where several give one voltage.");
        var few = new ObjectCodec<RailWires>("railWires", "How many wires of a lead carry one rail.", isInline: true);
        var rail = few.Required("rail", OutputName, value => value.Rail, "The rail, or ground.");
        var count = few.Required("wires", new IntegerCodec(1, 16), value => value.Wires, "Wires side by side.");
        few.Makes(values => new RailWires(values.Of(rail), values.Of(count)) { Unknown = values.Unknown }, value => value.Unknown);
        var railWires = lead.Many("railWires", few, GraftFileLimits.Rails, value => value.RailWires, "Wires for single rails that have another number.");
        var plugs = lead.Many("plugs", plug, GraftFileLimits.SupplyLeads, value => value.Plugs, "Its plugs.");
        return lead.Makes(values => new SupplyLead(values.Of(id), values.Of(name))
        {
            Awg = values.Of(awg),
            Length = values.Of(length),
            WiresEach = values.Of(wires),
            Rails = values.Of(rails),
            RailWires = values.Of(railWires),
            Plugs = values.Of(plugs),
            Unknown = values.Unknown,
        }, value => value.Unknown, (value, context) =>
        {
            CrossChecks.Unique(context, "plugs", value.Plugs, item => item.Id);
            CrossChecks.Unique(context, "rails", value.Rails, name => name);
            CrossChecks.Unique(context, "railWires", value.RailWires, item => item.Rail);
        });
    }

    private static ObjectCodec<Supply> DescribeSupply()
    {
        var rail = new ObjectCodec<Rail>("rail", "One output of a supply.", isInline: true);
        var output = rail.Required("output", SupplySignal, value => value.Output, "The voltage it gives.");
        var label = rail.Optional("name", new TextCodec(20), value => value.Label, "What the label calls it where that is not its voltage, such as 12V1.");
        var railLimit = rail.Required("limitAmps", Current, value => value.Limit.Value, "The most it may carry without end.");
        var railEvidence = rail.Usual("evidence", Grade, value => value.Limit.Evidence, Evidence.Assumed, "Where that is known from.");
        var railNote = rail.Optional("note", Note, value => value.Limit.Note, "Anything worth remembering.");
        rail.Makes(values => new Rail(values.Of(output), new Known<Amps>(values.Of(railLimit), values.Of(railEvidence), values.Of(railNote)))
        {
            Label = values.Of(label) is { } said && said != values.Of(output).Name ? said : null,
            Unknown = values.Unknown,
        },
            value => value.Unknown);

        var shared = new ObjectCodec<CombinedLimit>("combinedLimit", "A limit that several rails share.", isInline: true);
        var rails = shared.Required("rails", new ListCodec<string>(OutputName, GraftFileLimits.Rails), value => value.Rails, "The rails that share it.");
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
        var input = new ObjectCodec<MeantInput>("meantInput", "What is meant to feed a supply inside the graft.", isInline: true);
        var upstream = input.Required("supply", Id, value => value.Supply, "The supply upstream.");
        var upstreamRail = input.Required("rail", OutputName, value => value.Rail, "Its rail.");
        var upstreamPlug = input.Optional("plug", PlugName, value => value.Plug, "The plug it shall take there.");
        input.Makes(values => new MeantInput(values.Of(upstream), values.Of(upstreamRail)) { Plug = values.Of(upstreamPlug), Unknown = values.Unknown },
            value => value.Unknown);
        var meant = supply.Optional("meant", input, value => value.Meant, "What shall feed it where no joint does, unless it hangs on the wall.");
        var efficiency = supply.Optional(
            "efficiency", new ChoiceCodec<EfficiencyClass>(), value => value.Class, "How much of what it takes it gives on, by its label.");
        var age = supply.Optional("ageYears", new NumberCodec(0, 100), value => value.AgeYears, "Its age in years.");
        var hot = supply.Usual("runsHot", new FlagCodec(), value => value.RunsHot, false, "Whether it sits where it gets hot.");
        var strings = supply.Many("strings", DescribeString(), GraftFileLimits.SupplyLeads, value => value.Leads, "Its leads with their plugs.");
        return supply.Makes(values => new Supply(values.Of(id), values.Of(part))
        {
            Rails = values.Of(outputs),
            Combined = values.Of(combined),
            Total = values.Of(total),
            Meant = values.Of(meant),
            Class = values.Of(efficiency),
            AgeYears = values.Of(age),
            RunsHot = values.Of(hot),
            Leads = values.Of(strings),
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
        CrossChecks.Unique(context, "strings", supply.Leads, lead => lead.Id);
        var names = supply.Rails.Select(rail => rail.Name).ToHashSet();
        foreach (var (index, shared) in supply.Combined.Index())
        {
            foreach (var (place, name) in shared.Rails.Index().Where(rail => !names.Contains(rail.Item)))
                context.Fail($".combined[{index}].rails[{place}]", ReadContext.Quote(name), $"a rail of this supply: {string.Join(", ", names)}");
        }

        foreach (var (at, lead) in supply.Leads.Index())
        {
            foreach (var (place, name) in lead.Rails.Index().Where(rail => !names.Contains(rail.Item)))
                context.Fail($".strings[{at}].rails[{place}]", ReadContext.Quote(name), $"a rail of this supply: {string.Join(", ", names)}");
            foreach (var (place, few) in lead.RailWires.Index().Where(few => few.Item.Rail != RailWires.Ground && !names.Contains(few.Item.Rail)))
                context.Fail($".strings[{at}].railWires[{place}].rail", ReadContext.Quote(few.Rail), $"a rail of this supply, or ground: {string.Join(", ", names)}");
            foreach (var alike in supply.Rails.GroupBy(rail => rail.Output.Name).Where(same => same.Count(rail => lead.Rails.Contains(rail.Name)) > 1))
                context.Fail($".strings[{at}].rails", string.Join(" and ", alike.Select(rail => rail.Name)), $"one rail of {alike.Key}; a lead hangs on one");
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
        var socket = draw.Optional("port", Id, value => value.Socket, "The port it enters by, apart from all others of the part.");
        var holds = draw.Usual("holdsPower", new FlagCodec(), value => value.HoldsPower, false, "Whether it takes the same watts whatever the voltage.");
        var note = draw.Optional("note", Note, value => value.Note, "Where they were found, or what they leave out.");
        var start = draw.Optional("startAmps", CurrentSpread, value => value.Start, "For the second in which it starts, where that differs.");
        var spike = draw.Optional("spikeAmps", CurrentSpread, value => value.Spike, "For milliseconds now and then, where that differs.");
        draw.Makes(values => new Draw(values.Of(rail), values.Of(idle), values.Of(typical), values.Of(peak), values.Of(evidence))
        {
            Socket = values.Of(socket),
            HoldsPower = values.Of(holds),
            Note = values.Of(note),
            Start = values.Of(start),
            Spike = values.Of(spike),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var way = new ObjectCodec<MeantWay>("meantWay", "How a part is meant to be fed as long as no joint says so.", isInline: true);
        var supply = way.Required("supply", Id, value => value.Supply, "The supply that shall feed it.");
        var plug = way.Optional("plug", PlugName, value => value.Plug, "The plug of its supply that it shall take.");
        var through = way.Optional("through", PortName, value => value.Through, "The port of another part that shall feed it on.");
        var own = way.Optional("rail", OutputName, value => value.Rail, "The rail of that supply itself, where several serve.");
        way.Makes(values => new MeantWay(values.Of(supply))
        {
            Plug = values.Of(plug),
            Through = values.Of(through),
            Rail = values.Of(own),
            Unknown = values.Unknown,
        }, value => value.Unknown);

        var held = new ObjectCodec<PowerCap>("powerCap", "The watts to which a setting holds a part.", isInline: true);
        var readCap = Limit(held, value => value.Limit);
        held.Makes(values => new PowerCap(readCap(values)) { Unknown = values.Unknown }, value => value.Unknown);

        var load = new ObjectCodec<Load>("load", "What one part takes; by what way is read from the joints.");
        var id = load.Required("id", Id, value => value.Id, "Unique within the graft.");
        var part = load.Required("part", Id, value => value.Part, "The part.");
        var draws = load.Many("draws", draw, GraftFileLimits.Rails, value => value.Draws, "What it takes, rail by rail.");
        var meant = load.Optional("meant", way, value => value.Meant, "How it shall be fed where no joint feeds it.");
        var cap = load.Optional("cap", held, value => value.Cap, "What a setting holds it to in ordinary use and at peak.");
        var inTurn = load.Usual("startsInTurn", new FlagCodec(), value => value.StartsInTurn, false, "Whether it waits for others that do the same to start.");
        return load.Makes(values => new Load(values.Of(id), values.Of(part))
        {
            Draws = values.Of(draws),
            Cap = values.Of(cap),
            StartsInTurn = values.Of(inTurn),
            Meant = values.Of(meant),
            Unknown = values.Unknown,
        },
            value => value.Unknown, (value, context) => CrossChecks.Unique(context, "draws", value.Draws, item => (item.Rail, item.Socket)));
    }
}
