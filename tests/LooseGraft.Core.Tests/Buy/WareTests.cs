using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy;

/// <summary>A ware is its sort and its size: written, read back, and held against what is needed.</summary>
public sealed class WareTests
{
    [Theory]
    [InlineData("screw M3 6 mm")]
    [InlineData("screw M3 4–8.5 mm")]
    [InlineData("screw 6-32 from 4 mm")]
    [InlineData("screw self-tapping 5 10 mm")]
    [InlineData("standoff M3 6.5 mm")]
    [InlineData("nut M2.5")]
    [InlineData("wire black 22 AWG")]
    [InlineData("wire 22 AWG")]
    [InlineData("heat-shrink")]
    [InlineData("fuse 0.5 A")]
    [InlineData("fuse inline 5 A")]
    [InlineData("glue slow epoxy")]
    [InlineData("housing 2×7, 2.00 mm")]
    [InlineData("extension usb2-header 150 mm")]
    [InlineData("tool hole saw for metal with its own drill, slow, oil; file")]
    [InlineData("part adapter-drive")]
    [InlineData("for joint main-power")]
    [InlineData("for part card")]
    public void What_is_written_is_read_back(string text) => Assert.Equal(text, Ware(text).ToString());

    [Theory]
    [InlineData("Screw  M3 × 6 mm", "screw M3 6 mm")]
    [InlineData("screw M3 x6", "screw M3 6 mm")]
    [InlineData("screw M3 4-8 mm", "screw M3 4–8 mm")]
    [InlineData("WIRE 22awg red", "wire red 22 AWG")]
    [InlineData("fuse 2,5a", "fuse 2.5 A")]
    [InlineData("standoff m3 6,5mm", "standoff M3 6.5 mm")]
    public void It_is_read_as_people_type_it(string typed, string written) => Assert.Equal(written, Ware(typed).ToString());

    [Theory]
    [InlineData("")]
    [InlineData("bolt M3")]
    [InlineData("screws M3")]
    [InlineData("screw M7 6 mm")]
    [InlineData("screw M3 8–4 mm")]
    [InlineData("screw M3 0 mm")]
    [InlineData("screw M3 10001 mm")]
    [InlineData("wire 41 AWG")]
    [InlineData("fuse 0 A")]
    [InlineData("fuse 101 A")]
    [InlineData("part no-such-part")]
    [InlineData("extension no-such-plug 100 mm")]
    [InlineData("tool")]
    [InlineData("for joint")]
    [InlineData("glue a\u0007b")]
    public void What_is_no_ware_is_refused(string text) => Assert.Null(WareText.Read(text));

    [Fact]
    public void The_longest_is_a_hundred_characters()
    {
        Assert.NotNull(WareText.Read("tool " + new string('x', 95)));
        Assert.Null(WareText.Read("tool " + new string('x', 96)));
    }

    [Theory]
    [InlineData("screw M3 6 mm", "screw M3 6 mm", true)]
    [InlineData("screw M3 6 mm", "screw M3 3.1–8.1 mm", true)]
    [InlineData("screw M3 8.1 mm", "screw M3 3.1–8.1 mm", true)]
    [InlineData("screw M3 8.2 mm", "screw M3 3.1–8.1 mm", false)]
    [InlineData("screw M3 3 mm", "screw M3 3.1–8.1 mm", false)]
    [InlineData("screw 6-32 6 mm", "screw M3 6 mm", false)]
    [InlineData("screw M3", "screw M3 6 mm", false)]
    [InlineData("screw M3 30 mm", "screw M3 from 6 mm", true)]
    [InlineData("screw M3 from 6 mm", "screw M3 6–8 mm", false)]
    [InlineData("nut M3", "screw M3", false)]
    [InlineData("wire black 18 AWG", "wire black 22 AWG", true)]
    [InlineData("wire black 17 AWG", "wire black 22 AWG", false)]
    [InlineData("wire black 23 AWG", "wire black 22 AWG", false)]
    [InlineData("wire red 22 AWG", "wire black 22 AWG", false)]
    [InlineData("wire black 22 AWG", "wire 22 AWG", true)]
    [InlineData("fuse 2 A", "fuse 2 A", true)]
    [InlineData("fuse inline 1 A", "fuse 2 A", true)]
    [InlineData("fuse 2.1 A", "fuse 2 A", false)]
    [InlineData("fuse", "fuse 2 A", false)]
    [InlineData("tool Meter", "tool meter", true)]
    [InlineData("glue", "glue slow epoxy", false)]
    [InlineData("glue quick epoxy", "glue", true)]
    public void It_will_do_by_sort_thread_length_and_thickness(string offered, string needed, bool does)
        => Assert.Equal(does, Ware(offered).Meets(Ware(needed)));

    [Fact]
    public void Every_sort_is_written_down_in_its_order_with_a_rising_price()
        => Assert.All(WareFact.All.Index(), pair =>
        {
            Assert.Equal((WareKind)pair.Index, pair.Item.Kind);
            Assert.NotEmpty(pair.Item.Source);
            if (pair.Item.Price is { } price) Assert.True(price.Low > 0 && price.Low <= price.Likely && price.Likely <= price.High);
        });
}
