namespace LooseGraft.Core.Tests.Stock;

public sealed class VoltRangeTests
{
    [Theory]
    [InlineData("18–20 V", 18, 20)]
    [InlineData("18-20", 18, 20)]
    [InlineData("9 V to 36 V", 9, 36)]
    [InlineData("4.75..5,25", 4.75, 5.25)]
    [InlineData("5–5 V", 5, 5)]
    public void Ranges_are_read_as_makers_print_them(string text, double low, double high)
        => Assert.Equal(new VoltSpan(new Volts(low), new Volts(high)), VoltRangeText.TryRead(text));

    [Theory]
    [InlineData(null)]
    [InlineData("19")]
    [InlineData("20–18")]
    [InlineData("0–5")]
    [InlineData("-5–5")]
    [InlineData("18–")]
    [InlineData("NaN–5")]
    [InlineData("1e309–2e309")]
    public void What_is_no_range_above_zero_is_not_taken_for_one(string? text) => Assert.Null(VoltRangeText.TryRead(text));
}
