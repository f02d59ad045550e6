using LooseGraft.Core.Cool.Measuring;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What would be read for some factors, held against shells that come to rest from the beginning.</summary>
public sealed class ReadModelTests
{
    [Theory]
    [InlineData(FanRun.Full)]
    [InlineData(FanRun.Board)]
    public void It_is_what_the_whole_shell_comes_to_rest_at(FanRun run)
    {
        // A tower in thin air: the chip is warm enough for its board to speed the fan up.
        var graft = Heated(45, Way("in", 6), Way("out", 9, 100)).Blown("out").Under("tower-passive").Idling(12);
        graft = graft.Read(60).Read(40, "box").Read(35, "box", work: HeatCase.Idle);
        graft = graft.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Run = run }] });
        var model = new ReadModel(graft, Bench.Flows(graft), [.. graft.Cooling.Readings], new ReviewWork());
        // The same air with another contact, other air, and back again.
        (double Air, double Contact)[] factors = [(1, 1), (1, 1.6), (0.5, 1.6), (0.5, 0.7), (1, 1.6), (1, 1)];
        Assert.All(factors, at =>
        {
            var (peak, idle) = (CoolRest.Rest(graft, at.Air, at.Contact), CoolRest.Rest(graft, at.Air, at.Contact, HeatCase.Idle));
            double[] rest = [peak.Spots[0], peak.Spaces[0], idle.Spaces[0]];
            Assert.All(rest.Zip(model.Predict([Math.Log(at.Air), Math.Log(at.Contact)])), pair => Assert.Equal(pair.First, pair.Second, 0.05));
        });
        var far = CoolRest.Rest(graft, 1, 1.6).Spaces[0] - CoolRest.Rest(graft, 1, 1).Spaces[0];
        Assert.Equal(run == FanRun.Board, Math.Abs(far) > 1);
    }
}
