using LooseGraft.Core.Wire.Circuits;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Wire;

public sealed class MoreCircuitsTests
{
    [Fact]
    public void The_pull_up_is_large_enough_to_be_sunk_and_small_enough_to_rise_in_time()
    {
        // 5 V / 3 mA = 1667 Ω at least; 1 m of wire and an input are 200 pF, and a tenth of a bit at 100 kbit/s is 1 µs: 1 µs / (0.8473 · 200 pF) = 5.9 kΩ at
        // most.
        var answer = LogicLevels.OpenCollector(new Volts(5), new Amps(0.003), new Millimetres(1000), 100e3);
        Assert.StartsWith("3.3 kilohm", answer.Words);
        Assert.False(LogicLevels.OpenCollector(new Volts(5), new Amps(0.003), new Millimetres(1000), 1e6).Works);
    }

    [Fact]
    public void An_impulse_relay_is_refused_what_its_supply_or_contact_cannot_bear()
    {
        Assert.True(SwitchCircuits.MomentaryToLatching(new Volts(5), new Ohms(125), new Amps(0.4), new Amps(10), new Amps(2)).Works);
        Assert.Contains("40 mA", SwitchCircuits.MomentaryToLatching(new Volts(5), new Ohms(125), new Amps(0.03), new Amps(10), new Amps(2)).Words);
        Assert.False(SwitchCircuits.MomentaryToLatching(new Volts(5), new Ohms(125), new Amps(0.4), new Amps(3), new Amps(2)).Works);
    }

    [Fact]
    public void A_tacho_is_told_in_two_pulses_a_turn()
        // 1500 a minute are 50 pulses a second: R2 = (1.44 / (50 · 1 µF) − 1 kΩ) / 2 = 13.9 kΩ; the nearest is 13 kΩ by frequency (53.3) or 15 kΩ (46.5).
        => Assert.Contains("53.3 pulses a second read as 1600", FanAndSoundCircuits.Tacho(1500).Figures[0]);

    [Theory]
    [InlineData(3, 0.15, 1, true, "The header bears them")]
    [InlineData(4, 0.15, 1, true, "Feed them through a hub")]
    [InlineData(7, 0.15, 1, false, "Feed them through a hub")]
    public void A_string_of_fans_counts_its_start(int count, double running, double header, bool works, string words)
    {
        var answer = FanAndSoundCircuits.FanString(count, new Amps(running), new Amps(header));
        Assert.Equal(works, answer.Works);
        Assert.StartsWith(words, answer.Words);
    }

    [Fact]
    public void Hum_is_the_drop_of_the_shared_current_against_line_level()
    {
        // 1 A over 0.4 m of 22 AWG at 0.053 Ω/m: 21.2 mV, 20 · log10(0.0212 / 0.316) = −23 dB.
        var answer = FanAndSoundCircuits.GroundLoop(new Amps(1), 22, new Millimetres(400));
        Assert.Contains("21.2 mV, 23 dB below", answer.Figures[0]);
        Assert.StartsWith("A sound transformer", answer.Words);
        Assert.Contains("Gauges in use", FanAndSoundCircuits.GroundLoop(new Amps(1), 21, new Millimetres(400)).Words);
    }

    [Fact]
    public void A_wrong_level_is_told_with_what_mends_it()
    {
        var graft = Joined(Header("clock") with { Pins = [Pin(1, "clock") with { Level = new Volts(5), Direction = Facts.SignalDirection.Out }] },
            Plug("clock") with { Pins = [Pin(1, "clock") with { Level = new Volts(3.3) }] });
        var finding = Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "WIRE-017");
        Assert.StartsWith("a divider:", finding.Remedies[0]);
    }
}
