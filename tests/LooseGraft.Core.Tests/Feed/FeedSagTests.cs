using CsCheck;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What takes watts rather than amperes, what a setting holds back, and what starts in turn.</summary>
public sealed class FeedSagTests
{
    [Fact]
    public void What_holds_its_power_takes_more_amperes_the_more_is_lost_on_the_way()
        => Gen.Double[1, 120].Select(Gen.Int[14, 30], Gen.Int[100, 3000]).Hold(each =>
        {
            var (watts, awg, length) = each;
            var flows = Flows(Thin(watts, awg, length));
            var (flow, ohms) = (flows.All.Single(), flows.Network.Falls(0, 0));
            // P = I · (V − I · R), the smaller solution; none where P > V² / 4R.
            var under = 144 - (4 * ohms * watts);
            Assert.Equal(under < 0, flows.Collapses.Length > 0);
            var amps = under < 0 ? watts / 12 : (12 - Math.Sqrt(under)) / (2 * ohms);
            // At the edge each sweep gains less and less.
            Assert.Equal(amps, flow.At(LoadCase.Peak).Likely.Value, amps * (under is > 0 and < 0.01 ? 1e-2 : 1e-7));
            Assert.Equal(flow.At(LoadCase.Peak).Likely, flow.At(LoadCase.Peak).Low);
        });

    [Theory]
    [InlineData(0.98, false)]
    [InlineData(1.02, true)]
    public void What_no_voltage_is_left_for_is_a_stop_that_says_where(double share, bool isTold)
    {
        var most = 144 / (4 * Flows(Thin(1, 30, 3000)).Network.Falls(0, 0));
        var found = Review.Of(Thin(share * most, 30, 3000)).Findings.Where(finding => finding.Rule.Code == "FEED-026").ToArray();
        Assert.Equal(isTold, found.Length == 1);
        if (isTold)
            Assert.Equal((Severity.Stop, "/loads/load/draws/+12 V", true),
                (found[0].Severity, found[0].Subject.Text, found[0].Message.Contains("cannot be fed by lead", StringComparison.Ordinal)));
    }

    [Fact]
    public void In_amperes_it_takes_what_is_said_whatever_is_lost()
    {
        var graft = Thin(24, 30, 3000);
        graft = graft with { Loads = [graft.Loads[0] with { Draws = [graft.Loads[0].Draws[0] with { HoldsPower = false }] }] };
        Assert.Equal(2, Flows(graft).All.Single().At(LoadCase.Peak).Likely.Value, 12);
    }

