using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Edits;
using LooseGraft.Core.Cool.Schools;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRuleExamples;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Four schools of judging whether the heat gets out.</summary>
public sealed class HeatSchoolTests
{
    private static HeatSchools Schools(Graft graft) => Core.Review.Of(graft).HeatSchools;

    private static HeatSchoolVerdict Of(Graft graft, HeatSchool school) => Schools(graft).Verdicts[(int)school];

    [Theory]
    [InlineData(50, HeatBand.Comfortable)]
    [InlineData(49.9, HeatBand.Throttles)]
    public void The_print_is_held_against_all_watts(double printed, HeatBand band)
    {
        Assert.Equal(band, Of(Printed(printed), HeatSchool.Printed).Band);
        Assert.Null(Of(Through(), HeatSchool.Printed).Band);
        var amps = new Spread<Amps>(new(1), new(4), new(5));
        var unsure = Printed(50) with { Loads = [Taking("board", 50) with { Draws = [new Draw("+12 V", amps, amps, amps, Evidence.Measured)] }] };
        Assert.Equal(HeatBand.Warm, Of(unsure, HeatSchool.Printed).Band);
    }

    [Theory]
    // 10 L/s carry 12.06 W for each kelvin.
    [InlineData(120.5, HeatBand.Comfortable)]
    [InlineData(120.7, HeatBand.Warm)]
    [InlineData(241.1, HeatBand.Warm)]
    [InlineData(241.3, HeatBand.Throttles)]
    public void The_thumb_divides_watts_by_what_fans_move_freely(double watts, HeatBand band)
    {
        Assert.Equal(band, Of(Thumbed(watts), HeatSchool.Thumb).Band);
        // One that helps the other on the way through moves no more; one that stirs moves none of it.
        var through = Thumbed(watts).Blown("low", AirDirection.In, "second").Cooled(cooling => cooling with
        {
            Fans = [cooling.Fans[0], cooling.Fans[1] with { FreeAir = new(10), Blocked = new(20) }],
        });
        Assert.Equal(band, Of(through, HeatSchool.Thumb).Band);
        var stirred = Through(watts).And("fan", PartKind.Fan).Cooled(cooling => cooling with { Fans = [new FanPlace("fan") { Size = new(80) }] });
        Assert.Null(Of(stirred, HeatSchool.Thumb).Band);
    }

    [Fact]
    public void What_was_read_counts_in_the_room_that_is_reckoned_with()
    {
        var read = Chip(100).Read(70).Cooled(cooling => cooling with { Readings = [cooling.Readings[0] with { Room = new(8) }] });
        var verdict = Of(read, HeatSchool.Measured);
        Assert.Equal((HeatBand.Comfortable, "82 °C (79–85 °C)"), (verdict.Band, verdict.Figure));
        Assert.Contains("was read at 70 °C, and 12 K more in a room of 20 °C", verdict.Words);
        Assert.Equal(HeatBand.Warm, Of(Chip(100).Read(82.1), HeatSchool.Measured).Band);
        Assert.Contains("was read at 82 °C.", Of(Chip(100).Read(82.1), HeatSchool.Measured).Words);
        var cooler = Chip(100).Read(70).Cooled(cooling => cooling with { Readings = [cooling.Readings[0] with { Room = new(21) }] });
        Assert.Contains("and 1 K less in a room", Of(cooler, HeatSchool.Measured).Words);
        Assert.Null(Of(Chip(100).Read(82.1, work: HeatCase.Typical), HeatSchool.Measured).Band);
        Assert.Null(Of(Chip(100).Read(82.1, minutes: 19), HeatSchool.Measured).Band);
        Assert.Null(Of(Through().Read(40, "box"), HeatSchool.Measured).Band);
    }

    [Fact]
    public void The_air_worked_out_counts_until_another_is_trusted_that_has_something_to_go_on()
    {
        Assert.Equal((HeatSchool.Network, null), (Schools(Through()).Trusted.School, Schools(Through()).Waiting));
        var measured = new TrustHeatSchool(HeatSchool.Measured).Apply(Through());
        Assert.Equal((HeatSchool.Network, HeatSchool.Measured), (Schools(measured).Trusted.School, Schools(measured).Waiting));
        Assert.Equal((HeatSchool.Measured, null), (Schools(measured.Read(60)).Trusted.School, Schools(measured.Read(60)).Waiting));
        // A gate is never opened by trusting what has nothing to go on, nor by trusting what says yes.
        var hot = new TrustHeatSchool(HeatSchool.Printed).Apply(Chip(151));
        Assert.Contains(Core.Review.Of(hot).At(Stage.Cool), finding => finding.Rule.Code == "COOL-003");
        Assert.DoesNotContain(Core.Review.Of(hot).At(Stage.Cool), finding => finding.Rule.Code == "COOL-022");
    }

    [Fact]
    public void Why_they_differ_is_put_together_from_what_each_leaves_out()
    {
        var tight = Heated(90, Way("in", 6), Way("out", 9)).Blown("out").Cooled(cooling => cooling with { ShellLimit = new(new(50), Evidence.Label) });
        var hot = CoolRest.Rest(tight.Cooled(cooling => cooling with { AirFactor = Spread<Factor>.Exactly(new(0.4)) })).Spaces[0];
        var words = Schools(tight.Read(hot, "box").Read(hot, way: "out")).WhyTheyDiffer;
        Assert.Contains("By the thumb the fans move 28.3 L/s; against covers and each other 1.6 L/s go through.", words);
        Assert.Contains("The print knows all watts as one", words);
        Assert.Contains("the air that is worked out", words);
        Assert.Equal("Only the network has anything to go on yet.", Schools(Through()).WhyTheyDiffer);
    }
}
