using CsCheck;
using LooseGraft.Core.Cool.Air;

namespace LooseGraft.Core.Tests.Cool;

/// <summary>Flows worked by hand, and a slow judge for any network.</summary>
public sealed class AirNetworkTests
{
    private const int Room = AirBranch.Room;
    private const double Hardly = 1e-6;

    // 0.6 of 100 cm²: Δp = 0.6 · (Q / 0.006)².
    private static readonly double Opening = 0.6 / (0.006 * 0.006);

    [Fact]
    public void One_fan_and_one_opening_meet_where_their_curves_do()
    {
        // A fan of 20 L/s and 20 Pa blows into a box with one opening: 20 − 1000·Q = 16,667·Q², so Q = (−1000 + √(10⁶ + 4·16,667·20)) / 33,333 = 15.8 L/s.
        var flows = new AirNetwork(1, [new(Room, 0, Hardly, 0) { Fan = FanCurve.Straight(0.020, 20) }, new(0, Room, Hardly, Opening)]).Solve();
        Assert.Equal(0.015826, flows.Flows[0], 5);
        Assert.Equal(flows.Flows[0], flows.Flows[1], 12);
        Assert.Equal(Opening * 0.015826 * 0.015826, flows.Pressures[0], 2);
    }

    [Fact]
    public void Two_equal_openings_one_after_the_other_let_through_what_one_does_at_half_the_pressure()
    {
        AirBranch Driven(double quadratic) => new(Room, 0, Hardly, quadratic) { Rise = 10 };
        var two = new AirNetwork(2, [Driven(Opening), new(0, 1, Hardly, Opening), new(1, Room, Hardly, 0)]).Solve().Flows[0];
        var one = new AirNetwork(1, [Driven(Opening) with { Rise = 5 }, new(0, Room, Hardly, 0)]).Solve().Flows[0];
        Assert.Equal(Math.Sqrt(5 / Opening), one, 6);
        Assert.Equal(one, two, 6);
    }

    [Fact]
    public void Two_fans_side_by_side_add_their_flow_and_one_behind_the_other_their_pressure()
    {
        var fan = FanCurve.Straight(0.020, 20);
        double Blown(FanCurve curve, double quadratic, int times) => new AirNetwork(1,
            [.. Enumerable.Repeat(new AirBranch(Room, 0, Hardly, 0) { Fan = curve }, times), new(0, Room, Hardly, quadratic)]).Solve().Flows[^1];
        Assert.Equal(0.040, Blown(fan, 0.001, 2), 4);
        Assert.Equal(0.020, Blown(fan.Before(fan), 0.001, 1), 4);
        // Against much, 40 − 2,000·Q = 10⁷·Q², and 20 − 500·Q = 10⁷·Q².
        Assert.Equal(0.0019025, Blown(fan.Before(fan), 1e7, 1), 6);
        Assert.Equal(0.0013894, Blown(fan, 1e7, 2), 6);
    }

    [Fact]
    public void A_weak_fan_against_a_strong_one_is_blown_back_through()
    {
        // Both blow in, and nothing else leads out: what the strong one brings goes out through the weak one.
        AirBranch In(double free, double blocked) => new(Room, 0, Hardly, 0) { Fan = FanCurve.Straight(free, blocked) };
        var flows = new AirNetwork(1, [In(0.020, 40), In(0.010, 10)]).Solve();
        // 40 − 2000·Q = 10 + 1000·Q.
        Assert.Equal(0.010, flows.Flows[0], 9);
        Assert.Equal(-0.010, flows.Flows[1], 9);
    }

    [Fact]
    public void What_a_typed_curve_rises_by_is_taken_off_and_said()
    {
        var bent = FanCurve.Through([(0, 20), (0.005, 10), (0.010, 14), (0.015, 8), (0.020, 0)]);
        Assert.True(bent.WasBent);
        Assert.Equal([20, 10, 10, 8, 0], new[] { 0, 0.005, 0.010, 0.015, 0.020 }.Select(flow => Math.Round(bent.PressureAt(flow), 9)));
        // It comes down through 10 two thirds of the way from 14 to 8.
        Assert.Equal(10, bent.PressureAt(0.010 + (0.005 * 4 / 6)), 9);
        Assert.False(FanCurve.Through([(0, 20), (0.010, 14), (0.020, 0)]).WasBent);
        // One that is level for a while is not bent, and stays level.
        var level = FanCurve.Through([(0, 20), (0.010, 20), (0.020, 0)]);
        Assert.Equal((false, 20, 10), (level.WasBent, level.PressureAt(0.009), Math.Round(level.PressureAt(0.015), 9)));
    }

