using LooseGraft.Core.Findings;
using LooseGraft.Core.Prove;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Prove;

public sealed class ReadingJudgeTests
{
    [Theory]
    // Volts with the machine on.
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.On, "4.98 V", ReadingVerdict.Confirms, null)]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.On, "4.98", ReadingVerdict.Confirms, null)]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.On, "12.1", ReadingVerdict.Contradicts, "+12 V")]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.On, "0.01", ReadingVerdict.Contradicts, null)]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.Off, "0", ReadingVerdict.LeavesOpen, null)]
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "-12.1", ReadingVerdict.Confirms, null)]
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "12.1", ReadingVerdict.Contradicts, "+12 V")]
    // A tenth either way on the negative rail, a twentieth on the positive ones.
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "-10.81", ReadingVerdict.Confirms, null)]
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "-10.79", ReadingVerdict.Contradicts, null)]
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "-13.19", ReadingVerdict.Confirms, null)]
    [InlineData("-12 V", MeterMode.VoltsDc, PowerState.On, "-13.21", ReadingVerdict.Contradicts, null)]
    [InlineData("+12 V", MeterMode.VoltsDc, PowerState.On, "11.41", ReadingVerdict.Confirms, null)]
    [InlineData("+12 V", MeterMode.VoltsDc, PowerState.On, "11.39", ReadingVerdict.Contradicts, null)]
    [InlineData("+12 V", MeterMode.VoltsDc, PowerState.On, "12.59", ReadingVerdict.Confirms, null)]
    [InlineData("+12 V", MeterMode.VoltsDc, PowerState.On, "12.61", ReadingVerdict.Contradicts, null)]
    [InlineData("ground", MeterMode.VoltsDc, PowerState.On, "0.00", ReadingVerdict.LeavesOpen, null)]
    [InlineData("ground", MeterMode.VoltsDc, PowerState.On, "5.02", ReadingVerdict.Contradicts, "+5 V")]
    [InlineData("none", MeterMode.VoltsDc, PowerState.On, "3.31", ReadingVerdict.Contradicts, "+3.3 V")]
    [InlineData("unknown", MeterMode.VoltsDc, PowerState.On, "12.2", ReadingVerdict.LeavesOpen, "+12 V")]
    [InlineData("power-switch", MeterMode.VoltsDc, PowerState.On, "11.9", ReadingVerdict.Contradicts, "+12 V")]
    [InlineData("power-switch", MeterMode.VoltsDc, PowerState.On, "3.3", ReadingVerdict.LeavesOpen, null)] // a pulled-up input, or the +3.3 V rail
    [InlineData("power-switch", MeterMode.VoltsDc, PowerState.On, "2.6", ReadingVerdict.Confirms, null)]
    // Standby: what stays on while the machine is off.
    [InlineData("+5 V standby", MeterMode.VoltsDc, PowerState.On, "5.0", ReadingVerdict.LeavesOpen, null)]
    [InlineData("+5 V standby", MeterMode.VoltsDc, PowerState.Standby, "5.0", ReadingVerdict.Confirms, null)]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.Standby, "5.0", ReadingVerdict.Contradicts, "+5 V standby")]
    [InlineData("+5 V", MeterMode.VoltsDc, PowerState.Standby, "0", ReadingVerdict.LeavesOpen, null)]
    // Beeps and ohms with power off.
    [InlineData("ground", MeterMode.Beep, PowerState.Off, "beep", ReadingVerdict.Confirms, null)]
    [InlineData("ground", MeterMode.Ohms, PowerState.Off, "0.3", ReadingVerdict.Confirms, null)]
    [InlineData("ground", MeterMode.Beep, PowerState.Off, "no beep", ReadingVerdict.Contradicts, null)]
    [InlineData("ground", MeterMode.Beep, PowerState.On, "beep", ReadingVerdict.LeavesOpen, null)] // nothing is measured so
    [InlineData("+5 V", MeterMode.Beep, PowerState.Off, "beep", ReadingVerdict.Contradicts, "ground")]
    [InlineData("+5 V", MeterMode.Ohms, PowerState.Off, "120 ohm", ReadingVerdict.LeavesOpen, null)]
    [InlineData("lid-sense", MeterMode.Ohms, PowerState.Off, "10k", ReadingVerdict.Confirms, null)]
    [InlineData("lid-sense", MeterMode.Beep, PowerState.Off, "no beep", ReadingVerdict.LeavesOpen, null)] // a rail is silent too
    [InlineData("lid-sense", MeterMode.Ohms, PowerState.Off, "80 ohm", ReadingVerdict.LeavesOpen, null)]
    [InlineData("fan-tacho", MeterMode.Ohms, PowerState.Off, "10k", ReadingVerdict.LeavesOpen, null)] // fan-control would show the same, and two outputs fight
    [InlineData("fan-control", MeterMode.VoltsDc, PowerState.On, "2.7", ReadingVerdict.LeavesOpen, null)]
    [InlineData("usb1-data+", MeterMode.Beep, PowerState.Off, "beep", ReadingVerdict.Contradicts, "ground")]
    [InlineData("none", MeterMode.Ohms, PowerState.Off, "OL", ReadingVerdict.Confirms, null)]
    [InlineData("ground", MeterMode.Beep, PowerState.Off, "5 V", ReadingVerdict.LeavesOpen, null)] // no resistance
    public void What_a_reading_against_ground_says_of_a_boards_contact(
        string signal, MeterMode mode, PowerState power, string text, ReadingVerdict verdict, string? suggests)
    {
        var judgement = Judge(Header(signal, evidence: Evidence.Diagram), PartKind.Board, mode, power, text);
        Assert.Equal((verdict, suggests), (judgement.Verdict, judgement.Suggests?.Name));
    }

    [Theory]
    [InlineData("power-light+,power-light-", "1.85 V", ReadingVerdict.Confirms, null)]
    [InlineData("power-light-,power-light+", "1.85 V", ReadingVerdict.Contradicts, "power-light+")]
    [InlineData("power-light+,power-light-", "OL", ReadingVerdict.LeavesOpen, null)]
    [InlineData("power-light+,power-light-", "beep", ReadingVerdict.Contradicts, null)]
    [InlineData("power-light+,drive-light-", "1.85 V", ReadingVerdict.LeavesOpen, null)]
    public void What_a_diode_test_says_of_a_light(string signals, string text, ReadingVerdict verdict, string? suggests)
    {
        var judgement = Judge(Plug(signals), PartKind.Panel, MeterMode.Diode, PowerState.Off, text, black: 2);
        Assert.Equal((verdict, suggests), (judgement.Verdict, judgement.Suggests?.Name));
    }

    [Theory]
    [InlineData("12 mm", ReadingVerdict.Confirms)] // six gaps of 2.00 mm
    [InlineData("15.24 mm", ReadingVerdict.Contradicts)] // six gaps of 2.54 mm
    [InlineData("0.6 in", ReadingVerdict.Contradicts)]
    [InlineData("12 V", ReadingVerdict.LeavesOpen)]
    public void A_span_over_many_contacts_tells_the_pitch(string text, ReadingVerdict verdict)
    {
        var port = Header("ground,ground,ground,ground,ground,ground,ground") with { OwnPitch = new Millimetres(2) };
        Assert.Equal(verdict, Judge(port, PartKind.Board, MeterMode.Length, PowerState.Off, text, red: null).Verdict);
    }

    [Fact]
    public void A_beep_to_a_contact_that_is_not_proven_itself_proves_nothing()
    {
        var port = Header("ground,ground", evidence: Evidence.Diagram);
        Assert.Equal(ReadingVerdict.LeavesOpen, Judge(port, PartKind.Board, MeterMode.Beep, PowerState.Off, "beep", black: 2).Verdict);
        var proven = port.With(Pin(2, "ground"));
        Assert.Equal(ReadingVerdict.Confirms, Judge(proven, PartKind.Board, MeterMode.Beep, PowerState.Off, "beep", black: 2).Verdict);
        var fed = port.With(Pin(2, "+5 V"));
        Assert.Equal("+5 V", Judge(fed, PartKind.Board, MeterMode.Beep, PowerState.Off, "beep", black: 2).Suggests?.Name);
    }

    [Fact]
    public void The_meaning_printed_beside_a_test_is_the_verdict_the_reading_will_get()
    {
        var port = Header("+5 V,ground,lid-sense,unknown,none,power-light+", evidence: Evidence.Diagram).With(Pin(2, "ground"));
        foreach (var test in port.AllPins().SelectMany(pin => ProbeTests.For(port, PartKind.Board, pin.Position)))
        {
            Assert.Equal(2, test.Red == 2 ? 2 : test.Black);
            Assert.All(test.Meanings,
                meaning => Assert.Equal(meaning.Judgement, Judge(port, PartKind.Board, test.Mode, test.Power, meaning.Reading, test.Red, test.Black)));
        }
    }

    [Fact]
    public void Every_test_of_a_contact_that_could_be_a_supply_warns_of_the_slip_and_could_prove_it()
    {
        var port = Header("+5 V,+5 V standby,-12 V", evidence: Evidence.Diagram);
        foreach (var test in port.AllPins().Select(pin => ProbeTests.For(port, PartKind.Board, pin.Position)[0]))
        {
            Assert.Contains("short", test.Caution);
            Assert.Contains(test.Meanings, meaning => meaning.Judgement.Verdict == ReadingVerdict.Confirms);
            Assert.Contains(test.Meanings, meaning => meaning.Judgement.Verdict == ReadingVerdict.Contradicts);
        }
    }

    [Fact]
    public void Only_the_newest_of_two_like_readings_counts_and_both_are_named_when_they_disagree()
    {
        var graft = Graft.Empty("test") with
        {
            Parts = [Board(Header("+5 V", evidence: Evidence.Diagram))],
            Readings = [Read("slip", "0 V"), Read("again", "5.01 V")],
        };
        var review = ProveStage.Review(graft);
        Assert.Equal([false, true], review.Readings.Select(judged => judged.IsNewest));
        var finding = Assert.Single(review.Findings);
        Assert.Equal("PROVE-002", finding.Rule.Code);
        Assert.Contains("0 V was read first and 5.01 V after", finding.Message);
        Assert.Equal(Severity.Check, finding.Severity);
    }

    private static Reading Read(string id, string text)
        => new(id, default, new PortId("board", "header"), MeterMode.VoltsDc, text) { Red = 1, Power = PowerState.On };

    private static ReadingJudgement Judge(Port port, PartKind kind, MeterMode mode, PowerState power, string text, int? red = 1, int? black = null)
        => ReadingJudge.Judge(port, kind, new Reading("reading", default, new PortId("part", port.Id), mode, text) { Red = red, Black = black, Power = power });
}
