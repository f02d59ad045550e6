using LooseGraft.Core.Feed;
using LooseGraft.Core.Findings;
using static LooseGraft.Core.Tests.Bench;

namespace LooseGraft.Core.Tests.Feed;

/// <summary>What Feed says, with its figures, and just before it says nothing.</summary>
public sealed class FeedSentencesTests
{
    [Theory]
    [InlineData("+12 V 10,+5 V 10", null, 173.4, null)] // 170 W, of which a fiftieth may be rounding
    [InlineData("+12 V 10,+5 V 10", null, 173.5, "its rails give 170 W together, and it claims 173.5 W in all; that cannot be true.")]
    [InlineData("+12 V 10,+5 V 10", 30.0, 153, null)] // what they share stands in their place
    [InlineData("+12 V 10,+5 V 10", 30.0, 153.1, "its rails give 150 W together, and it claims 153.1 W in all; that cannot be true.")]
    [InlineData("+12 V 10,+5 V 10", 90.0, 173.5, "its rails give 170 W together, and it claims 173.5 W in all; that cannot be true.")]
    [InlineData("-12 V 1,+5 V 10", null, 63.3, "its rails give 62 W together, and it claims 63.3 W in all; that cannot be true.")]
    [InlineData("+12 V 10,+5 V 20,+3.3 V 20", null, 240, null)]
    [InlineData("+12 V 10,+5 V 20,+3.3 V 20", null, 240.1, "only 120 W of its 240.1 W are +12 V, on which processor and card live; it was made for older machines, or its label flatters.")]
    [InlineData("+12 V 10,+5 V 30", null, 240.1, null)] // two rails are no supply of a machine
    [InlineData("+12.9 V 10,+5 V 20,+3.3 V 20", null, 258.1, "only 129 W of its 258.1 W are +12 V, on which processor and card live; it was made for older machines, or its label flatters.")]
    [InlineData("+13 V 10,+5 V 20,+3.3 V 20", null, 295, null)]
    [InlineData("+11 V 10,+5 V 20,+3.3 V 20", null, 275, null)]
    public void A_label_is_added_up(string rails, double? shared, double total, string? said)
    {
        var supply = new Supply("supply", "supply")
        {
            Rails = [.. rails.Split(',').Select(rail => rail.LastIndexOf(' ') is var at
                ? new Rail(Signal(rail[..at]), Limit(double.Parse(rail[(at + 1)..], null))) : null!)],
            Combined = shared is { } most ? [new CombinedLimit(["+5 V"], new(new Watts(most), Evidence.Label))] : [],
            Total = new TotalLimit(new(new Watts(total), Evidence.Label)),
        };
        Assert.Equal(said is null ? [] : [$"supply: {said}"], Said(Fed(supply), "FEED-017"));
    }

    private const string Print = "they are for the hungriest machine the card may meet and for poor supplies, and know nothing of these parts.";

    // 108 W and a quarter are 135 W of 150 W.
    [Theory]
    [InlineData(null, null, "Only one school has anything to go on yet.")]
    [InlineData(300.0, null, "The maker's 300 W are 165 W above the sum: " + Print + " They disagree on whether the supply will do.")]
    [InlineData(100.0, null, "The maker's 100 W are 35 W below the sum: " + Print + " They agree on whether it will do.")]
    [InlineData(135.0, null, "The maker's 135 W are 0 W above the sum: " + Print + " They agree on whether it will do.")]
    [InlineData(null, 100.0, "Without its headroom of 25 % the sum is 108 W, 8 W above what was measured: parts seldom peak together, and figures from lists are rounded up. They agree on whether it will do.")]
    [InlineData(null, 108.0, "Without its headroom of 25 % the sum is 108 W, 0 W above what was measured: parts seldom peak together, and figures from lists are rounded up. They agree on whether it will do.")]
    [InlineData(null, 120.0, "Without its headroom of 25 % the sum is 108 W, 12 W below what was measured: something takes more than its figure says, or was left out of the sum. They agree on whether it will do.")]
    public void Why_the_schools_differ_is_put_together_from_their_figures(double? print, double? wall, string why)
        => Assert.Equal(why, Schools(print, Lossless, wall is { } watts ? [Full("r", watts)] : []).WhyTheyDiffer);

