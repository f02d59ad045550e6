using CsCheck;

namespace LooseGraft.Core.Tests.Prove;

public sealed class ReadingTextTests
{
    [Theory]
    [InlineData("4.98 V", ReadingKind.Volts, 4.98)]
    [InlineData("4,98v", ReadingKind.Volts, 4.98)]
    [InlineData("-12.1", ReadingKind.Bare, -12.1)]
    [InlineData("−12.1 V", ReadingKind.Volts, -12.1)]
    [InlineData("350 mV", ReadingKind.Volts, 0.35)]
    [InlineData(".5", ReadingKind.Bare, 0.5)]
    [InlineData("OL", ReadingKind.OverRange, 0)]
    [InlineData("0.L", ReadingKind.OverRange, 0)]
    [InlineData("0.2 ohm", ReadingKind.Ohms, 0.2)]
    [InlineData("0.2 Ω", ReadingKind.Ohms, 0.2)]
    [InlineData("4k7", ReadingKind.Ohms, 4700)]
    [InlineData("2R2", ReadingKind.Ohms, 2.2)]
    [InlineData("1M0", ReadingKind.Ohms, 1_000_000)]
    [InlineData("10k", ReadingKind.Ohms, 10_000)]
    [InlineData("beep", ReadingKind.Beep, 0)]
    [InlineData("No  Beep", ReadingKind.NoBeep, 0)]
    [InlineData("37 mm", ReadingKind.Length, 37)]
    [InlineData("3,5 cm", ReadingKind.Length, 35)]
    [InlineData("13\"", ReadingKind.Length, 330.2)]
    [InlineData("2 11/16 in", ReadingKind.Length, 68.2625)]
    [InlineData("11/16", ReadingKind.Length, 17.4625)]
    [InlineData("26 + .4", ReadingKind.Length, 26.4)]
    [InlineData("26+0,45 mm", ReadingKind.Length, 26.45)]
    [InlineData("120 mA", ReadingKind.Amps, 0.12)]
    [InlineData("84 W", ReadingKind.Watts, 84)]
    [InlineData("5 volt", ReadingKind.Volts, 5)]
    [InlineData("5 volts", ReadingKind.Volts, 5)]
    [InlineData("2 a", ReadingKind.Amps, 2)]
    [InlineData("2 amp", ReadingKind.Amps, 2)]
    [InlineData("2 amps", ReadingKind.Amps, 2)]
    [InlineData("84 watt", ReadingKind.Watts, 84)]
    [InlineData("84 watts", ReadingKind.Watts, 84)]
    [InlineData("7 ohms", ReadingKind.Ohms, 7)]
    [InlineData("7 r", ReadingKind.Ohms, 7)]
    [InlineData("4.7 kohm", ReadingKind.Ohms, 4700)]
    [InlineData("4.7 kΩ", ReadingKind.Ohms, 4700)]
    [InlineData("2 megohm", ReadingKind.Ohms, 2e6)]
    [InlineData("2 Mohm", ReadingKind.Ohms, 2e6)]
    [InlineData("2 MΩ", ReadingKind.Ohms, 2e6)]
    [InlineData("2 inch", ReadingKind.Length, 50.8)]
    [InlineData("2 inches", ReadingKind.Length, 50.8)]
    [InlineData("1/2 mm", ReadingKind.Length, 0.5)]
    [InlineData("1/2 V", ReadingKind.Volts, 0.5)]
    [InlineData("-2 1/2 in", ReadingKind.Length, -63.5)]
    [InlineData("1000000000", ReadingKind.Bare, 1e9)]
    [InlineData("-1000000000", ReadingKind.Bare, -1e9)]
    [InlineData("beeps", ReadingKind.Beep, 0)]
    [InlineData("silent", ReadingKind.NoBeep, 0)]
    [InlineData("silence", ReadingKind.NoBeep, 0)]
    [InlineData("0l", ReadingKind.OverRange, 0)]
    [InlineData("o.l", ReadingKind.OverRange, 0)]
    [InlineData("o.l.", ReadingKind.OverRange, 0)]
    [InlineData("open", ReadingKind.OverRange, 0)]
    [InlineData("over", ReadingKind.OverRange, 0)]
    // Forty characters are looked at, and not one more: see below.
    [InlineData("5                                      V", ReadingKind.Volts, 5)]
    public void A_reading_is_typed_as_people_say_it(string text, ReadingKind kind, double value)
    {
        var reading = ReadingText.TryRead(text);
        Assert.Equal(kind, reading?.Kind);
        Assert.Equal(value, reading!.Value.Value, 9);
    }

    [Theory]
    [InlineData("")]
    [InlineData(null)]
    [InlineData("about five")]
    [InlineData("NaN")]
    [InlineData("1e309")]
    [InlineData("Infinity V")]
    [InlineData("4.9.8 V")]
    [InlineData("3/0 in")]
    [InlineData("9/8 in")]
    [InlineData("26 + 4")]
    [InlineData("12 furlongs")]
    [InlineData("9999999999 k")]
    [InlineData("<b>5</b>")]
    [InlineData("1000000001")]
    [InlineData("-1000000001")]
    [InlineData("8/8 in")]
    [InlineData("1 1/")]
    [InlineData("5                                       V")]
    public void What_is_no_reading_is_not_taken_for_one(string? text) => Assert.Null(ReadingText.TryRead(text));

    [Fact]
    public void No_text_at_all_makes_it_fall_over_or_give_a_figure_beyond_bounds()
        => Gen.String.Hold(text =>
        {
            if (ReadingText.TryRead(text) is { } reading) Assert.True(double.IsFinite(reading.Value) && Math.Abs(reading.Value) <= 1e9);
        });

    [Fact]
    public void What_is_said_back_is_read_as_the_same()
        => Gen.Select(Gen.Enum<ReadingKind>(), Gen.Int[-9999, 9999]).Hold((kind, hundredths) =>
        {
            var hasFigure = kind is not (ReadingKind.Beep or ReadingKind.NoBeep or ReadingKind.OverRange);
            var said = new SpokenReading(kind, hasFigure ? hundredths / 100.0 : 0);
            var again = ReadingText.TryRead(said.ToString());
            Assert.Equal(said.Kind, again?.Kind);
            Assert.Equal(said.Value, again!.Value.Value, 9);
        });

    [Theory]
    [InlineData("beep", true)]
    [InlineData("0.2 ohm", true)]
    [InlineData("OL", false)]
    [InlineData("no beep", false)]
    [InlineData("30 ohm", true)]
    [InlineData("30.1 ohm", null)]
    [InlineData("80 ohm", null)]
    [InlineData("99999 ohm", null)]
    [InlineData("100000 ohm", false)]
    [InlineData("5 V", null)]
    public void Joined_open_or_untold(string text, bool? joined) => Assert.Equal(joined, ReadingText.TryRead(text)!.Value.IsJoined);
}
