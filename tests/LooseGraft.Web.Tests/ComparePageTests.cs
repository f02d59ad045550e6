using System.Net;

namespace LooseGraft.Web.Tests;

/// <summary>Offers of one kind beside each other, on their page.</summary>
public sealed class ComparePageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task The_weighbridges_cards_are_held_against_each_other_and_one_is_chosen_in_place_of_the_other()
    {
        var id = await host.StoreAsync(async store => await store.AddAsync(await host.GraftAsync(1), Cancellation));
        var (page, browser) = ($"/graft/{id}/buy/compare", host.Browser());
        var text = await TextAsync(page);
        Assert.Contains("18 mm deeper than the 38 × 172 mm that Seat keeps for it", text);
        Assert.Contains("103.50 EUR for each year of it", text);
        Assert.Contains("the quietest", text);
        Assert.Contains("nobody said what 1 GBP is worth", text);
        Assert.DoesNotContain("kilowatt-hour", text);
        await browser.SubmitAsync(page, "Take", 1, ("offer", "card-of-pallet"));
        Assert.Equal(["card-of-pallet"], (await host.GraftAsync(id)).Buying.Basket.Select(line => line.Offer));
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.Equal(["card"], (await host.GraftAsync(id)).Buying.Basket.Select(line => line.Offer));
        Assert.Contains("That is not needed or offered any more", await BenchHost.TextAsync(await browser.SubmitAsync(page, "Take", 3, ("offer", "next-family"))));
        Assert.Contains("For that there are no two offers any more", await TextAsync($"{page}?want=none"));
        Assert.Contains("There are no two offers of one thing", await TextAsync("/graft/2/buy/compare"));
    }

    [Fact]
    public async Task A_supply_is_written_down_with_its_label_and_its_plugs_and_costs_so_much_a_year()
    {
        var supply = new Part("supply", "Supply", PartKind.Supply) { Origin = PartOrigin.ToBuy };
        var drive = new Part("drive", "Drive", PartKind.Drive);
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("one") with
        {
            Parts = [supply, drive, new Part("board", "Old board", PartKind.Board)],
            Supplies = [new Supply("s", "supply")
            {
                Rails = [new Rail(Signal.Parse("+12 V")!, new(new Amps(10), Evidence.Label))],
                Leads = [new SupplyLead("l", "l") { Plugs = [new SupplyPlug("p", ConnectorTypes.Find("drive-power-15")!)] }],
            }],
            Loads = [new Load("load", "drive")
            {
                Meant = new MeantWay("s") { Plug = "l/p" },
                Draws = [new Draw("+12 V", Amps(1), Amps(2.5), Amps(5), Evidence.Measured)],
            }],
        }, Cancellation));
        var (offers, page, browser) = ($"/graft/{id}/buy/offers?want=for%20part%20supply", $"/graft/{id}/buy/compare", host.Browser());
        await Offered(1, "Plain one", ("price", "40"), ("label", "Unlabelled"), ("gives", "150 W"), ("plugs", "main power 24"));
        await Offered(2, "Thrifty one", ("price", "55"), ("label", "Gold"), ("gives", "59.9"), ("plugs", "2 × drive power, 400 mm"), ("warranty", "5"));
        var text = await TextAsync(page);
        Assert.Contains("A lead of one supply never goes into another", text);
        Assert.Contains("too little: up to 60 W may be asked for at peak", text);
        Assert.Contains("15-contact drive power: 0 of 1", text);
        Assert.Contains("as many and as long as are in use", text);
        Assert.Contains("11 EUR for each year of it", text);
        Assert.Contains("Nobody wrote down what Old board takes", text);
        await browser.SubmitAsync(page, "Current", 3, ("daily", "5 h"), ("tariff", "0,4"));
        text = await TextAsync(page);
        // 30 W are 41.7 W at the wall, for 5 h a day and at 0.40.
        Assert.Contains("76 kWh and 30.42 EUR a year", text);
        Assert.Contains("pays for what it costs more after", text);
        foreach (var wrong in new[] { "24.01", "NaN", "1e309", "-1" })
        {
            var answer = await browser.SubmitAsync(page, "Current", 4, ("daily", wrong), ("tariff", "0.4"));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            Assert.Contains($"“{wrong}” will not do. Type hours a day as a figure from 0 to 24", await BenchHost.TextAsync(answer));
        }

        Assert.Equal((5m, 0.4m), (await host.GraftAsync(id)).Buying.Worth is var worth ? (worth.HoursADay!.Value, worth.Tariff!.Value) : default);
        // What is not said anew stays.
        var kept = (await host.GraftAsync(id)).Buying.FindOffer("thrifty-one")!;
        Assert.Equal((5m, new Watts(59.9), EfficiencyClass.Gold), (kept.Traits.WarrantyYears!.Value, kept.Traits.Total!.Value, kept.Traits.Class!.Value));

        async Task Offered(int revision, string what, params (string, string)[] rest)
            => await browser.SubmitAsync(offers, "Offer", revision, [("at", ""), ("of", "Counter"), ("what", what), ("contents", "for part supply"), .. rest]);
    }

    [Theory]
    [InlineData("warranty", "101", "the years of warranty as a figure from 0 to 100")]
    [InlineData("noise", "loud", "how loud it is in dB(A)")]
    [InlineData("deep", "1e309", "how deep it is in millimetres")]
    [InlineData("deep", "0 mm", "Nothing is 0 mm deep")]
    [InlineData("gives", "-5", "the watts that it gives in all")]
    [InlineData("plugs", "a sock", "“a sock” is no kind of plug")]
    public async Task What_will_not_do_is_told_where_it_was_typed_and_nothing_is_lost(string field, string wrong, string words)
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("one"), Cancellation));
        var answer = await host.Browser().SubmitAsync($"/graft/{id}/buy/offers", "Offer", 1,
            ("at", ""), ("of", "Counter"), ("what", "Thing"), ("price", "4"), ("contents", "nut M3"), (field, wrong));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var text = await BenchHost.TextAsync(answer);
        Assert.Contains(words, text);
        Assert.Contains($"value=\"{wrong}\"", text);
        Assert.Contains("value=\"Thing\"", text);
        Assert.Empty((await host.GraftAsync(id)).Buying.Offers);
    }

    private static Spread<Amps> Amps(double amps) => Spread<Amps>.Exactly(new Amps(amps));

    private async Task<string> TextAsync(string page) => await BenchHost.TextAsync(await host.Browser().GetAsync(page, Cancellation));
}
