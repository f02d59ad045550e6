using LooseGraft.Core.Feed;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Amperes and watts that pass a place, and what contacts and wires bear of them.</summary>
public sealed class ThroughputTests
{
    [Fact]
    public void Amperes_are_held_against_amperes_and_watts_against_watts()
    {
        Throughput two = new Amps(2), three = new Amps(3), watts = new Watts(3);
        Assert.Equal((5.0, -1.0, 1.5), ((two + three).Value, (two - three).Value, three / two));
        Assert.True(two < three && three > two && two <= three && three >= two && two <= 1 * two && two >= 1 * two && !(two < 1 * two) && !(two > 1 * two));
        Assert.Equal(("3 A", "3 W"), (three.ToString(), watts.ToString()));
        Assert.Throws<InvalidOperationException>(() => two + watts);
        Assert.Throws<InvalidOperationException>(() => two < watts);
        Assert.Throws<InvalidOperationException>(() => watts / two);
    }

    [Theory]
    [InlineData(16, 10, 0.0132)]
    [InlineData(17, 8.3666, 0.01665)] // the geometric mean of 16 and 18
    [InlineData(18, 7, 0.0210)]
    [InlineData(19, 5.9161, 0.02644)]
    [InlineData(21, 3.873, 0.04201)]
    [InlineData(29, 0.6325, 0.26871)]
    [InlineData(30, 0.5, 0.339)]
    [InlineData(12, 10, 0.0132)] // thicker than the thickest listed counts as that
    public void Every_gauge_has_its_own_figures(int awg, double amps, double ohmPerMetre)
    {
        Assert.Equal(amps, WireGauge.Of(awg).Amps, 0.0005);
        Assert.Equal(ohmPerMetre, WireGauge.Of(awg).OhmPerMetre, 0.00005);
    }

    [Theory]
    [InlineData("atx-main-24", 1, 0, 1)]
    [InlineData("atx-main-24", 2, 0, 0.66667)] // one of 5 mΩ beside one of 10
    [InlineData("atx-main-24", 5, 0, 0.33333)]
    [InlineData("drive-power-15", 3, 0, 0.5)]
    [InlineData("atx-main-24", 2, 0.020, 0.54545)] // 25 beside 30: a long wire evens them out
    public void The_worst_of_contacts_side_by_side_takes_what_its_least_resistance_gives_it(string type, int contacts, double wireOhms, double share)
        => Assert.Equal(share, ContactOhms.Of(ConnectorTypes.Find(type)!).WorstShare(contacts, wireOhms), 0.00001);
}
