using CsCheck;
using LooseGraft.Core.Buy.Comparing;
using LooseGraft.Core.Buy.Edits;
using LooseGraft.Core.Buy.Offers;
using static LooseGraft.Core.Tests.Buy.BuyBench;

namespace LooseGraft.Core.Tests.Buy.Comparing;

public sealed class ComparisonTests
{
    [Fact]
    public void A_year_at_the_wall_is_watts_by_hours_by_days_by_tariff()
    {
        // 0.075 kW × 4 h × 365 = 109.5 kWh.
        var year = YearCost.Of(new Spread<Watts>(new(60), new(75), new(100)), 4, 0.3m);
        Assert.Equal((109.5m, 26.28m, 32.85m, 43.8m), (year.KilowattHours, year.Low.Amount, year.Likely.Amount, year.High.Amount));
    }

    [Fact]
    public void A_supply_is_held_against_what_the_parts_take_and_what_its_label_says()
    {
        var compared = Compared(Supply(("plain", 40, EfficiencyClass.Unlabelled), ("gold", 55, EfficiencyClass.Gold)), daily: 5, tariff: 0.4m);
        Assert.Equal(["plain", "gold"], compared.Offers.Select(offer => offer.Match.Offer.Id));
        // 30 W of 150 W: between 0.87 and 0.93, so 33.3 W likely, 60.8 kWh in 5 h a day, and 24.33 at 0.40.
        var gold = compared.Offers[1];
        var wall = gold.Wall!.Value;
        Assert.Equal([32.3, 33.3, 34.5], new[] { wall.Low, wall.Likely, wall.High }.Select(watts => Math.Round(watts.Value, 1)));
        Assert.Equal((60.8m, 23.55m, 24.33m, 25.17m), (gold.Year!.KilowattHours, gold.Year.Low.Amount, gold.Year.Likely.Amount, gold.Year.High.Amount));
        // 41.7 W and 30.42: 15 more are paid for by 6.09 a year.
        Assert.Equal(30.42m, compared.Offers[0].Year!.Likely.Amount);
        Assert.Equal(15 / 6.09m, gold.PaysAfter(compared.Cheapest!));
        Assert.Null(compared.Offers[0].PaysAfter(gold));
        Assert.Equal(30, Math.Round(compared.Given!.Value.Likely.Value));
    }

    [Fact]
    public void Without_hours_or_a_tariff_a_year_costs_nothing_that_anybody_knows()
    {
        var graft = Supply(("gold", 55, EfficiencyClass.Gold), ("none", 40, null));
        Assert.All(Compared(graft, daily: 5, tariff: null).Offers, offer => Assert.Null(offer.Year));
        Assert.Equal([false, true], Compared(graft, daily: null, tariff: 1).Offers.Select(offer => offer.Wall is not null));
    }

    [Theory]
    [InlineData(60, false)]
    [InlineData(59.9, true)]
    public void A_supply_that_gives_less_than_is_asked_for_at_peak_is_too_little(double watts, bool isBeyond)
    {
        var graft = Supply(("one", 40, null), ("two", 50, null));
        graft = graft.WithBuying(buying => buying with
        {
            Offers = [.. buying.Offers.Select(offer => offer with { Traits = offer.Traits with { Total = new Watts(watts) } })],
        });
        Assert.All(Compared(graft).Offers, offer => Assert.Equal(isBeyond, offer.Beyond is not null));
    }

    [Fact]
    public void Its_plugs_are_held_against_those_that_something_takes()
    {
        var drive = ConnectorTypes.Find("drive-power-15")!;
        var graft = Supply(("one", 40, null), ("two", 50, null));
        graft = graft with
        {
            Supplies = [graft.Supplies[0] with { Leads = [new SupplyLead("s", "s") { Plugs = [new SupplyPlug("a", drive), new SupplyPlug("b", drive)] }] }],
            Loads = [graft.Loads[0].At("s/a"), Bench.Hung("other", "drive", "supply").At("s/b")],
            Parts = [.. graft.Parts, new Part("drive", "drive", PartKind.Drive)],
        };
        graft = graft.WithBuying(buying => buying with
        {
            Offers = [.. buying.Offers.Select((offer, at) => offer with { Traits = new OfferTraits { Plugs = [new OfferPlug(drive, at + 1)] } })],
        });
        Assert.Equal([1, 0], Compared(graft).Offers.Select(offer => Assert.Single(offer.Plugs).Missing));
    }

    [Theory]
    [InlineData(42.5, 3, 15.17)]
    [InlineData(42.5, 0, null)]
    public void Each_year_that_it_is_vouched_for_has_its_price(double price, int years, double? each)
    {
        // With 3 for the parcel.
        var one = Compared(Part((decimal)price, new OfferTraits { WarrantyYears = years })).Offers[0];
        Assert.Equal((decimal?)each, one.WarrantyYear?.Amount);
    }

