using CsCheck;
using LooseGraft.Core.Cool;
using LooseGraft.Core.Cool.Scene;
using static LooseGraft.Core.Tests.Cool.CoolBench;
using static LooseGraft.Core.Tests.Cool.CoolRest;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Temperatures worked by hand, and what holds of any shell.</summary>
public sealed class CoolSolverTests
{
    [Fact]
    public void A_closed_box_gives_its_watts_through_its_walls()
    {
        // Lid 0.12 m², sides 2 · (0.4 + 0.3) · 0.2 = 0.28 m², base on the table nothing: 0.4 m² of painted sheet at 5 W/m²K are 2 W/K, and 0.05 for what is
        // never tight. 20.5 W: 10 K.
        var state = Rest(Heated(20.5));
        Assert.Equal(30, state.Spaces[0], 9);
    }

    [Theory]
    [InlineData(ShellStand.AgainstWall, ShellTop.Lid, 0.32)]
    [InlineData(ShellStand.InCupboard, ShellTop.Lid, 0.08)]
    [InlineData(ShellStand.Free, ShellTop.Left, 0.46)]
    [InlineData(ShellStand.InCupboard, ShellTop.Front, 0.06)]
    public void Sides_that_stand_against_something_give_nothing(ShellStand stand, ShellTop top, double squareMetres)
    {
        var state = Rest(Heated(10).Cooled(cooling => cooling with { Stand = stand, Spaces = [cooling.Spaces[0] with { Top = top }] }));
        Assert.Equal(20 + (10 / ((5 * squareMetres) + HeatBalance.LeastWall)), state.Spaces[0], 9);
    }

    [Fact]
    public void A_fan_carries_watts_out_as_the_rule_of_thumb_says()
    {
        // A 120 mm fan of 28.3 L/s and 18.1 Pa in an opening as large as it pays a tenth of a velocity head; 200 cm² let in. Against both: about 24.5 L/s.
        var graft = Heated(100, Way("in", 200), Way("out", 150)).Blown("out").Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box")] });
        var (scene, state) = (Scene(graft), Rest(graft));
        var flow = state.Ways[0];
        var (free, blocked) = (scene.Figures[scene.Fans[0].FreeAir].Likely, scene.Figures[scene.Fans[0].Blocked].Likely);
        var fanArea = Math.PI / 4 * 0.12 * 0.12;
        Assert.Equal(blocked * (1 - (flow / free)), (0.6 * flow * flow * ((1 / (0.36 * 0.02 * 0.02)) + (0.1 / (fanArea * fanArea)))), 1);
        Assert.InRange(flow, 0.020, 0.026);
        Assert.Equal(-flow, state.Ways[1], 9);
        Assert.Equal(flow, state.Fans[0], 9);
        // P / (1206 · flow), less what the floor of 0.05 W/K takes.
        Assert.Equal(100 / ((1206 * flow) + HeatBalance.LeastWall), state.Spaces[0] - 20, 9);
    }

    [Fact]
    public void A_chimney_draws_what_its_own_warmth_lifts()
    {
        // Two openings of 100 cm², half a metre apart: Q = Cd·A/√2 · √(2·g·h·Δρ/ρ), and what it carries has to be what heats it.
        var state = Rest(Heated(100, Way("low", 100), Way("high", 100, height: 500)).Cooled(cooling => cooling with { Spaces = [new AirSpace("box", "box")] }));
        var (inside, room) = (state.Spaces[0] + 273.15, 293.15);
        var lift = 1.2 * 293.15 * ((1 / room) - (1 / inside)) * 9.81 * 0.5;
        Assert.Equal(0.6 * 0.01 / Math.Sqrt(2) * Math.Sqrt(2 * lift / 1.2), state.Ways[0], 4);
        Assert.Equal(-state.Ways[0], state.Ways[1], 9);
        Assert.Equal(100, ((1206 * state.Ways[0]) + HeatBalance.LeastWall) * (state.Spaces[0] - 20), 2);
        Assert.True(state.IsSettled);
    }

