using LooseGraft.Core.Facts;
using LooseGraft.Core.Files.Codecs;
using LooseGraft.Core.Model;
using LooseGraft.Core.Quantities;
using static LooseGraft.Core.Files.FormatPieces;

namespace LooseGraft.Core.Files;

/// <summary>How what was asked, measured and seen is written.</summary>
internal static class BenchNotesFormat
{
    private static readonly InstantCodec Moment = new();
    private static readonly IntegerCodec Position = new(1, GraftFileLimits.Positions);

    private static readonly Codec<string> Said = new MappedCodec<string, string>(new TextCodec(ReadingText.Longest),
        text => ReadingText.TryRead(text) is null ? null : text, text => text, ReadingText.Allowed);

    private static readonly MappedCodec<string, LeadEnd> EndOfLead =
        new(new TextCodec(10), text => Model.LeadEnd.Parse(text), value => value.ToString(), "an end of the lead such as from-3 or to-7");

    public static readonly ObjectCodec<CaseAnswer> CaseAnswer = DescribeCaseAnswer();
    public static readonly ObjectCodec<GraftDonor> OtherDonor = DescribeOtherDonor();
    public static readonly ObjectCodec<Reading> Reading = DescribeReading();
    public static readonly ObjectCodec<Observation> Observation = DescribeObservation();
    public static readonly ObjectCodec<BenchRecord> Record = DescribeRecord();
    public static readonly ObjectCodec<ContinuityTest<LeadEnd>> LeadTest =
        DescribeTest("leadTest", "What the meter said between two ends of a made lead.", EndOfLead);

    public static readonly ObjectCodec<ContinuityTest<InnerEnd>> PartTest =
        DescribeTest("partTest", "What the meter said between two contacts of a lead that is a part.", LinkFormat.End);

    public static readonly ObjectCodec<LeadTie> LeadTie = DescribeLeadTie();