    [Fact]
    public void Each_year_more_than_the_cheapest_costs_what_it_is_dearer()
    {
        var compared = Compared(Part(20, new OfferTraits { WarrantyYears = 1 }, new OfferTraits { WarrantyYears = 3 }, new OfferTraits()));
        // The second is 1 dearer, and vouched for two years more.
        Assert.Equal(0.5m, compared.Offers[1].WarrantyYearOver(compared.Offers[0])!.Value.Amount);
        Assert.Null(compared.Offers[0].WarrantyYearOver(compared.Offers[1]));
        Assert.Null(compared.Offers[2].WarrantyYearOver(compared.Offers[0]));
    }

    [Theory]
    [InlineData(100, true, 0, "")]
    [InlineData(100.1, false, 0, "")]
    [InlineData(160, false, 0, "")]
    [InlineData(170, false, 10, "to the left: ; to the right: ")]
    [InlineData(180, false, 20, "to the left: ; to the right: cage")]
    [InlineData(210, false, 50, "to the left: the rim of base; to the right: cage")]
    public void A_depth_is_held_against_the_box_in_seat_and_what_stands_beside_it(double depth, bool isWithin, double over, string ways)
    {
        // 160 long from 40 on, the cage from 215 on, the rim at 0 and 400; each side may be off by half a millimetre.
        var graft = Part(20, new OfferTraits { Depth = new Millimetres(depth) }) is var part ? part with
        {
            Seating = part.Seating with
            {
                Planes = [new MountPlane("base", "base", [new(0, 0), new(400, 0), new(400, 300), new(0, 300)])],
                Boxes =
                [
                    new SeatBox("supply", "supply", "base", new PlanRectangle(40, 50, 160, 100)) { Part = "thing", Height = new Millimetres(80) },
                    new SeatBox("cage", "cage", "base", new PlanRectangle(215, 50, 100, 100)) { Height = new Millimetres(80) },
                ],
            },
        } : null!;
        var fit = Compared(graft).Offers[0].Depth!;
        Assert.Equal((isWithin, over), (fit.IsWithin, Math.Max(0, Math.Round(fit.Over, 6))));
        Assert.Equal(ways, string.Join("; ", fit.Grown.Select(grown => $"{grown.Way}: {string.Join(", ", grown.Meets)}")));
    }

    [Theory]
    [InlineData(PartKind.Supply, true)]
    [InlineData(PartKind.Brick, true)]
    [InlineData(PartKind.Converter, true)]
    [InlineData(PartKind.Fan, false)]
    public void What_gives_power_is_known_as_such_whether_or_not_it_is_fed_from(PartKind kind, bool isFeeding)
        => Assert.Equal(isFeeding, Compared(Part(20, OfferTraits.None, OfferTraits.None).WithPart("thing", part => part with { Kind = kind })).IsFeeding);

    [Fact]
    public void One_is_chosen_in_place_of_the_others_and_a_kit_that_serves_another_need_stays()
    {
        var graft = Needing(("nut M3", 3), ("other thing", 1)).With(
            (Offer("kit", 9, Of("nut M3", 3), Of("other thing")), 1), (Offer("spare", 2, Of("other thing")), 1), (Offer("better", 4, Of("other thing")), 0));
        var review = Review(graft);
        var edit = ChooseInstead.For(graft, review.Basket.Value, review.Basket.Value.Lines[1].Need, graft.Buying.FindOffer("better")!, 1);
        Assert.Equal(["kit", "better"], edit.Apply(graft).Buying.Basket.Select(line => line.Offer));
    }

    [Fact]
    public void Six_offers_are_beside_each_other_and_the_dearer_ones_are_counted()
    {
        var compared = Compared(Part(20, [.. Enumerable.Repeat(OfferTraits.None, 8)]));
        Assert.Equal((6, 2), (compared.Offers.Length, compared.LeftAside));
        Assert.Equal(new Money(23), compared.Cheapest!.Price);
        Assert.Null(compared.Supply);
    }

    [Fact]
    public void The_longest_plug_on_the_longest_way_leaves_the_worst_least_short()
        => (from ways in Gen.Int[0, 6].Nullable().List[1, 4] from reaches in Gen.Int[0, 6].List[1, 4] select (ways, reaches)).Hold(
            sample =>
            {
                var fit = PlugFit.Of(Type, [.. sample.ways.Select(way => (double?)way)], [.. sample.reaches.Select(reach => (double?)reach)]);
                var worst = Given(sample.ways, sample.reaches).Min();
                Assert.Equal(worst, fit.Lacks ?? 0);
                Assert.Equal(Math.Max(0, sample.ways.Count - sample.reaches.Count), fit.Missing);
            },
            iter: 2000);

