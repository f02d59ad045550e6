using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Wall;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>Each figure of the rules of Feed at its bound and beyond it.</summary>
public sealed class FeedBoundaryTests
{
    private static readonly ConnectorType Drive = ConnectorTypes.Find("drive-power-15")!;

    [Theory]
    [InlineData(40, 40.0, 40.0, null)]
    [InlineData(40, 39.9, 40.0, "what it mostly stayed under, 39.9 W.")]
    [InlineData(40, 41.0, 39.9, "the highest, 39.9 W.")]
    [InlineData(40, null, null, null)]
    public void A_mean_above_what_it_mostly_stayed_under_is_told(double mean, double? often, double? highest, string? told)
    {
        var reading = new WallReading("r", default, WallWork.Idle, new Watts(mean))
        {
            MostOften = often is { } most ? new Watts(most) : null,
            Highest = highest is { } top ? new Watts(top) : null,
        };
        Assert.Equal(told is null ? [] : [$"The wall reading “r”: its mean, 40 W, is more than {told}"],
            Review.Of(Fed(SmallSupply(), Draw("+12 V", 1)) with { WallReadings = [reading] }).Findings
                .Where(finding => finding.Rule.Code == "FEED-021").Select(finding => finding.Message));
    }

    [Theory]
    [InlineData(1, 1, 1, false)]
    [InlineData(1.1, 1, 1, true)]
    [InlineData(1, 1.1, 1, true)]
    [InlineData(0.5, 1, 2, false)]
    public void Figures_that_fall_where_they_should_rise_are_told(double idle, double typical, double peak, bool isTold)
        => Assert.Equal(isTold, Has(Fed(SmallSupply(), new Draw("+12 V", Exactly(idle), Exactly(typical), Exactly(peak), Evidence.Measured)), "FEED-021"));

    [Theory]
    [InlineData(60, 200, 3000, 0)]
    [InlineData(60.1, 200, 3000, 1)]
    [InlineData(60, 200.1, 3000, 1)]
    [InlineData(60, 200, 3000.1, 1)]
    [InlineData(61, 201, 3001, 3)]
    public void Figures_beyond_anything_of_their_kind_are_told(double drawn, double rail, double total, int told)
    {
        var supply = new Supply("supply", "supply")
        {
            Rails = [new Rail(Signal("+12 V"), Limit(rail))],
            Total = new TotalLimit(new(new Watts(total), Evidence.Label)),
        };
        Assert.Equal(told, Review.Of(Fed(supply, Draw("+12 V", drawn))).Findings.Count(finding => finding.Rule.Code == "FEED-006"));
    }

    [Theory]
    [InlineData(-0.1, 10, 1)]
    [InlineData(0, 10, 0)]
    [InlineData(1, -0.1, 1)]
    public void Negative_figures_are_told(double drawn, double rail, int told)
    {
        var supply = new Supply("supply", "supply") { Rails = [new Rail(Signal("+12 V"), Limit(rail))] };
        var draw = Draw("+12 V", 1) with { Peak = Currents(drawn, 1, 1) };
        Assert.Equal(told, Review.Of(Fed(supply, draw)).Findings.Count(finding => finding.Rule.Code == "FEED-005"));
    }

    [Theory]
    [InlineData(5, 4.4, false)] // three contacts of 1.5 A bear 4.5
    [InlineData(5, 4.6, true)]
    [InlineData(4, 4.6, false)] // a string has as many plugs of its own
    public void More_plugs_than_a_string_is_made_with_hang_by_a_splitter(int plugs, double amps, bool isTold)
    {
        var lead = new SupplyLead("s", "string") { Awg = 16, Plugs = [.. Enumerable.Range(0, plugs).Select(at => new SupplyPlug($"p{at}", Drive))] };
        var graft = Fed(SmallSupply() with { Leads = [lead] }) with
        {
            Loads = [.. Enumerable.Range(0, plugs).Select(at
                => Hung($"l{at}", "board", "supply").At($"s/p{at}") with { Draws = [Draw("+12 V", amps / plugs)] })],
        };
        Assert.Equal(isTold, Review.Of(graft).Findings.Any(finding => finding.Message.Contains("and a string seldom has more", StringComparison.Ordinal)));
    }

