using LooseGraft.Core.Feed;
using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Feed.Wall;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;
using static LooseGraft.Core.Tests.Feed.FeedGrafts;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What of several is meant: the nearest rail, the way from the rail, the port that gives on.</summary>
public sealed class FeedSmallRulesTests
{
    [Fact]
    public void Of_two_rails_that_would_do_the_nearest_serves()
    {
        var supply = SmallSupply() with { Rails = [new Rail(Signal("+4.8 V"), Limit(5)), new Rail(Signal("+5.1 V"), Limit(5))], Combined = [] };
        var graft = Fed(supply, Draw("+5 V", 1));
        Assert.Equal("+5.1 V", Flows(graft).All.Single().Rail.Name);
    }

    [Fact]
    public void The_way_of_a_current_is_told_from_its_own_rail_where_another_gives_more_of_it()
    {
        var graft = TwoPlugs(6);
        Rail Numbered(string name) => new(Signal("+12 V"), Limit(20)) { Label = name };
        graft = graft with
        {
            Supplies = [graft.Supplies[0] with
            {
                Rails = [Numbered("12V1"), Numbered("12V2")],
                Leads = [Lead("one", "first", "12V1"), Lead("two", "second", "12V2")],
            }],
        };
        var flow = Flows(graft).All.Single();
        Assert.Equal(("12V1", "12V2"), (flow.Rail.Name, flow.Ways[0].Rail.Name));
        Assert.Equal(["one", "first"], flow.Way.Select(step => step.Label));

        static SupplyLead Lead(string id, string port, string rail) => new(id, id)
        {
            Rails = [rail],
            Plugs = [new SupplyPlug("p", ConnectorTypes.Find("power-block")!) { Port = port }],
        };
    }

    [Fact]
    public void A_card_on_a_header_is_in_no_slot()
    {
        var graft = Fed(SmallSupply(), []).WithPart("board", part => part with
        {
            Ports = [Header("+12 V,ground") with { Id = "header", Name = "header" },
                Header("+12 V,ground", "power-block", Gender.Female) with { Id = "sketch", Name = "sketch" }],
        });
        graft = graft with { Parts = graft.Parts.Add(new Part("card", "card", PartKind.Card)) };
        bool IsSlot(string port)
        {
            var with = graft with { Loads = [Hung("card", "card", "supply").At(new PortId("board", port)) with { Draws = [Draw("+12 V", 1)] }] };
            return Review.Of(with).Feed.Supplies[0].Limits.Any(limit => limit.Name.StartsWith("all rails", StringComparison.Ordinal));
        }

        Assert.Equal((false, true), (IsSlot("header"), IsSlot("sketch")));
    }

    [Fact]
    public void A_converter_whose_inlet_is_joined_to_nothing_hangs_on_the_wall()
    {
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+5 V"), Limit(5))], Combined = [] }, Draw("+5 V", 1))
            .WithPart("supply", part => part with { Kind = PartKind.Converter, Ports = [Header("+12 V,ground")] });
        graft = graft with { Supplies = [.. graft.Supplies, SmallSupply() with { Id = "other", Part = "other" }] };
        Assert.Null(Review.Of(graft).Feed.Supplies[0].Into);
    }

    [Fact]
    public void What_may_be_tried_is_at_free_plugs_and_at_ports_of_fed_boards_that_give_a_supply_on()
    {
        var graft = Fed(SmallSupply() with { Leads = [Thin("drive-power-15")] }, Draw("+12 V", 1));
        Port Port(string id, string signals) => Header(signals) with { Id = id, Name = id };
        // A power socket brings in, one of the other gender gives on.
        graft = graft.WithPart("board", part => part with
        {
            Ports = [Port("fan", "+12 V,ground"), Port("panel", "power-switch,ground"), Port("taken", "+12 V,ground"), Block("main", Gender.Male),
                Block("onward", Gender.Female)],
        });
        graft = graft with
        {
            Parts = [.. graft.Parts, new Part("idle", "idle", PartKind.Board) { Ports = [Port("other", "+12 V,ground")] },
                new Part("fan", "fan", PartKind.Fan) { Ports = [Plug("+12 V,ground")] }],
            Joints = [Straight("board/taken", "fan/plug")],
        };
        string[] own = ["supply itself", "a of string, 15-contact drive power", "fan of board", "onward of board"];
        Assert.Equal(own, FreePlaces.Of(graft, Review.Of(graft).Feed, graft.Supplies[0]).Select(place => place.Name));
        // Those of the supply that is looked at come first.
        graft = graft with { Supplies = [SmallSupply() with { Id = "first", Leads = [Thin("cpu-power-4")] }, .. graft.Supplies] };
        Assert.Equal([.. own, "supply itself", "a of string, 4-position 12 V power, of supply"],
            FreePlaces.Of(graft, Review.Of(graft).Feed, graft.Supplies[1]).Select(place => place.Name));
    }