    [Fact]
    public void The_same_watts_from_a_rail_of_a_little_more_are_a_little_less_current()
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+19.5 V"), Limit(5))], Combined = [] }, Draw("+19 V", 2) with { HoldsPower = true });
        Assert.Equal(38 / 19.5, Flows(graft).All.Single().At(LoadCase.Peak).Likely.Value, 9);
    }

    [Theory]
    [InlineData(60, 60, 36)] // 72 W at peak, 36 in ordinary use
    [InlineData(71, 71, 36)]
    [InlineData(30, 30, 30)]
    [InlineData(80, 72, 36)]
    public void A_setting_holds_ordinary_use_and_peak_over_all_rails_alike(double cap, double peak, double typical)
    {
        var graft = Capped(cap);
        var flows = Review.Of(graft).Feed.Flows.All.ToArray();
        double Watts(LoadCase loadCase) => flows.Sum(flow => flow.Rail.Voltage.Value * flow.At(loadCase).Likely.Value);
        Assert.Equal(peak, Watts(LoadCase.Peak), 9);
        Assert.Equal(typical, Watts(LoadCase.Typical), 9);
        Assert.Equal(72, Watts(LoadCase.Spike), 9);
        // 4 A and 4.8 A give way alike.
        Assert.Equal(1.2, flows[1].At(LoadCase.Peak).Likely.Value / flows[0].At(LoadCase.Peak).Likely.Value, 9);
    }

    [Fact]
    public void Under_a_setting_no_figure_rises_and_the_likely_ones_keep_to_it()
        => Gen.Double[0, 9].Array[6].Select(Gen.Double[0, 150]).Hold(each =>
        {
            var amps = each.Item1;
            Draw Of(string rail, double[] three) => Draw(rail, 0) with { Peak = Currents(three.Min(), three.Order().ElementAt(1), three.Max()) };
            var graft = Capped(each.Item2);
            graft = graft with { Loads = [graft.Loads[0] with { Draws = [Of("+12 V", amps[..3]), Of("+5 V", amps[3..])] }] };
            var flows = Flows(graft).All.ToArray();
            Assert.True(flows.Sum(flow => flow.Rail.Voltage.Value * flow.At(LoadCase.Peak).Likely.Value) <= each.Item2 + 1e-9);
            foreach (var (flow, draw) in flows.Zip(graft.Loads[0].Draws))
                Assert.True(flow.At(LoadCase.Peak).High <= draw.Peak.High && flow.At(LoadCase.Peak).Likely <= draw.Peak.Likely);
        });

    [Theory]
    [InlineData(60, true)]  // 60 W would do, 72 W is beyond the 65 of the total
    [InlineData(100, false)] // it holds nothing back: beyond the total either way, told as such
    public void What_is_carried_only_while_a_setting_holds_is_told(double cap, bool isTold)
    {
        var graft = Capped(cap).WithSupply("supply", supply => supply with { Total = new TotalLimit(new(new Watts(65), Evidence.Label)) });
        Assert.Equal(isTold, Review.Of(graft).Findings.Any(finding
            => finding is { Rule.Code: "FEED-027", Severity: Severity.Check, Subject.Text: "/supplies/supply/total" }));
    }

    [Fact]
    public void Room_at_a_place_is_exact_where_something_takes_more_the_less_voltage_is_left()
        => Gen.Double[1, 25].Select(Gen.Int[16, 26], Gen.Int[200, 2000]).Hold(each =>
        {
            var graft = Thin(each.Item1, each.Item2, each.Item3);
            var room = Room(graft, "supply", "+12 V", "lead/p");
            var limits = With(graft, room.Amps.Value).Feed.Supplies[0].Limits;
            Assert.All(limits, limit => Assert.True(limit.In(LoadCase.Peak).Used.High.Value <= 1.001 * limit.Limit.Value.Value || room.Amps.Value == 0));
            if (room.Amps.Value == 0) return;
            var first = limits.Single(limit => $"{limit.Name} of supply" == room.First);
            Assert.Equal(first.Limit.Value.Value, first.In(LoadCase.Peak).Used.High.Value, 0.001 * first.Limit.Value.Value);
        });

    [Fact]
    public void A_rail_that_is_over_already_takes_no_room_of_another()
    {
        var graft = Thin(10, 16, 100).WithSupply("supply", supply => supply with { Combined = [], Total = null });
        var over = graft with { Loads = graft.Loads.Add(Hung("over", "board", "supply") with { Draws = [Draw("+5 V", 11)] }) };
        Assert.Equal(Room(graft, "supply", "+12 V", "lead/p").Amps.Value, Room(over, "supply", "+12 V", "lead/p").Amps.Value, 1e-4);
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)] // another part that no voltage is left for when it starts is no news
    public void No_room_is_promised_that_would_leave_a_part_without_voltage(bool isOtherGone)
    {
        // Nothing on the way has a limit but the way itself: 18 A through 4 m of 30 AWG would leave nothing for 10 W.
        var graft = Thin(10, 30, 4000)
            .WithSupply("supply", supply => supply with { Rails = [new Rail(Signal("+12 V"), Limit(100))], Combined = [], Total = null });
        if (isOtherGone)
        {
            var other = Draw("+12 V", 0.1) with { HoldsPower = true, Start = Currents(90, 90, 90) };
            graft = graft with
            {
                Supplies = graft.Supplies.Add(graft.Supplies[0] with { Id = "other", Leads = [graft.Supplies[0].Leads[0] with { Id = "far" }] }),
                Loads = graft.Loads.Add(Hung("far", "supply", "other").At("far/p") with { Draws = [other] }),
            };
            Assert.Equal(LoadCase.Start, Assert.Single(Review.Of(graft).Feed.Flows.Collapses).Case);
        }

        var probe = new Load("probe", "probe") { Meant = new MeantWay("supply") { Plug = "lead/p" }, Draws = [Draw("+12 V", 0.001)] };
        var flows = Flows(graft with { Loads = graft.Loads.Add(probe) });
        var flow = flows.All.Single(each => each.Consumer == "probe");
        Assert.NotNull(flows.PeakWith(flow, new Amps(0.1)));
        Assert.Null(flows.PeakWith(flow, new Amps(18)));
    }

    private static Review With(Graft graft, double amps)
        => Review.Of(graft with { Loads = graft.Loads.Add(Hung("more", "board", "supply").At("lead/p") with { Draws = [Draw("+12 V", amps)] }) });

    [Theory]
    [InlineData(false, 10)]
    [InlineData(true, 6)] // one starts at 2 A while four run at 1
    public void Of_drives_that_start_in_turn_one_starts_and_the_others_run(bool inTurn, double amps)
    {
        var graft = Fed(SmallSupply()) with
        {
            Loads = [.. Enumerable.Range(0, 5).Select(at => Hung($"load{at}", "board", "supply") with
            {
                Draws = [Draw("+12 V", 2) with { Start = Currents(2, 2, 2) }],
                StartsInTurn = inTurn,
            })],
        };
        Assert.Equal(12 * amps, Review.Of(graft).Feed.Supplies[0].Find(FeedLimitKey.OfRail("+12 V"))!.In(LoadCase.Start).Used.Likely.Value, 9);
    }

    [Fact]
    public void Of_what_starts_in_turn_the_one_counts_whose_start_weighs_most()
        => Gen.Double[0, 3].Select(Gen.Double[0, 3]).Array[1, 5].Hold(each =>
        {
            var graft = Fed(SmallSupply()) with
            {
                Loads = [.. each.Index().Select(at => Hung($"load{at.Index}", "board", "supply") with
                {
                    Draws = [new Draw("+12 V", Exactly(0), Exactly(at.Item.Item1), Exactly(9), Evidence.Measured) { Start = Exactly(at.Item.Item2) }],
                    StartsInTurn = true,
                })],
            };
            // Each of them in turn, or none of them while all run.
            var most = each.Max(one => Math.Max(one.Item2, one.Item1) + each.Sum(other => other.Item1) - one.Item1);
            Assert.Equal(12 * most, Review.Of(graft).Feed.Supplies[0].Find(FeedLimitKey.OfRail("+12 V"))!.In(LoadCase.Start).Used.Likely.Value, 6);
        }, iter: 200);

    [Fact]
    public void Rails_and_drops_never_fall_as_a_load_takes_more()
        => Gen.Int[0, int.MaxValue].Select(Gen.Int[0, 20], Gen.Double[0, 3]).Hold(each =>
        {
            var (seed, which, more) = each;
            var graft = SlowFeedTests.Made(seed);
            var load = graft.Loads[which % graft.Loads.Length];
            var draw = load.Draws[which % load.Draws.Length];
            var after = graft.WithDraw(load.Id, draw.Rail, draw.Socket, known => known with { Peak = known.Peak.Rising(amps => new Amps(amps.Value + more)) });
            var (less, most) = (Flows(graft), Flows(after));
            foreach (var (supply, rail) in graft.Supplies.SelectMany(supply => supply.Rails.Select(rail => (supply, rail))))
                Assert.True(Watts(most, supply, rail) >= Watts(less, supply, rail) - 1e-9, $"{supply.Id} {rail.Name}");
            for (var tap = 0; tap < less.Network.Taps.Length; tap++) Assert.True(Drop(most, tap) >= Drop(less, tap) - 1e-9, $"tap {tap}");
        }, iter: 100);

    [Fact]
    public void What_one_rail_sends_back_lessens_what_is_lost_by_a_rail_below_ground()
    {
        var lead = new SupplyLead("m", "main lead")
        {
            Length = new Millimetres(1000),
            Plugs = [new SupplyPlug("p", ConnectorTypes.Find("atx-main-24")!)],
        };
        var graft = Fed(SmallSupply() with { Leads = [lead], Rails = [new Rail(Signal("+12 V"), Limit(10)), new Rail(Signal("-12 V"), Limit(1))] },
            Draw("-12 V", 0.3), Draw("+12 V", 2) with { Peak = Currents(1, 2, 3) });
        graft = graft with { Loads = [graft.Loads[0].At("m/p")] };
        var flows = Flows(graft);
        var below = flows.Network.Taps.IndexOf(flows.Network.Taps.Single(tap => tap.Draw!.Rail == "-12 V"));
        var (own, other) = (flows.Network.Falls(below, below), flows.Network.Falls(below, 1 - below));
        Assert.True(other < 0);
        var lost = FeedSag.At(flows.Network, [.. flows.All], below, LoadCase.Peak);
        Assert.Equal([(0.3 * own) + (3 * other), (0.3 * own) + (2 * other), (0.3 * own) + other],
            new[] { lost.Low, lost.Likely, lost.High }.Select(volts => volts.Value), (one, two) => Math.Abs(one - two) < 1e-12);
    }

    private static double Watts(FeedFlows flows, Supply supply, Rail rail) => FeedUse.Sum(flows.Of(supply, rail), LoadCase.Peak, isPower: true).Likely.Value;

    private static double Drop(FeedFlows flows, int tap)
        => Enumerable.Range(0, flows.Network.Taps.Length).Sum(taken => flows.Network.Falls(tap, taken) * SlowFeedTests.AmpsOf(flows, taken));

    private static Spread<Amps> Exactly(double amps) => Spread<Amps>.Exactly(new Amps(amps));

    // 48 W of 12 V and 24 W of 5 V at peak.
    private static Graft Capped(double cap)
    {
        var graft = Fed(SmallSupply() with { Total = null }, Draw("+12 V", 4), Draw("+5 V", 4.8));
        return graft with { Loads = [graft.Loads[0] with { Cap = new PowerCap(new(new Watts(cap), Evidence.Document)) }] };
    }

    private static Graft Thin(double watts, int awg, double length)
    {
        var lead = new SupplyLead("lead", "lead")
        {
            Awg = awg,
            Length = new Millimetres(length),
            Plugs = [new SupplyPlug("p", ConnectorTypes.Find("peripheral-power-4")!)],
        };
        var amps = watts / 12;
        var graft = Fed(SmallSupply() with { Leads = [lead] }, Draw("+12 V", amps) with { HoldsPower = true });
        return graft with { Loads = [graft.Loads[0].At("lead/p")] };
    }
}