    [Fact]
    public void A_plug_of_which_nobody_said_how_far_it_reaches_is_counted_where_it_has_a_way_to_go()
    {
        Assert.Equal((1, null), (PlugFit.Of(Type, [300, null], [null, null]) is var fit ? fit.Unmeasured : 9, fit.Lacks));
        Assert.True(PlugFit.Of(Type, [300, null], [null, 300]).IsEnough);
        Assert.False(PlugFit.Of(Type, [300.1], [300]).IsEnough);
        Assert.False(PlugFit.Of(Type, [null, null], [300]).IsEnough);
    }

    [Theory]
    [InlineData("main power 24, 500 mm + 4 × drive power, 400 mm")]
    [InlineData("2x processor 8")]
    [InlineData("peripheral 35,5 mm")]
    [InlineData("")]
    public void Plugs_are_written_as_they_are_read(string text)
    {
        var (plugs, problem) = PlugsText.Read(text);
        Assert.Null(problem);
        Assert.Equal(plugs, PlugsText.Read(PlugsText.Write(plugs)).Plugs);
    }

    [Fact]
    public void Every_kind_of_connector_is_written_as_it_is_read()
        => Assert.All(ConnectorTypes.All, type =>
        {
            ValueList<OfferPlug> plugs = [new OfferPlug(type, 3) { Reach = new Millimetres(450.5) }, new OfferPlug(type, 1)];
            Assert.Equal(plugs, PlugsText.Read(PlugsText.Write(plugs)).Plugs);
        });

    [Theory]
    [InlineData("0 × drive power", "counts beyond 1 to 64")]
    [InlineData("65 × drive power", "counts beyond 1 to 64")]
    [InlineData("99999999999 × drive power", "counts beyond 1 to 64")]
    [InlineData("drive power, 10001 mm", "reaches beyond 0.1 to 10000 mm")]
    [InlineData("drive power, 0 mm", "reaches beyond")]
    [InlineData("a sock", "“a sock” is no kind of plug")]
    [InlineData("4 ×", "is no kind of plug")]
    public void What_is_no_plug_is_told(string text, string problem)
    {
        Assert.Contains("4001 characters", PlugsText.Read(new string(' ', 4001)).Problem, StringComparison.Ordinal);
        Assert.Contains(problem, PlugsText.Read(text).Problem, StringComparison.Ordinal);
    }

    private static ConnectorType Type => ConnectorTypes.Find("drive-power-15")!;

    // Every way of giving plugs to ways: by how much the worst is short in each.
    private static IEnumerable<int> Given(List<int?> ways, List<int> reaches)
    {
        if (ways.Count == 0) return [0];
        var rest = ways.Skip(1).ToList();
        // Only where there are fewer plugs than ways may one go without.
        var without = ways.Count > reaches.Count ? Given(rest, reaches) : [];
        return without.Concat(reaches.Index().SelectMany(reach => Given(rest, [.. reaches.Where((_, at) => at != reach.Index)])
            .Select(worst => Math.Max(worst, ways[0] is { } way ? way - reach.Item : 0))));
    }

    private static Graft Supply(params (string Id, decimal Price, EfficiencyClass? Class)[] offers)
    {
        var fed = Bench.Fed(Bench.SmallSupply(), Bench.Draw("+12 V", 5));
        return Needing().With([.. offers.Select(offer => (Offer(offer.Id, offer.Price, Of("for part supply")) with
        {
            Traits = new OfferTraits { Class = offer.Class, Total = new Watts(150) },
        }, 0))]) with
        {
            Parts = [fed.Parts[0] with { Origin = PartOrigin.ToBuy }, fed.Parts[1]],
            Supplies = fed.Supplies,
            Loads = fed.Loads,
        };
    }

    // Each is 1 dearer than the one before.
    private static Graft Part(decimal price, params OfferTraits[] traits)
        => Needing().With([.. traits.Select((each, at) => (Offer($"o{at}", price + at, Of("for part thing")) with { Traits = each }, 0))]) with
        {
            Parts = [new Part("thing", "thing", PartKind.Other) { Origin = PartOrigin.ToBuy }],
        };

    private static Comparison Compared(Graft graft, decimal? daily = null, decimal? tariff = null)
    {
        var review = Core.Review.Of(graft.WithWorth(worth => worth with { HoursADay = daily, Tariff = tariff })).SeenFrom(Around);
        return Comparison.Of(review, review.Buy.Basket.Value.Lines[0]);
    }
}