    [Fact]
    public void Too_much_on_the_way_back_is_told_whatever_else_is_too_much()
    {
        // Two rails of 4.2 A each come back by one contact of 6 A; one of them gives 4 A.
        var graft = Fed(SmallSupply() with { Rails = [new Rail(Signal("+12 V"), Limit(4)), new Rail(Signal("+5 V"), Limit(9))], Combined = [], Total = null },
            Draw("+12 V", 4.2), Draw("+5 V", 4.2));
        Port Port(string id, Gender gender) => Header("+12 V,+5 V,ground", "power-block", gender) with { Id = id, Name = id };
        graft = graft with
        {
            Parts = [graft.Parts[0] with { Ports = [Port("plug", Gender.Female)] }, graft.Parts[1] with { Ports = [Port("main", Gender.Male)] }],
            Joints = [Straight("supply/plug", "board/main")],
        };
        string[] told = [.. Review.Of(graft).Findings.Where(finding => finding is { Rule.Code: "FEED-001" or "FEED-012", Severity: Severity.Fix })
            .Select(finding => finding.Message.Split(':')[0])];
        Assert.Equal(["supply, +12 V", "supply, ground at plug of supply"], told);
    }

    [Fact]
    public void A_card_maker_s_total_is_not_asked_of_a_converter()
    {
        var graft = Fed(SmallSupply() with { Meant = new MeantInput("brick", "+12 V") }, Draw("+5 V", 1));
        graft = graft with
        {
            Parts = graft.Parts.Add(new Part("brick", "brick", PartKind.Brick)),
            Supplies = [.. graft.Supplies, SmallSupply() with { Id = "brick", Part = "brick" }],
            CardTotal = new(new Watts(300), Evidence.Document),
        };
        var feed = Review.Of(graft).Feed;
        Assert.Equal([false, true], feed.Supplies.Select(supply => feed.SchoolsFor(graft, supply).Verdicts[0].Needed is not null));
    }

    [Fact]
    public void On_the_way_back_drives_start_in_turn_as_on_the_way_there()
    {
        var graft = Splitters(1, 0.1);
        var draw = new Draw("+5 V", Currents(0, 0, 0), Currents(0.1, 0.2, 0.3), Currents(0.1, 0.2, 0.3), Evidence.Measured) { Start = Currents(0.3, 0.4, 0.6) };
        graft = graft with { Loads = [.. graft.Loads.Select(load => load with { Draws = [draw], StartsInTurn = true })] };
        var limits = Review.Of(graft).Feed.Supplies[0].Limits;
        var (there, back) = (Used("+5 V at plug of supply"), Used("ground at plug of supply"));
        Assert.Equal([0.4, 0.6, 0.9], there.Select(amps => Math.Round(amps, 9)));
        Assert.Equal(there.Select(amps => Math.Round(amps, 9)), back.Select(amps => Math.Round(amps, 9)));

        double[] Used(string name) => limits.Single(limit => limit.Name == name).In(LoadCase.Start).Used is var used
            ? [used.Low.Value, used.Likely.Value, used.High.Value] : [];
    }