    [Fact]
    public void A_school_without_a_label_to_hold_it_against_says_no_more()
    {
        Assert.Equal("108 W of all parts at peak, and 25 % above it", Schools(300, Lossless).Verdicts[1].Words);
        var graft = Fed(SmallSupply() with { Total = null }, Draw("+12 V", 9)) with { CardTotal = new(new Watts(300), Evidence.Document) };
        var feed = Review.Of(graft).Feed;
        Assert.Equal("The maker's 300 W are 165 W above the sum: " + Print, feed.SchoolsFor(graft, feed.Supplies[0]).WhyTheyDiffer);
    }

    [Fact]
    public void Of_readings_under_full_load_with_all_parts_in_the_highest_counts()
    {
        WallReading[] readings = [Full("a", 90) with { MostOften = new Watts(110), Highest = new Watts(100) }, Full("b", 100) with { Highest = new Watts(140) },
            Full("c", 130) with { Work = WallWork.Typical }, Full("d", 130) with { Without = ["board"] }];
        var measured = Schools(null, Lossless, readings).Verdicts[2];
        Assert.Equal(new Spread<Watts>(new(110), new(110), new(110)), measured.Needed);
        Assert.Equal("110 W at the wall under full load, of which a supply of class lossless gives on 100 to 100 %", measured.Words);
        Assert.Equal(140, Schools(null, Lossless, [Full("b", 100) with { Highest = new Watts(140) }]).Verdicts[2].Needed!.Value.High.Value);
        Assert.EndsWith("gives on 0 to 0 %", Schools(null, Lossless, [Full("z", 0)]).Verdicts[2].Words);
        // A class that nobody reads on the label leaves nine points in doubt.
        Assert.Contains("The supply has no class on its label, so the 83.5 W to 92.5 W of the measurement could be 9 W apart.",
            Schools(null, null, [Full("r", 120)]).WhyTheyDiffer);
    }

    [Theory]
    [InlineData(5.01, Evidence.Measured, Evidence.Label, null)]
    [InlineData(5, Evidence.Assumed, Evidence.Label, null)] // twice that is the limit itself
    [InlineData(5.01, Evidence.Assumed, Evidence.Label, "60.1 W of the 60.1 W at peak rest on diagrams or assumptions; were they twice that, it would not")]
    [InlineData(8, Evidence.Measured, Evidence.Assumed, null)] // eight tenths of a limit that nobody knows
    [InlineData(8.01, Evidence.Measured, Evidence.Assumed, "its limit of 120 W is itself assumed")]
    [InlineData(5.1, Evidence.Assumed, Evidence.Assumed, "61.2 W of the 61.2 W at peak rest on diagrams or assumptions; were they twice that, it would not")]
    [InlineData(8.1, Evidence.Assumed, Evidence.Assumed, "its limit of 120 W is itself assumed")]
    public void Thin_evidence_says_what_is_thin(double amps, Evidence drawn, Evidence limit, string? why)
    {
        var supply = new Supply("supply", "supply") { Rails = [new Rail(Signal("+12 V"), Limit(10, limit))] };
        Assert.Equal(why is null ? [] : [$"supply, +12 V: carries it on paper, but {why}."], Said(Fed(supply, Draw("+12 V", amps, drawn)), "FEED-007"));
    }

