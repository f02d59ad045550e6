using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Mounts;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Cool.CoolRuleExamples;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What holds coolers, what is before blades, and what the sides of a shell stand.</summary>
public sealed class HoldTests
{
    private static Finding? Found(Graft graft, string code) => Core.Review.Of(graft).At(Stage.Cool).FirstOrDefault(finding => finding.Rule.Code == code);

    [Theory]
    [InlineData(null, 0, 0, CoolerFit.Unknown)]
    [InlineData(null, 75, 0, CoolerFit.Unknown)]
    [InlineData(null, 75, 75, CoolerFit.Meets)]
    [InlineData(null, 75, 90, CoolerFit.DoesNotMeet)]
    [InlineData(CoolerHold.Own, 75, 90, CoolerFit.DoesNotMeet)]
    [InlineData(CoolerHold.Own, 0, 0, CoolerFit.Meets)]
    [InlineData(CoolerHold.Bracket, 75, 90, CoolerFit.Meets)]
    [InlineData(CoolerHold.CasePosts, 75, 75, CoolerFit.NeedsPlate)]
    [InlineData(CoolerHold.Ties, 75, 75, CoolerFit.Improvised)]
    [InlineData(CoolerHold.Nothing, 75, 75, CoolerFit.DoesNotMeet)]
    public void A_cooler_is_judged_by_its_holes_and_by_what_holds_it(CoolerHold? hold, double board, double own, CoolerFit fit)
        => Assert.Equal(fit, new CoolerPlace("board") { Hold = hold, BoardHoles = Square(board), OwnHoles = Square(own) }.Fit());

    [Fact]
    public void Four_holes_meet_turned_by_a_quarter_and_never_two_lugs()
    {
        Assert.True(new HolePattern(new(90), new(54)).Meets(new(new(54.9), new(90))));
        Assert.False(new HolePattern(new(90), new(54)).Meets(new(new(90), new(90))));
        Assert.True(new HolePattern(new(98), null).Meets(new(new(97), null)));
        Assert.False(new HolePattern(new(98), null).Meets(new(new(96.9), null)));
        Assert.False(new HolePattern(new(98), null).Meets(new(new(98), new(98))));
    }

    [Fact]
    public void One_that_nothing_holds_is_a_stop_and_says_why_as_each_other_does()
    {
        Assert.Equal(Severity.Stop, Found(Holding(CoolerHold.Nothing), "COOL-024")!.Severity);
        var posts = Found(Holding(CoolerHold.CasePosts), "COOL-024")!;
        Assert.Equal(Severity.Fix, posts.Severity);
        Assert.Contains("part of the old case and stays behind", posts.Message);
        Assert.Contains("it wants 90 × 90 mm, and the board has 75 × 75 mm", Found(Holding(Square(75)!, Square(90)!), "COOL-024")!.Message);
        Assert.Contains("soften and stretch", Found(Holding(CoolerHold.Ties), "COOL-025")!.Message);
    }

    [Theory]
    [InlineData(null, null)]
    [InlineData(FanHold.Screws, null)]
    [InlineData(FanHold.Rubber, null)]
    [InlineData(FanHold.Ties, Severity.Check)]
    [InlineData(FanHold.Nothing, Severity.Fix)]
    public void A_fan_shakes_loose_from_what_is_makeshift(FanHold? hold, Severity? severity)
    {
        var found = Found(Through().Blown("high").Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { Hold = hold }] }), "COOL-025");
        Assert.Equal(severity, found?.Severity);
        if (found is null) return;
        Assert.Contains(hold == FanHold.Ties ? "a fan shakes" : "by its own shaking", found.Message);
        Assert.Equal(new FanHeld("fan", hold!.Value), found.Case);
    }

    [Fact]
    public void Bare_blades_are_told_of_where_somebody_said_so_but_not_those_of_a_supply()
    {
        Assert.Null(Found(Through().Blown("high"), "COOL-026"));
        var bare = Guarded(Through().Blown("high"), false);
        Assert.Contains("its blades are bare", Found(bare, "COOL-026")!.Message);
        Assert.Null(Found(Guarded(bare, true), "COOL-026"));
        Assert.Null(Found(bare with { Parts = [.. bare.Parts.Select(part => part.Id == "fan" ? part with { Kind = PartKind.Supply } : part)] }, "COOL-026"));

        static Graft Guarded(Graft graft, bool has)
            => graft.Cooled(cooling => cooling with { Fans = [cooling.Fans[0] with { HasGuard = has, Gap = has ? new(1) : null }] });
    }

    [Theory]
    [InlineData(PlaneMaterial.Wood, 70)]
    [InlineData(PlaneMaterial.Plastic, 55)]
    // Of what steel is warmer than the room outside, 5 W/m²K times 0.13 m²K/W come through.
    [InlineData(PlaneMaterial.Steel, 20 + (35 / 0.65))]
    [InlineData(PlaneMaterial.Aluminium, 20 + (35 / 0.39))]
    public void Each_material_has_its_limit(PlaneMaterial material, double air)
    {
        // The watts at which the upper bound of the air crosses it.
        var (low, high) = (1.0, 400.0);
        for (var half = 0; half < 20; half++)
        {
            var middle = (low + high) / 2;
            if (Core.Review.Of(Walled(material, middle)).Cool.At(HeatCase.Peak).Spaces[0].High.Value > air) high = middle;
            else low = middle;
        }

        Assert.Null(Found(Walled(material, low - 0.1), "COOL-023"));
        Assert.Equal(Severity.Note, Found(Walled(material, high + 0.1), "COOL-023")!.Severity);
        Assert.Equal(material == PlaneMaterial.Wood ? Severity.Fix : Severity.Check, Found(Walled(material, 2 * high), "COOL-023")!.Severity);
        Assert.Null(Found(Walled(PlaneMaterial.Laminate, 2 * high), "COOL-023"));
    }

    private static HolePattern? Square(double side) => side > 0 ? new HolePattern(new(side), new(side)) : null;
}
