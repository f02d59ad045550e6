namespace LooseGraft.Core.Tests.Wire;

/// <summary>What is known of signals stands in their list, and is never read out of their names.</summary>
public class SignalFactsTests
{
    [Fact]
    public void Each_light_and_the_loudspeaker_has_two_ends_of_opposite_polarity()
    {
        var lights = SignalVocabulary.Standard.Entries.Where(entry => IsTwoEnded(entry)).GroupBy(entry => entry.Function).ToList();
        Assert.True(lights.Count >= 3);
        Assert.All(lights, ends => Assert.Equal([-1, 1], ends.Select(end => end.Polarity).Order()));
        Assert.All(SignalVocabulary.Standard.Entries.Where(entry => !IsTwoEnded(entry)), entry => Assert.Equal((0, null), (entry.Polarity, entry.Function)));
    }

    private static bool IsTwoEnded(SignalEntry entry) => entry.Family == SignalFamily.Light || entry.Drive == SignalDrive.Bridge;

    [Fact]
    public void Each_usb_line_has_its_port_and_every_port_the_same_lines()
    {
        var ports = SignalVocabulary.Standard.Entries.Where(entry => entry.Family == SignalFamily.Usb).GroupBy(entry => entry.UsbPort).ToList();
        Assert.Equal([1, 2], ports.Select(port => port.Key).Order());
        Assert.All(ports, port => Assert.Equal(ports[0].Select(entry => entry.UsbLine).Order(), port.Select(entry => entry.UsbLine).Order()));
    }

    [Theory]
    [InlineData("power-light+", "power-light", 1)]
    [InlineData("power-light-", "power-light", -1)]
    [InlineData("+12 V", "+12 V", 0)]
    [InlineData("my-own-thing-", "my-own-thing-", 0)]
    public void A_signal_knows_its_function_and_its_polarity(string name, string function, int polarity)
    {
        var signal = Signal.Parse(name)!;
        Assert.Equal((function, polarity), (signal.Function, signal.Polarity));
    }

    [Theory]
    [InlineData("3V3", "+3.3 V")]
    [InlineData("1v8", "+1.8 V")]
    [InlineData("12VSB", "+12 V standby")]
    [InlineData("+5V_SB", "+5 V standby")]
    [InlineData("AGND", "ground")]
    [InlineData("FANSENSE", "fan-tacho")]
    [InlineData("VCC", "supply")]
    public void A_signal_as_boards_print_it_keeps_its_physics(string printed, string expected) => Assert.Equal(expected, Signal.Parse(printed)?.Name);
}