    [Theory]
    [InlineData(11, 0, 0, Severity.Fix, "is asked for 132 W at peak, but gives 120 W (label).")]
    [InlineData(1, 11, 0, Severity.Fix, "is asked for 132 W when it starts, but gives 120 W (label).")]
    [InlineData(1, 0, 13, null, null)] // milliseconds of three tenths more trip nothing
    [InlineData(1, 0, 13.1, Severity.Check, "may be asked for 157.2 W for milliseconds now and then, but gives 120 W (label).")]
    [InlineData(8.1, 0, 0, Severity.Check, "97.2 W at peak of 120 W (label): carries it, and you keep 25 % above the sum.")]
    public void A_limit_says_when_it_is_passed(double peak, double start, double spike, Severity? weight, string? said)
    {
        var draw = Draw("+12 V", peak) with
        {
            Start = start > 0 ? Currents(start, start, start) : null,
            Spike = spike > 0 ? Currents(spike, spike, spike) : null,
        };
        var told = Review.Of(Fed(new Supply("supply", "supply") { Rails = [new Rail(Signal("+12 V"), Limit(10))] }, draw)).Findings
            .Where(finding => finding.Rule.Code is "FEED-001" or "FEED-023").Select(finding => ((Severity?)finding.Severity, finding.Message));
        Assert.Equal(said is null ? [] : [(weight, $"supply, +12 V: {said}")], told);
    }

    [Theory]
    [InlineData(1, true, 8.1, 0.25, 0)] // what one rail gives is what the supply gives
    [InlineData(1, false, 8.1, 0.25, 1)]
    [InlineData(2, true, 8.1, 0.25, 1)]
    [InlineData(2, true, 7.9, 0.25, 0)]
    [InlineData(2, true, 8.1, 0.2, 0)]
    [InlineData(2, true, 10.1, 0.25, 0)] // beyond the limit is another matter
    public void Headroom_that_is_eaten_is_told_once(int rails, bool hasTotal, double amps, double headroom, int told)
    {
        // The total, 110 W of which headroom is left neither, is told by the schools.
        var total = new TotalLimit(new(new Watts(110), Evidence.Label));
        var supply = SmallSupply() with { Combined = [], Rails = [.. SmallSupply().Rails.Take(rails)], Total = hasTotal ? total : null };
        Assert.Equal(told, Said(Fed(supply, Draw("+12 V", amps)) with { Headroom = headroom }, "FEED-023").Length);
    }

