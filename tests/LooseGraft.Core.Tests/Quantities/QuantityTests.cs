namespace LooseGraft.Core.Tests.Quantities;

/// <summary>Amounts are added, compared and written alike, whatever their unit.</summary>
public sealed class QuantityTests
{
    public static TheoryData<Type> Types
        => [.. typeof(Volts).Assembly.GetTypes()
        .Where(type => type.IsValueType && type.GetInterfaces().Any(face => face.IsGenericType && face.GetGenericTypeDefinition() == typeof(IUnitQuantity<>)))];

    [Theory]
    [MemberData(nameof(Types))]
    public void Amounts_of_one_unit_are_added_taken_off_and_put_in_order(Type unit)
    {
        object Of(double value) => unit.GetMethod("Of")!.Invoke(null, [value])!;
        object Operator(string name, double left, double right) => unit.GetMethod("op_" + name)!.Invoke(null, [Of(left), Of(right)])!;
        Assert.Equal(Of(8), Operator("Addition", 5, 3));
        Assert.Equal(Of(2), Operator("Subtraction", 5, 3));
        foreach (var (left, right) in new[] { (3.0, 5.0), (5, 3), (5, 5) })
        {
            Assert.Equal(left < right, Operator("LessThan", left, right));
            Assert.Equal(left > right, Operator("GreaterThan", left, right));
            Assert.Equal(left <= right, Operator("LessThanOrEqual", left, right));
            Assert.Equal(left >= right, Operator("GreaterThanOrEqual", left, right));
            Assert.Equal(left.CompareTo(right), ((IComparable)unit.GetProperty("Value")!.GetValue(Of(left))!).CompareTo(right));
        }

        if (unit.GetField("Zero") is { } zero) Assert.Equal(Of(0), zero.GetValue(null));
    }

    [Fact]
    public void All_twelve_units_are_tried() => Assert.Equal(12, Types.Count);

    [Theory]
    [InlineData(0, "0 V")]
    [InlineData(-0.001, "0 V")]
    [InlineData(-0.005, "−0.01 V")]
    [InlineData(3.3, "3.3 V")]
    [InlineData(-12, "−12 V")]
    public void A_voltage_is_written_with_two_decimals_at_most_and_a_true_minus(double value, string text) => Assert.Equal(text, new Volts(value).ToString());

    [Theory]
    [InlineData(999, "999 ohm")]
    [InlineData(1000, "1 kilohm")]
    [InlineData(-1000, "−1 kilohm")]
    [InlineData(999_000, "999 kilohm")]
    [InlineData(1_000_000, "1 megohm")]
    [InlineData(2_200_000, "2.2 megohm")]
    public void A_resistance_is_written_as_builders_say_it(double value, string text) => Assert.Equal(text, new Ohms(value).ToString());

    [Theory]
    [InlineData(84.04, "84 W")]
    [InlineData(84.06, "84.1 W")]
    [InlineData(84.16, "84.2 W")]
    public void A_power_is_written_to_a_tenth(double value, string text) => Assert.Equal(text, new Watts(value).ToString());

    [Fact]
    public void What_air_does_is_written_no_finer_than_it_is_known()
        => Assert.Equal(["84 °C", "85 °C", "−3 °C", "3.4 L/s", "17.5 Pa", "12.5 cm²", "0.45 K/W", "0.52 times"],
            new object[] { new Celsius(84.4), new Celsius(84.6), new Celsius(-3), new LitresPerSecond(3.36), new Pascals(17.52), new SquareCentimetres(12.51),
                new KelvinsPerWatt(0.45), new Factor(0.521) }.Select(amount => amount.ToString()));

    [Fact]
    public void A_power_is_a_voltage_times_a_current_and_a_share_of_another()
    {
        Assert.Equal(new Watts(24), new Volts(12) * new Amps(2));
        Assert.Equal(0.25, new Watts(5) / new Watts(20));
        Assert.Equal(double.PositiveInfinity, new Watts(5) / Watts.Zero);
    }

    [Theory]
    [InlineData(180, "180 EUR")]
    [InlineData(12.5, "12.50 EUR")]
    [InlineData(0, "0 EUR")]
    [InlineData(-0.5, "−0.50 EUR")]
    public void Money_is_written_whole_or_to_the_cent(decimal amount, string text) => Assert.Equal(text, new Money(amount).In("EUR"));

    [Fact]
    public void Money_adds_up_to_the_cent()
    {
        Assert.Equal(new Money(0.3m), new Money(0.1m) + new Money(0.2m));
        Assert.Equal(new Money(-0.1m), new Money(0.1m) - new Money(0.2m));
        Assert.Equal(0, Money.Zero.Amount);
    }

    [Fact]
    public void Prices_add_up_end_by_end_and_count_by_count()
    {
        var plug = new PriceSpan(2, 3, 5);
        Assert.Equal(new PriceSpan(3, 5, 9), plug + new PriceSpan(1, 2, 4));
        Assert.Equal(new PriceSpan(8, 12, 20), plug * 4);
        Assert.Equal("~3 EUR (2–5)", plug.ToString());
        Assert.Equal("nothing", PriceSpan.Free.ToString());
    }

    [Fact]
    public void A_spread_rises_is_summed_and_taken_off_end_by_end()
    {
        static Spread<Amps> Of(double low, double likely, double high) => new(new Amps(low), new Amps(likely), new Amps(high));
        Assert.Equal(Of(3, 5, 9), Of(1, 2, 4) + Of(2, 3, 5));
        Assert.Equal(Of(6, 8, 9), new Amps(10) - Of(1, 2, 4));
        Assert.Equal("2 A (1–4 A)", Of(1, 2, 4).ToString());
        Assert.Equal("2 A", Of(2, 2, 2).ToString());
        Assert.Equal(Of(2, 2, 4), Of(2, 2, 4));
        Assert.Throws<ArgumentException>(() => Of(3, 2, 4));
        Assert.Throws<ArgumentException>(() => Of(1, 5, 4));
        Assert.Equal(Of(2, 4, 8), Of(1, 2, 4).Rising(amps => amps + amps));
    }
}