    [Fact]
    public void A_curve_goes_on_falling_beyond_free_air_and_rising_for_flow_the_wrong_way()
    {
        var fan = FanCurve.Straight(0.020, 20);
        Assert.Equal([40, 20, 0, -10], new[] { -0.020, 0, 0.020, 0.030 }.Select(flow => Math.Round(fan.PressureAt(flow), 9)));
        Assert.Equal([-20, -40], new[] { 0, 0.020 }.Select(flow => Math.Round(fan.Against().PressureAt(flow), 9)));
        // Half the speed: half the flow, a quarter of the pressure.
        Assert.Equal([5, 0], new[] { 0, 0.010 }.Select(flow => Math.Round(fan.At(0.5).PressureAt(flow), 9)));
    }

    [Theory]
    [InlineData(0, 20)]
    [InlineData(0.02, 0)]
    [InlineData(double.NaN, 20)]
    [InlineData(0.02, double.PositiveInfinity)]
    public void A_fan_that_moves_nothing_is_refused(double freeAir, double blocked)
        => Assert.Throws<ArgumentOutOfRangeException>(() => FanCurve.Straight(freeAir, blocked));

    [Fact]
    public void A_branch_that_resists_nothing_or_leads_nowhere_is_refused()
    {
        Assert.Throws<ArgumentException>(() => new AirNetwork(1, [new(Room, 0, 0, 1)]));
        Assert.Throws<ArgumentException>(() => new AirNetwork(1, [new(0, 0, 1, 1)]));
        Assert.Throws<ArgumentException>(() => new AirNetwork(1, [new(Room, 1, 1, 1)]));
        Assert.Throws<ArgumentException>(() => FanCurve.Through([(0, 20), (0.01, 5)]));
        Assert.Throws<ArgumentException>(() => FanCurve.Through([(0, 20), (0.01, 5), (0.01, 0)]));
    }

    [Fact]
    public void Spaces_that_nothing_joins_with_the_room_stand_still_or_turn_round_in_themselves()
    {
        var flows = new AirNetwork(3, [new(0, 1, 1, 100) { Rise = 1 }, new(1, 0, 1, 100)]).Solve();
        Assert.Equal(flows.Flows[0], flows.Flows[1], 9);
        Assert.True(flows.Flows[0] > 0.01);
        Assert.Equal(0, flows.Pressures[2]);
    }

    // The slow judge: each space has its pressure found by halving until what goes in comes out, and within each half those of the spaces after it; no
    // derivative, no matrix. More pressure in one space never lowers what leaves it, whatever the others do about it.
    private static double[] Halved(int spaces, AirBranch[] branches)
    {
        var pressures = new double[spaces];
        Halve(0);
        return [.. branches.Select(Flow)];

        void Halve(int space)
        {
            if (space == spaces) return;
            var (low, high) = (-200.0, 200.0);
            for (var half = 0; half < 52; half++)
            {
                pressures[space] = (low + high) / 2;
                Halve(space + 1);
                if (Excess(space) > 0) high = pressures[space];
                else low = pressures[space];
            }
        }

        double At(int space) => space < 0 ? 0 : pressures[space];
        double Flow(AirBranch branch) => branch.At(At(branch.From) - At(branch.To)).Flow;

        double Excess(int space)
        {
            var sum = 0.0;
            foreach (var branch in branches)
            {
                if (branch.From == space) sum += Flow(branch);
                if (branch.To == space) sum -= Flow(branch);
            }

            return sum;
        }
    }

    private static readonly Gen<FanCurve?> Fans = Gen.Frequency(
        (3, Gen.Const((FanCurve?)null)),
        (1, Gen.Select(Gen.Double[0.002, 0.05], Gen.Double[5, 60], (free, blocked) => (FanCurve?)FanCurve.Straight(free, blocked))),
        (1, Gen.Select(Gen.Double[5, 60], Gen.Double[0, 60], Gen.Double[0, 60], Gen.Double[0.002, 0.01],
            (most, one, other, step) => (FanCurve?)FanCurve.Through([(0, most), (step, one), (2 * step, other), (3 * step, 0)]))));