    [Fact]
    public void What_a_supply_in_the_shell_loses_heats_it_and_a_brick_outside_does_not()
    {
        Graft Fed(PartKind kind) => Heated(60).And("supply", kind) with
        {
            Supplies = [new Supply("supply", "supply")
            {
                Rails = [new Rail(Bench.Signal("+12 V"), Bench.Limit(10))], Total = new TotalLimit(new(new(120), Evidence.Label)), Class = EfficiencyClass.Gold,
            }],
            Loads = [Taking("board", 60) with { Meant = new MeantWay("supply") }],
            MainsVolts = 115,
        };
        // At half its load a gold one gives on 90 to 93 %: likely 91.5 % of 65.57 W, which leaves 5.57 W.
        Assert.Equal(20 + ((60 + (60 / 0.915) - 60) / (2 + HeatBalance.LeastWall)), Rest(Fed(PartKind.Supply)).Spaces[0], 6);
        Assert.Equal(20 + (60 / (2 + HeatBalance.LeastWall)), Rest(Fed(PartKind.Brick)).Spaces[0], 6);
        Assert.Equal(20, Rest(Fed(PartKind.Supply).Cooled(cooling => cooling with { Places = [new("supply", null), new("board", null)] })).Spaces[0], 6);
    }

    [Fact]
    public void A_chip_is_warmer_than_its_air_by_its_watts_and_its_cooler()
    {
        var graft = Heated(100).Cooled(cooling => cooling with
        {
            Places = [new HeatPlace("board", null)],
            Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find("box-cooler"), Resistance = Spread<KelvinsPerWatt>.Exactly(new(0.5)), Share = 1 }],
        });
        // 0.5 K/W at full speed, which its board gives from 80 °C on: 20 + 50 = 70 would be slower, and slower is hotter.
        var hot = Rest(graft).Spots[0];
        Assert.Equal(hot, 20 + (50 * Math.Pow(BoardCurve.ShareAt(hot), -0.6)), 3);
        Assert.InRange(hot, 70, 80);
        Assert.Equal(20 + 100, Rest(graft with { Loads = [Taking("board", 200)] }).Spots[0], 9);
    }

    [Theory]
    [InlineData(45, 0.3)]
    [InlineData(45.5, 0.31)]
    [InlineData(62.5, 0.65)]
    [InlineData(79.5, 0.99)]
    [InlineData(80, 1)]
    [InlineData(double.NaN, 1)]
    public void A_board_lets_its_fans_turn_by_its_chip(double celsius, double share) => Assert.Equal(share, BoardCurve.ShareAt(celsius), 9);

    [Fact]
    public void A_cooler_without_a_fan_lives_by_the_air_that_goes_through()
    {
        double Chip(double watts, params AirWay[] ways) => Rest(Heated(watts, ways).Cooled(cooling => cooling with
        {
            Coolers = [new CoolerPlace("board") { Class = CoolerClass.Find("tower-passive"), Share = 1 }],
            Places = [new HeatPlace("board", "box")],
        })).Spots[0];
        var still = Chip(30);
        Assert.True(still - Chip(30, Way("low", 100), Way("high", 100, height: 300)) > 10);
        // 30 W on 1.3 K/W at 30 K: 30 · 1.3 = 39 K if it went with no power; ΔT^1.25 = 39 · 30^0.25 gives 37.0 K. The joint is 0.2 · 30 = 6 K, the air 14.6.
        Assert.Equal(20 + (30 / 2.05) + 6 + Math.Pow(39 * Math.Pow(30, 0.25), 0.8), still, 2);
        // What takes next to nothing is hardly warmer than its air.
        Assert.Equal(20 + (0.3 / 2.05) + 0.06 + Math.Pow(0.39 * Math.Pow(30, 0.25), 0.8), Chip(0.3), 3);
    }

    [Fact]
    public void An_outlet_beside_an_intake_has_its_air_drawn_in_again_and_one_far_off_does_not()
    {
        var near = Rest(CoolRuleExamples.Beside(80, 100));
        // Equal flows in and out, 80 mm apart of four widths of 80 mm: 0.3 · ¾ of what comes out.
        Assert.Equal(0.3 * 0.75 * (near.Spaces[0] - 20), near.DrawnAgain[0], 6);
        // What goes round twice goes out once, and no side counts for more than another.
        Assert.Equal(near.Energy.In, near.Energy.Out, 1e-7);
        Assert.All(new[] { (80.0, 0.0, 0.0), (0, 80, 0), (0, 0, 80), (48, 64, 0), (0, 48, 64) },
            at => Assert.Equal(near.DrawnAgain[0], new CoolSolver(Apart(at)).Likely(HeatCase.Peak).DrawnAgain[0], 6));
        // Four widths off nothing is drawn in any more, just within there is a little.
        Assert.Equal(0, Rest(CoolRuleExamples.Beside(321, 100)).DrawnAgain[0]);
        Assert.True(Rest(CoolRuleExamples.Beside(319, 100)).DrawnAgain[0] > 0);

        static CoolScene Apart((double X, double Y, double Z) at)
        {
            var scene = Scene(CoolRuleExamples.Beside(80, 100));
            return scene with { Ways = [scene.Ways[0] with { At = (0, 0, 0) }, scene.Ways[1] with { At = at }] };
        }
    }

    [Theory]
    [InlineData(null, 1)]
    [InlineData(60.0, 1)]
    [InlineData(59.9, 0.7993)]
    [InlineData(15.0, 0.4)]
    public void A_wall_nearer_than_half_its_width_takes_a_fifth_of_a_fan_and_more(double? gap, double share)
        => Assert.Equal(share, SceneFans.GapFactor(gap, 120), 3);

    [Theory]
    [InlineData(0.6, 2)]
    [InlineData(0.5, 4)]
    [InlineData(0.4, 8.2)]
    [InlineData(1, 0)]
    public void What_covers_a_fan_costs_what_practice_says(double free, double heads) => Assert.Equal(heads, AirCoverFact.HeadsAtFan(free), 1);

    private static readonly Gen<Graft> Shells =
        from watts in Gen.Double[0, 400]
        from ways in Gen.Select(Gen.Double[1, 300], Gen.Double[0, 600], Gen.Int[0, 2], Gen.Enum<AirCover>(),
            (area, height, between, cover) => (area, height, between, cover)).Array[0, 5]
        from blows in Gen.Enum<AirDirection>()
        from volts in Gen.Double[0, 12]
        select Shell(watts, ways, blows, volts);

    private static Graft Shell(double watts, (double Area, double Height, int Between, AirCover Cover)[] ways, AirDirection blows, double volts)
    {
        var graft = Heated(watts, [.. ways.Select((way, at) => Way($"way-{at}", way.Area, way.Height, way.Between == 0 ? null : way.Between == 1 ? "top" : null,
            way.Between == 2 ? "top" : "box", way.Cover))]).And("card", PartKind.Card, watts / 3);
        graft = graft.Cooled(cooling => cooling with
        {
            Spaces = cooling.Spaces.Add(new AirSpace("top", "top") { Size = Large, Material = PlaneMaterial.Wood }),
            Places = [new HeatPlace("card", "top")],
        });
        return ways.Length > 1 ? graft.Blown("way-1", blows, volts: volts) : graft;
    }

    [Fact]
    public void What_goes_in_comes_out_and_every_figure_is_finite()
        => Shells.Hold(graft =>
        {
            var state = Rest(graft);
            Assert.Equal(state.Energy.In, state.Energy.Out, 1e-9 * Math.Max(state.Energy.In, 1));
            double[] all = [.. state.Spaces, .. state.Spots, .. state.Ways, .. state.Fans, .. state.DrawnAgain];
            Assert.All(all, figure => Assert.True(double.IsFinite(figure)));
            Assert.All(state.Spaces, celsius => Assert.True(celsius >= 20 - 1e-9));
        });

    [Fact]
    public void With_the_flows_held_more_watts_never_cool_anything()
        => Gen.Select(Shells, Gen.Double[0, 100]).Hold((graft, more) =>
        {
            var scene = Scene(graft);
            var (air, heat, figures) = (new AirSystem(scene), new HeatBalance(scene), scene.Figures.Likely());
            air.Take(figures);
            heat.Take(figures, HeatCase.Peak);
            var flows = air.Solve(new double[2], 20, [.. scene.Fans.Select(fan => fan.VoltsShare)], null).Flows;
            var before = heat.Solve(air, flows);
            figures[scene.Sources[0].At(HeatCase.Peak)] += more;
            heat.Take(figures, HeatCase.Peak);
            Assert.All(heat.Solve(air, flows).Zip(before), pair => Assert.True(pair.First >= pair.Second - 1e-9));
        });

    [Fact]
    public void Warm_air_that_rises_may_make_more_watts_cool_something_else()
    {
        // The upper space is a chimney: what its part lifts is drawn through the lower one, which gets more air.
        double Below(double above) => Rest(Heated(40, Way("low", 100), Way("between", 100, 250, "box", "top"), Way("high", 100, 900, null, "top"))
            .And("card", PartKind.Card, above).Cooled(cooling => cooling with
            {
                Spaces = [new AirSpace("box", "box"), new AirSpace("top", "top")],
                Places = [new HeatPlace("card", "top")],
            })).Spaces[0];
        var state = (Little: Below(1), More: Below(100));
        Assert.True(state.More < state.Little - 2, $"{state}");
    }
}