    [Fact]
    public void A_plug_that_a_joint_and_a_word_give_to_two_parts_is_told_with_both()
    {
        var lead = new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", Drive) { Port = "plug" }] };
        var graft = Fed(SmallSupply() with { Leads = [lead] }, Draw("+5 V", 1));
        graft = graft with
        {
            Parts = [new Part("supply", "supply", PartKind.Supply) { Ports = [Usual("plug", Gender.Female)] }, new Part("board", "board", PartKind.Board),
                new Part("drive", "drive", PartKind.Drive) { Ports = [Usual("power", Gender.Male)] }],
            Supplies = [SmallSupply() with { Id = "first" }, .. graft.Supplies],
            Joints = [Straight("supply/plug", "drive/power")],
            Loads = [graft.Loads[0].At("s/a"), new Load("drive", "drive") { Draws = [Draw("+5 V", 0.1)] }],
        };
        Assert.StartsWith("s/a feeds board and drive", Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "FEED-010").Message);
    }

    [Fact]
    public void Drives_in_turn_start_at_the_ends_of_their_ranges()
    {
        var draw = new Draw("+12 V", Exactly(0), Currents(1, 2, 3), Currents(1, 2, 3), Evidence.Measured) { Start = Currents(3, 4, 6) };
        var graft = Fed(SmallSupply()) with
        {
            Loads = [Hung("a", "board", "supply") with { Draws = [draw], StartsInTurn = true },
                Hung("b", "board", "supply") with { Draws = [draw], StartsInTurn = true }],
        };
        // One starts, the other runs.
        Assert.Equal((48, 72, 108), Watts(graft));
        Assert.Equal((72, 96, 144), Watts(graft with { Loads = [.. graft.Loads.Select(load => load with { StartsInTurn = false })] }));

        static (double, double, double) Watts(Graft of)
        {
            var used = Review.Of(of).Feed.Supplies[0].Limits[0].In(LoadCase.Start).Used;
            return (used.Low.Value, used.Likely.Value, used.High.Value);
        }
    }

    [Fact]
    public void Watts_below_ground_are_watts()
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("-11.5 V"), Limit(5))], Combined = [] }, Draw("-12 V", 1) with { HoldsPower = true });
        Assert.Equal(12 / 11.5, Flows(graft).All.Single().At(LoadCase.Peak).Likely.Value, 9);
        // And count under a setting: 12 W of each rail, held to 12 together.
        graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(5)), new Rail(Signal("-12 V"), Limit(5))], Combined = [] },
            Draw("+12 V", 1), Draw("-12 V", 1));
        graft = graft with { Loads = [graft.Loads[0] with { Cap = new PowerCap(new(new Watts(12), Evidence.Document)) }] };
        Assert.All(Flows(graft).All, flow => Assert.Equal(0.5, flow.At(LoadCase.Peak).Likely.Value, 9));
    }

    [Fact]
    public void A_supply_of_which_nobody_knows_the_total_is_reckoned_at_half_of_it()
    {
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Gold, Total = null }, Draw("+12 V", 1)) with { MainsVolts = 230 };
        var flows = Flows(graft);
        Assert.Equal(EfficiencyCurve.Of(EfficiencyClass.Gold, 230).At(0.5), flows.EfficiencyAt(graft.Supplies[0], new Watts(12)));
        Assert.Equal(50 * EfficiencyCurve.Of(EfficiencyClass.Gold, 230).At(0.5).Low, flows.MostGiven(graft.Supplies[0], 50), 9);
    }

    [Fact]
    public void Where_the_socket_of_a_part_bears_less_than_the_plug_it_is_told_as_a_plug()
    {
        var graft = BehindAdapter(8).WithPart("board", part => part with
        {
            Ports = [part.Ports[0] with { Limit = new PortLimit(new Amps(5), null, Evidence.Document) }],
        });
        var limit = Assert.Single(Review.Of(graft).Feed.Supplies[0].Limits, limit => limit.Name == "+12 V at main of board");
        Assert.Equal((FeedLimitKind.Plug, 5.0), (limit.Kind, limit.Limit.Value.Value));
    }

    [Theory]
    [InlineData(0, 0)]
    [InlineData(12, 12)]
    [InlineData(13, 13)] // twelve, and how many more
    public void Twelve_lines_that_are_no_samples_are_told_one_by_one(int wrong, int told)
    {
        var problems = WallLog.Read([(1, ["time", "power"]), .. Enumerable.Range(2, wrong).Select(line => (line, Cells(line)))]).Problems;
        Assert.Equal(told, problems.Length);
        Assert.Equal(wrong > 12, problems.Any(problem => problem == $"and {wrong - 12} more lines"));
    }

    [Fact]
    public void The_practice_meter_scatters_about_what_the_figures_say()
    {
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Lossless }, new Draw("+12 V", Exactly(2), Exactly(4), Exactly(6), Evidence.Measured));
        var trace = PracticeWallMeter.Trace(Review.Of(graft).Feed, graft.Supplies[0], default, 3).Select(sample => sample.Power.Value).ToArray();
        foreach (var (part, watts) in new[] { (0, 24.0), (1, 48.0), (2, 72.0) })
        {
            var phase = trace[(60 * part)..(60 * (part + 1))];
            Assert.InRange(phase.Min(), 0.985 * watts, 0.995 * watts);
            Assert.InRange(phase.Max(), 1.005 * watts, 1.015 * watts);
        }

        // The game goes up and down between ordinary use and full load.
        Assert.InRange(trace[180..].Min(), 0.985 * 48, 1.05 * 48);
        Assert.InRange(trace[180..].Max(), 0.95 * 72, 1.015 * 72);
    }

    private static IReadOnlyList<string> Cells(int line) => [$"line {line}", "much"];

    private static Spread<Amps> Exactly(double amps) => Spread<Amps>.Exactly(new Amps(amps));

    private static bool Has(Graft graft, string code) => Review.Of(graft).Findings.Any(finding => finding.Rule.Code == code);
}