    [Theory]
    [InlineData(2.49, null)]
    [InlineData(2.51, Severity.Check)]
    [InlineData(-2.51, Severity.Check)]
    [InlineData(4.99, Severity.Check)]
    [InlineData(5.01, Severity.Fix)]
    public void What_is_lost_along_a_lead_is_told_with_its_share(double percent, Severity? weight)
    {
        var (rail, lost) = (percent < 0 ? "-12 V" : "+12 V", Math.Abs(percent));
        var lead = Thin("atx-main-24");
        Graft Of(double amps)
        {
            var supply = SmallSupply() with { Rails = [new Rail(Signal(rail), Limit(90))], Combined = [], Total = null };
            var graft = Fed(supply with { Leads = [lead, lead with { Id = "unused" }] }, Draw(rail, amps));
            return graft with { Loads = [graft.Loads[0].At("s/a")] };
        }

        var one = Assert.Single(VoltageDrop.Of(Review.Of(Of(1)).Feed.Supplies[0], Flows(Of(1))));
        Assert.Equal(one.Drop.Value / 12, one.Share, 12);
        var graft = Of(lost / 100 / one.Share);
        var found = Review.Of(graft).Findings.Where(finding => finding.Rule.Code == "FEED-014").ToArray();
        Assert.Equal(weight, found.Select(finding => (Severity?)finding.Severity).FirstOrDefault());
        if (weight is not null) Assert.Contains($"{120 * lost:0} mV are lost on the way at peak, {lost:0.#} % of it", found[0].Message);
    }

    [Theory]
    [InlineData(LoadCase.Peak, 9, Severity.Stop)]
    [InlineData(LoadCase.Peak, 0.1, Severity.Fix)] // by its high figure alone
    [InlineData(LoadCase.Start, 9, Severity.Fix)]
    public void What_cannot_be_fed_for_a_moment_weighs_less(LoadCase loadCase, double likely, Severity weight)
    {
        var graft = Fed(SmallSupply() with { Leads = [Thin("peripheral-power-4")] }, Draw("+12 V", 0.1) with { HoldsPower = true });
        graft = graft with { Loads = [graft.Loads[0].At("s/a")] };
        graft = new SetDraw("load", "+12 V", null, loadCase, Currents(likely, likely, 9), Evidence.Measured, null).Apply(graft);
        Assert.Equal(weight, Assert.Single(Review.Of(graft).Findings, finding => finding.Rule.Code == "FEED-026").Severity);
    }

    [Fact]
    public void Readings_that_disagree_are_weighed_by_how_well_they_are_known()
    {
        // One board, lossless: idle says low, full load says high.
        var draw = new Draw("+12 V", Currents(1, 2, 3), Currents(4, 6, 8), Currents(4, 6, 8), Evidence.Measured);
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Lossless }, draw) with
        {
            WallReadings = [new WallReading("i", default, WallWork.Idle, new Watts(18)), new WallReading("p", default, WallWork.Peak, new Watts(90))],
        };
        var share = Assert.Single(WallFit.OfAll(graft, Flows(graft))).Shares[0].Share;
        var best = Enumerable.Range(-1000, 2001).Select(step => step / 1000.0).MinBy(Cost);
        Assert.Equal(best, share, 0.001);

        double Cost(double at) => Math.Pow((18 - (24 + (12 * at))) / 1.36, 2) + Math.Pow((90 - (72 + (24 * at))) / 2.8, 2) + (0.5 * at * at);
    }

    [Fact]
    public async Task The_practice_meter_plays_twenty_seconds_at_a_time_and_its_game_is_smooth()
    {
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Lossless }, Draw("+12 V", 6));
        var (meter, seen) = (new PracticeWallMeter(Review.Of(graft).Feed, graft.Supplies[0], default, 5), new List<double>());
        for (var look = 1; look <= 12; look++)
        {
            var answer = await meter.ReadAsync(default, TestContext.Current.CancellationToken);
            Assert.Equal((20, look == 12), (answer.Samples.Length, answer.IsOver));
            seen.AddRange(answer.Samples.Select(sample => sample.Power.Value));
        }

        Assert.True(seen.Zip(seen.Skip(1)).Skip(181).All(pair => Math.Abs(pair.Second - pair.First) < 5));
    }

    private static SupplyLead Thin(string plug) => new("s", "string")
    {
        Awg = 30,
        Length = new Millimetres(3000),
        Plugs = [new SupplyPlug("a", ConnectorTypes.Find(plug)!)],
    };
}