    private static Gen<AirBranch[]> Branches(int spaces)
        => Gen.Select(Gen.Int[-1, spaces - 1], Gen.Int[0, spaces - 1], Gen.Double[0, 5], Gen.Double[-3, 3], Fans,
                (from, to, size, rise, fan)
                    => new AirBranch(from == to ? Room : from, to, Math.Pow(10, size - 2), Math.Pow(10, size + 2)) { Rise = rise, Fan = fan })
            .Array[1, 3 * spaces]
            // Every space has some way to the room, so that the judge's pressures are defined.
            .Select(some => (AirBranch[])[.. some, .. Enumerable.Range(0, spaces).Select(space => new AirBranch(space, Room, 10, 1e5))]);

    [Fact]
    public void Flows_are_those_of_a_judge_that_uses_no_derivative()
        => (from spaces in Gen.Int[1, 3] from branches in Branches(spaces) select (spaces, branches)).Hold(each =>
        {
            var flows = new AirNetwork(each.spaces, each.branches).Solve();
            var most = flows.Flows.Max(Math.Abs);
            Assert.True(flows.Residual <= (1e-9 * most) + 1e-15, $"{flows.Residual} is left of {most} after {flows.Rounds} steps.");
            foreach (var (found, judged) in flows.Flows.Zip(Halved(each.spaces, each.branches)))
                Assert.True(Math.Abs(found - judged) <= (1e-6 * most) + 1e-9, $"{found} against {judged}, of {most}");
        }, iter: 60);

    // What the judge above is built on, judged by the law itself.
    [Fact]
    public void The_flow_along_a_branch_is_the_one_at_which_its_law_holds()
        => Gen.Select(Fans, Gen.Double[-3, 0], Gen.Double[2, 6], Gen.Double[-20, 20], Gen.Double[-100, 100]).Hold((fan, linear, quadratic, rise, difference) =>
        {
            var branch = new AirBranch(0, Room, Math.Pow(10, linear), Math.Pow(10, quadratic)) { Rise = rise, Fan = fan };
            var (flow, conductance) = branch.At(difference);
            var lost = (branch.Linear * flow) + (branch.Quadratic * flow * Math.Abs(flow));
            Assert.Equal(difference + rise, lost - Gives(fan, flow), 7);
            // At a kink of the fan's curve either side will do.
            double[] sides = [.. new[] { -1e-8, 1e-8 }.Select(little
                => branch.Linear + (2 * branch.Quadratic * Math.Abs(flow)) - ((Gives(fan, flow + little) - Gives(fan, flow)) / little))];
            Assert.InRange(1 / conductance, sides.Min() * 0.999, sides.Max() * 1.001);
        });

    private static double Gives(FanCurve? fan, double flow)
    {
        if (fan is null) return 0;
        var after = 1;
        while (after < fan.Points.Length - 1 && fan.Points[after].Flow < flow) after++;
        var (one, other) = (fan.Points[after - 1], fan.Points[after]);
        return one.Pressure + ((other.Pressure - one.Pressure) * (flow - one.Flow) / (other.Flow - one.Flow));
    }

    [Fact]
    public void A_larger_opening_in_series_never_lowers_the_flow()
        => Gen.Select(Gen.Double[2, 6], Gen.Double[2, 6], Gen.Double[0.001, 0.05], Gen.Double[2, 60], Gen.Double[0.01, 1]).Hold(each =>
        {
            var (one, other, free, blocked, less) = each;
            double Through(double quadratic) => new AirNetwork(1,
                [new(Room, 0, 1e-3, Math.Pow(10, other)) { Fan = FanCurve.Straight(free, blocked) }, new(0, Room, 1e-3, quadratic)]).Solve().Flows[0];
            Assert.True(Through(Math.Pow(10, one) * less) >= Through(Math.Pow(10, one)) - 1e-12);
        });

    [Fact]
    public void Started_from_its_answer_it_stays_there()
        => Branches(5).Hold(branches =>
        {
            var first = new AirNetwork(5, branches).Solve();
            var again = new AirNetwork(5, branches).Solve(first.Pressures);
            Assert.True(again.Rounds <= 2, $"{again.Rounds} steps from the answer.");
            foreach (var (one, other) in first.Flows.Zip(again.Flows)) Assert.Equal(one, other, 9);
        });
}