    private static ObjectCodec<CaseAnswer> DescribeCaseAnswer()
    {
        var answer = new ObjectCodec<CaseAnswer>("caseAnswer", "Whether the old case did something for the board.", isInline: true);
        var duty = answer.Required("duty", new ChoiceCodec<CaseDuty>(), value => value.Duty, "What it may have done.");
        var did = answer.Required("did", new FlagCodec(), value => value.Did, "Whether it did.");
        var metBy = answer.Optional("metBy", Id, value => value.MetBy, "The part that does it now.");
        var leftOff = answer.Optional("leftOff", Note, value => value.LeftOff, "What follows from leaving it off, when it is left off.");
        var note = answer.Optional("note", Note, value => value.Note, "How the old case did it.");
        return answer.Makes(values => new CaseAnswer(values.Of(duty), values.Of(did))
        {
            MetBy = values.Of(metBy),
            LeftOff = values.Of(leftOff),
            Note = values.Of(note),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<GraftDonor> DescribeOtherDonor()
    {
        var donor = new ObjectCodec<GraftDonor>("otherDonor", "A further machine that parts came out of.", isInline: true);
        var id = donor.Required("id", Id, value => value.Id!, "Unique among the donors.");
        var name = donor.Required("name", Name, value => value.Machine.Name, "What the builder calls it.");
        var kind = donor.Optional("kind", Name, value => value.Machine.Kind, "What it was: a kiosk, a desktop.");
        var note = donor.Optional("note", Note, value => value.Machine.Note, "Anything worth remembering.");
        var oldCase = donor.Many("oldCase", CaseAnswer, GraftFileLimits.CaseAnswers, value => value.OldCase, "What its case did.");
        return donor.Makes(
            values => new GraftDonor(values.Of(id), new Machine(values.Of(name))
            {
                Kind = values.Of(kind),
                Note = values.Of(note),
                Unknown = values.Unknown,
            }, values.Of(oldCase)), value => value.Machine.Unknown);
    }

    private static ObjectCodec<Reading> DescribeReading()
    {
        var reading = new ObjectCodec<Reading>("reading", "One reading taken at the bench.", isInline: true);
        var id = reading.Required("id", Id, value => value.Id, "Unique within the graft.");
        var at = reading.Required("at", Moment, value => value.At, "When it was taken.");
        var port = reading.Required("port", PortName, value => value.Port, "The port that was measured.");
        var red = reading.Optional("red", Position, value => value.Red, "Position under the red probe; left out for a reading of the whole port.");
        var black = reading.Optional("black", Position, value => value.Black, "Position under the black probe; left out when it lies on ground.");
        var mode = reading.Required("mode", new ChoiceCodec<MeterMode>(), value => value.Mode, "What the instrument was set to.");
        var power = reading.Usual("power", new ChoiceCodec<PowerState>(), value => value.Power, PowerState.Off, "Whether power was applied.");
        var act = reading.Usual("act", new ChoiceCodec<SwitchAct>(), value => value.Act, SwitchAct.AtRest, "What was done to the switch meanwhile.");
        var text = reading.Required("text", Said, value => value.Text, "What it showed, as it was said.");
        var instrument = reading.Optional("instrument", Name, value => value.Instrument, "What it was taken with.");
        return reading.Makes(values => new Reading(values.Of(id), values.Of(at), values.Of(port), values.Of(mode), values.Of(text))
        {
            Red = values.Of(red),
            Black = values.Of(black),
            Power = values.Of(power),
            Act = values.Of(act),
            Instrument = values.Of(instrument),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<Observation> DescribeObservation()
    {
        var observation = new ObjectCodec<Observation>("observation", "What was seen when the bare board was started.", isInline: true);
        var at = observation.Required("at", Moment, value => value.At, "When.");
        var watched = observation.Required("watched", new ChoiceCodec<WatchPoint>(), value => value.Watched, "What was watched.");
        var seen = observation.Required("seen", new FlagCodec(), value => value.WasSeen, "Whether it happened.");
        var donor = observation.Optional("donor", Id, value => value.Donor, "Of which other donor's board; left out for the first's.");
        var note = observation.Optional("note", Note, value => value.Note, "What exactly.");
        return observation.Makes(
            values => new Observation(values.Of(at), values.Of(watched), values.Of(seen))
            {
                Donor = values.Of(donor),
                Note = values.Of(note),
                Unknown = values.Unknown,
            },
            value => value.Unknown);
    }

    private static ObjectCodec<BenchRecord> DescribeRecord()
    {
        var record = new ObjectCodec<BenchRecord>("record", "Something that happened at the bench.", isInline: true);
        var id = record.Required("id", Id, value => value.Id, "Unique within the graft.");
        var at = record.Required("at", Moment, value => value.At, "When it was written down.");
        var kind = record.Required("kind", new ChoiceCodec<RecordKind>(), value => value.Kind, "What sort of thing.");
        var says = record.Required("says", Note, value => value.Says, "What happened, in the words of the moment.");
        var order = record.Optional("order", OrderFormat.Order, value => value.Order, "What was ordered.");
        var arrival = record.Optional("arrival", OrderFormat.Arrival, value => value.Arrival, "What came.");
        var corrects = record.Optional("corrects", Id, value => value.Corrects, "The record of an order or arrival that was a slip.");
        return record.Makes(values => new BenchRecord(values.Of(id), values.Of(at), values.Of(kind), values.Of(says))
        {
            Order = values.Of(order),
            Arrival = values.Of(arrival),
            Corrects = values.Of(corrects),
            Unknown = values.Unknown,
        }, value => value.Unknown);
    }

    private static ObjectCodec<LeadTie> DescribeLeadTie()
    {
        var tie = new ObjectCodec<LeadTie>("leadTie", "Two contacts of one end joined with each other.", isInline: true);
        var one = tie.Required("one", EndOfLead, value => value.One, "One contact.");
        var other = tie.Required("other", EndOfLead, value => value.Other, "The other, of the same end.");
        return tie.Makes(values => new LeadTie(values.Of(one), values.Of(other)) { Unknown = values.Unknown }, value => value.Unknown);
    }

    private static ObjectCodec<ContinuityTest<TEnd>> DescribeTest<TEnd>(string name, string words, Codec<TEnd> end)
        where TEnd : struct, IEquatable<TEnd>
    {
        var test = new ObjectCodec<ContinuityTest<TEnd>>(name, words, isInline: true);
        var one = test.Required("one", end, value => value.One, "Where one probe lay.");
        var other = test.Required("other", end, value => value.Other, "Where the other lay.");
        var beeped = test.Required("beeped", new FlagCodec(), value => value.Beeped, "Whether it beeped.");
        var at = test.Required("at", Moment, value => value.At, "When.");
        return test.Makes(
            values => new ContinuityTest<TEnd>(values.Of(one), values.Of(other), values.Of(beeped), values.Of(at)) { Unknown = values.Unknown },
            value => value.Unknown);
    }
}