    [Theory]
    [InlineData(6.2)] // a tenth less of the 7 A of a wire are 6.3
    [InlineData(6.35, "supply, +12 V: 76.2 W at peak, and 74.9 W is what one would ask of it, as it is 10 years old, it sits hot; its label says 90 W.", "supply, +12 V along string: 6.35 A at peak, and 6.3 A is what one would ask of it, as it sits hot; cool it would bear 7 A.")]
    public void Of_an_old_supply_that_sits_hot_less_is_asked(double amps, params string[] said)
    {
        var lead = new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("power-block")!)], WiresEach = 1 };
        var supply = new Supply("supply", "supply") { Rails = [new Rail(Signal("+12 V"), Limit(7.5))], Leads = [lead], AgeYears = 10, RunsHot = true };
        var graft = Fed(supply, Draw("+12 V", amps));
        Assert.Equal(said, Said(graft with { Loads = [graft.Loads[0].At("s/a")] }, "FEED-016"));
    }

    [Fact]
    public void Of_an_old_supply_less_is_asked_in_all()
        => Assert.Equal(["supply: 138 W at peak, and 133.1 W is what one would ask of it, as it is 15 years old; its label says 150 W."],
            Said(Fed(SmallSupply() with { AgeYears = 15 }, Draw("+12 V", 9), Draw("+5 V", 6)), "FEED-016"));

    [Theory]
    [InlineData(0)]
    [InlineData(0.1, "+3.3 V is wanted from a of string, and a 4-position peripheral power has none.")]
    public void A_rail_is_wanted_from_a_plug_that_has_it(double amps, params string[] said)
    {
        var lead = new SupplyLead("s", "string") { Plugs = [new SupplyPlug("a", ConnectorTypes.Find("peripheral-power-4")!)] };
        var graft = Fed(SmallSupply() with { Leads = [lead] }, Draw("+3.3 V", amps));
        Assert.Equal(said, Said(graft with { Loads = [graft.Loads[0].At("s/a")] }, "FEED-009"));
    }

    [Theory]
    [InlineData(67.4, EfficiencyClass.Lossless, null)] // twice 0.02 × 67.4 + 1 W about 72 W
    [InlineData(67.2, EfficiencyClass.Lossless, "means 67.2 W of output, and the nearest that figures within their ranges come is 72 W; look first at board.")]
    [InlineData(77, EfficiencyClass.Lossless, null)]
    [InlineData(85.2, EfficiencyClass.Gold, null)] // 92 to 95 %: 0.935 of it, give or take 0.015 of it and 2 % of what is given and a watt
    [InlineData(85.4, EfficiencyClass.Gold, "means 79.8 W of output, and the nearest that figures within their ranges come is 72 W; look first at board.")]
    [InlineData(77.2, EfficiencyClass.Lossless, "means 77.2 W of output, and the nearest that figures within their ranges come is 72 W; look first at board.")]
    public void A_reading_is_explained_within_twice_its_error(double watts, EfficiencyClass sort, string? said)
    {
        var graft = Fed(SmallSupply() with { Class = sort, Total = null }, Draw("+12 V", 6)) with { WallReadings = [Full("r", watts)], MainsVolts = 230 };
        Assert.Equal(said is null ? [] : [$"The wall reading “r” {said}"], Said(graft, "FEED-018"));
    }

    [Fact]
    public void Of_readings_that_nothing_explains_the_furthest_off_is_told()
    {
        var graft = Fed(SmallSupply() with { Class = EfficiencyClass.Lossless }, Draw("+12 V", 6)) with { WallReadings = [Full("a", 60), Full("b", 73)] };
        Assert.StartsWith("The wall reading “a” means 60 W", Assert.Single(Said(graft, "FEED-018")));
    }

    [Fact]
    public void What_another_supply_has_more_of_is_what_it_has_more_of()
    {
        const string usual = "Retail supply, 450 W, bronze class";
        var made = Core.Stock.TemplatePart.MakeSupply(PartTemplate.All.First(each => each.Name == usual), "supply", "supply")!;
        string[] Gains(Supply there)
        {
            var graft = Fed(there, Draw("+12 V", 1));
            var feed = Review.Of(graft).Feed;
            return [.. SupplyChoice.InPlaceOf(graft, feed, feed.Supplies[0], []).Single(each => each.Name == usual).Gains];
        }

        Assert.Empty(Gains(made));
        Assert.Empty(Gains(made with { AgeYears = 0 }));
        var less = made with
        {
            AgeYears = 0.5,
            Total = new TotalLimit(new(new Watts(449), Evidence.Label)),
            Rails = [.. made.Rails.Select(rail => rail.Name == "+12 V" ? rail with { Limit = Limit(rail.Limit.Value.Value - 0.5) } : rail)],
        };
        Assert.Equal(["1 W in all", "0.5 A on +12 V", "new, where the one there is 0.5 years old"], Gains(less));
        Assert.Contains("450 W in all", Gains(less with { Total = null }));
    }

    private static EfficiencyClass? Lossless => EfficiencyClass.Lossless;

    private static WallReading Full(string id, double watts) => new(id, default, WallWork.Peak, new Watts(watts));

    private static Core.Feed.Schools.FeedSchools Schools(double? print, EfficiencyClass? sort, params WallReading[] readings)
    {
        var graft = Fed(SmallSupply() with { Class = sort }, Draw("+12 V", 9)) with
        {
            CardTotal = print is { } watts ? new Known<Watts>(new Watts(watts), Evidence.Document) : null,
            WallReadings = [.. readings],
        };
        var feed = Review.Of(graft).Feed;
        return feed.SchoolsFor(graft, feed.Supplies[0]);
    }

    private static string[] Said(Graft graft, string code)
        => [.. Review.Of(graft).Findings.Where(finding => finding.Rule.Code == code).Select(finding => finding.Message)];
}
