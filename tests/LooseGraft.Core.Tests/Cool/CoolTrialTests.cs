using LooseGraft.Core.Cool;
using LooseGraft.Core.Feed;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRest;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What is tried without changing the graft.</summary>
public sealed class CoolTrialTests
{
    private static readonly Graft Shell = Heated(50, Way("in", 60), Way("out", 60)).Blown("out");

    private static CoolState Tried(CoolTrial trial, Graft? graft = null)
        => trial.Of(graft ?? Shell, FeedStage.Review(graft ?? Shell, Core.Review.Of(graft ?? Shell).Wire.Circuit.Netlist)).At(HeatCase.Peak).State;

    [Fact]
    public void Nothing_tried_is_as_it_is()
    {
        Assert.True(new CoolTrial().IsNothing && new CoolTrial(Held: "board").IsNothing);
        Assert.Equal(Shell, new CoolTrial().Apply(Shell));
        Assert.Equal(Rest(Shell).Spaces, Tried(new CoolTrial()).Spaces);
    }

    [Fact]
    public void In_another_room_the_fans_air_is_as_much_warmer()
    {
        var state = Tried(new CoolTrial(Room: new(30)));
        Assert.Equal(30, state.Room);
        // Air at 10 K more carries a hair less by volume where it rises: with a fan nothing to speak of.
        Assert.Equal(Rest(Shell).Spaces[0] + 10, state.Spaces[0], 1);
    }

    [Fact]
    public void Every_fan_gets_its_share_of_the_volts_that_it_is_made_for()
    {
        var two = Shell.Blown("in", AirDirection.In, "small").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0], cooling.Fans[1] with { Rated = new(5) }],
        });
        Assert.Equal([0.75, 0.75], Tried(new CoolTrial(FanShare: 0.75), two).Speeds);
        Assert.True(Tried(new CoolTrial(FanShare: 0.5)).Spaces[0] > Rest(Shell).Spaces[0] + 1);
    }

    [Fact]
    public void A_part_that_is_held_heats_by_no_more_than_that()
    {
        Assert.Equal(Rest(Heated(20, Way("in", 60), Way("out", 60)).Blown("out")).Spaces[0], Tried(new CoolTrial(Held: "board", Cap: new(20))).Spaces[0], 6);
        Assert.Equal(Rest(Shell).Spaces[0], Tried(new CoolTrial(Held: "board", Cap: new(60))).Spaces[0], 6);
        var held = Shell with { Loads = [Shell.Loads[0] with { Cap = new PowerCap(new Known<Watts>(new(10), Evidence.Measured)) }] };
        Assert.Equal(50, CoolTrial.MostWatts(held, "board").Value, 9);
    }
}
