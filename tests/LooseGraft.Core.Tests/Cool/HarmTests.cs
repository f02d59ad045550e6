using LooseGraft.Core.Cool;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Tests.Seat;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>What warm air softens or harms that makes no heat of its own.</summary>
public sealed class HarmTests
{
    private static readonly MountPlane Sheet = SeatBench.Tray() with
    {
        Lid = new(60),
        BehindAreas = [new BehindArea("old battery", new PlanRectangle(0, 0, 50, 50), new(5), BehindKind.Battery),
            new BehindArea("screen", new PlanRectangle(60, 0, 50, 50), new(5), BehindKind.Thing)],
    };

    // Where nothing makes heat the air is as warm as the room.
    private static Finding[] Found(MountMethod? method, Spread<Celsius> room, MountPlane? plane = null)
    {
        var graft = SeatBench.Seated(plane ?? SeatBench.Tray() with { Lid = new(60) })
            .At(seat => seat with { Holes = [new HoleMounting(1, method ?? MountMethod.Move), new HoleMounting(2, MountMethod.Move)] });
        return [.. Core.Review.Of(graft with { Cooling = new Cooling { Room = room } }).At(Stage.Cool).Where(finding => finding.Rule.Code == "COOL-010")];
    }

    private static Spread<Celsius> Exactly(double celsius) => Spread<Celsius>.Exactly(new(celsius));

    [Theory]
    [InlineData(MountMethod.AdhesivePillar, 55, Harmed.Glue)]
    [InlineData(MountMethod.Tie, 85, Harmed.Plastic)]
    [InlineData(MountMethod.PlasticStud, 85, Harmed.Plastic)]
    public void What_holds_a_board_gives_way_beyond_its_figure(MountMethod method, double most, Harmed harmed)
    {
        Assert.Empty(Found(method, Exactly(most)));
        var finding = Assert.Single(Found(method, Exactly(most + 0.1)));
        Assert.Equal((Severity.Fix, new PartSubject("board"), harmed), (finding.Severity, finding.Subject, Assert.IsType<WarmAirHarms>(finding.Case).Harmed));
        Assert.Equal(Severity.Check, Assert.Single(Found(method, new(new(20), new(most - 1), new(most + 20)))).Severity);
        Assert.Empty(Found(MountMethod.ThroughBolt, Exactly(most + 0.1)));
    }

    [Fact]
    public void A_battery_behind_a_sheet_stands_45_degrees()
    {
        Assert.Empty(Found(null, Exactly(45), Sheet));
        var finding = Assert.Single(Found(null, Exactly(45.1), Sheet));
        Assert.Equal((Severity.Fix, new SpaceSubject(Sheet.Id)), (finding.Severity, finding.Subject));
        Assert.StartsWith("Old battery lies behind", finding.Message);
        Assert.Equal(2, Found(MountMethod.AdhesivePillar, Exactly(56), Sheet).Length);
    }
}
