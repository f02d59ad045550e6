using LooseGraft.Core.Circuit.Currents;
using LooseGraft.Core.Feed.Network;

namespace LooseGraft.Core.Tests.Feed;

public sealed class FeedSharesTests
{
    [Theory]
    [InlineData(0.25, 0.25)]
    [InlineData(0.9999999999, 1.0)] // all of it, but for rounding
    [InlineData(5e-11, null)] // nothing of it, but for rounding: what it takes is not fed here
    public void A_share_is_all_or_nothing_in_spite_of_rounding(double volts, double? share)
    {
        var network = new CurrentNetwork();
        network.AddNodes(2);
        var branch = network.AddBranch(0, 1, 1);
        var shares = new FeedShares(network, [[volts, 0]]);
        (int, double)[] expected = share is { } passing ? [(0, passing)] : [];
        Assert.Equal(expected, shares.Passing([(branch, 1, null)]));
    }

    [Fact]
    public void What_goes_there_by_one_conductor_and_back_by_another_passes_not_at_all()
    {
        var network = new CurrentNetwork();
        network.AddNodes(3);
        var (one, other) = (network.AddBranch(0, 1, 1), network.AddBranch(1, 2, 1));
        var shares = new FeedShares(network, [[1, 0.5, 0], [1, 0, 0]]);
        Assert.Equal([(1, 1.0)], shares.Passing([(one, 1, null), (other, -1, null)]));
        Assert.Equal([(one, 0.5), (other, 0.5)], shares.Of(0));
        Assert.Equal([(one, 1.0)], shares.Of(1));
    }
}
