namespace LooseGraft.Core.Tests.Quantities;

public sealed class VoltSpanTests
{
    [Theory]
    [InlineData(5, 4.75, true)]
    [InlineData(5, 4.74, false)]
    [InlineData(5, 5.26, true)]
    [InlineData(5, 5.27, false)]
    [InlineData(-12, -11.4, true)]
    [InlineData(-12, -11.39, false)]
    [InlineData(-12, -12.63, true)]
    [InlineData(-12, -12.64, false)]
    public void Around_a_nominal_voltage_lies_what_differs_by_a_share_of_the_larger(double nominal, double volts, bool expected)
    {
        Assert.Equal(expected, VoltSpan.Around(new Volts(nominal), 0.05).Contains(new Volts(volts)));
        Assert.Equal(expected, VoltSpan.Around(new Volts(volts), 0.05).Contains(new Volts(nominal)));
    }

    [Fact]
    public void A_span_rises_and_is_written_with_both_ends()
    {
        Assert.Throws<ArgumentException>(() => new VoltSpan(new Volts(20), new Volts(18)));
        Assert.Equal("18–20 V", new VoltSpan(new Volts(18), new Volts(20)).ToString());
        Assert.Equal("12 V", VoltSpan.Exactly(new Volts(12)).ToString());
        Assert.True(new VoltSpan(new Volts(18), new Volts(20)).Contains(VoltSpan.Exactly(new Volts(19))));
        Assert.False(new VoltSpan(new Volts(18), new Volts(20)).Contains(new VoltSpan(new Volts(19), new Volts(21))));
    }
}
