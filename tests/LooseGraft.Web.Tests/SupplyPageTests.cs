using System.Net;
using LooseGraft.Core;
using LooseGraft.Core.Feed;
using LooseGraft.Core.Stock;
using LooseGraft.Core.Wire.Edits;
using LooseGraft.Web.Forms;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Tests;

/// <summary>The label of a supply, what its leads are made of, and loads as people know them.</summary>
public sealed class SupplyPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Theory]
    [InlineData("12V1 14 A\n12V2 10 A", "12V1 14,12V2 10")]
    [InlineData("+12 V 1: 14\n+12V2 = 10A", "12V1 14,12V2 10")]
    [InlineData("+12 V: 14 A", "+12 V 14")]
    [InlineData("+12 V 1 A", "+12 V 1")] // one ampere, not a first rail
    [InlineData("3V3 20 A\n5 V 20 A", "+3.3 V 20,+5 V 20")]
    [InlineData("left: +12 V 8 A\nright: +12 V 9 A", "left 8,right 9")]
    public void Lines_of_a_label_are_read_as_they_are_printed_and_written_back(string lines, string rails)
    {
        var label = SupplyLabel.Read(new ModelStateDictionary(), lines, null)!;
        Assert.Equal(rails, string.Join(',', label.Rails.Select(rail => $"{rail.Name} {rail.Limit.Value.Value}")));
        Assert.Equal(label, SupplyLabel.Read(new ModelStateDictionary(), SupplyLabel.Text(label), null));
    }

    [Theory]
    [InlineData("+12 V 14 A\n+12 V 10 A", "stands there twice")]
    [InlineData("12V1 14 A\n12V1 & 12V2 276 W", "is not a limit that rails share")]
    [InlineData("12V1 NaN A", "is not a figure")]
    [InlineData("a name of more than twenty: +12 V 3 A", "is not a rail")]
    [InlineData("", "at least one rail")]
    public void A_label_that_will_not_do_is_told(string lines, string words)
    {
        var errors = new ModelStateDictionary();
        Assert.Null(SupplyLabel.Read(errors, lines, null));
        Assert.Contains(words, errors.Values.SelectMany(each => each.Errors).First().ErrorMessage);
    }

    [Fact]
    public async Task The_label_of_a_supply_that_stands_there_is_typed_anew_and_its_leads_are_hung_on_its_rails()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        await browser.SubmitAsync(page, "Relabel", 1, ("rails", "12V1 10 A\n12V2 9 A\n+12 V standby 1.5 A\n12V1 & 12V2 204 W"), ("total", "210"));
        var supply = (await host.GraftAsync(id)).Supplies[0];
        Assert.Equal(["12V1", "12V2", "+12 V standby"], supply.Rails.Select(rail => rail.Name));
        Assert.Equal(["12V1", "12V2"], Assert.Single(supply.Combined).Rails);
        Assert.Contains("nobody said whether it hangs on 12V1 or 12V2", await TextAsync(browser, page));
        await browser.SubmitAsync(page, "Lead", 2, ("lead", "main"), ("on", "12V2"), ("awg", "16"), ("wires", "3"), ("few", "12V2 4, ground 5"),
            ("leadMm", "300"));
        var lead = (await host.GraftAsync(id)).Supplies[0].Leads[0];
        Assert.Equal(("12V2", 16, 4, 5), (lead.Rails[0], lead.Awg, lead.RailWires[0].Wires, lead.RailWires[1].Wires));
        var text = await TextAsync(browser, page);
        Assert.DoesNotContain("nobody said whether it hangs", text);
        Assert.Contains("12V2 4, ground 5", text);
    }

    [Theory]
    [InlineData("18", "0", "", "is not a number of wires")]
    [InlineData("18", "17", "", "1 to 16 wires")]
    [InlineData("", "1", "", "gauge of its wires")]
    [InlineData("18", "1", "+9 V 3", "which rail has how many")]
    [InlineData("18", "1", "+12 V 99", "which rail has how many")]
    [InlineData("18", "1", "+12 V 2, +12 V 2", "Name each rail once")]
    public async Task A_lead_that_will_not_do_is_explained_and_what_was_typed_stands_there(string awg, string wires, string few, string words)
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var answer = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Lead", 1, ("lead", "main"), ("awg", awg), ("wires", wires), ("few", few),
            ("leadMm", "300")));
        Assert.Contains(words, answer);
        Assert.Contains($"value=\"{few}\"", answer);
        Assert.Equal(18, (await host.GraftAsync(id)).Supplies[0].Leads[0].Awg);
    }

    [Fact]
    public async Task Watts_of_a_part_are_typed_as_watts_by_the_socket_that_takes_them()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var socket = (await host.GraftAsync(id)).FindPart("office")!.Ports.First(port => port.Type.Housing == Housing.Power).Id;
        await browser.SubmitAsync(page, "AddDraw", 1, ("part", "office"), ("rail", "+12 V"), ("inWatts", "true"), ("low", "50"), ("likely", "60"),
            ("high", "66"), ("minute", "85"), ("by", $"office/{socket}"), ("evidence", "Document"));
        var draw = (await host.GraftAsync(id)).FindDraw("board", "+12 V", socket)!;
        Assert.Equal((true, 5, 85 / 12.0), (draw.HoldsPower, draw.Typical.Likely.Value, draw.Peak.Likely.Value));
        await browser.SubmitAsync(page, "Draw&case=typical", 2, ("load", "board"), ("rail", "+12 V"), ("socket", socket), ("low", "60"), ("likely", "72"),
            ("high", "72"), ("evidence", "Document"));
        Assert.Equal(6, (await host.GraftAsync(id)).FindDraw("board", "+12 V", socket)!.Typical.Likely.Value, 9);
        Assert.Contains("value=\"72\"", await browser.GetStringAsync(page + "?case=typical", Cancellation));
        await browser.SubmitAsync(page, "RemoveDraw", 3, ("load", "board"), ("rail", "+12 V"), ("socket", socket));
        var left = await host.GraftAsync(id);
        Assert.Null(left.FindDraw("board", "+12 V", socket));
        Assert.NotNull(left.FindDraw("board", "+12 V", null));
    }

    [Theory]
    [InlineData("60", "card/power", "not one of Office 4S board")]
    [InlineData("50", "", "is less than the likely")]
    [InlineData("1e309", "", "is not a figure")]
    public async Task A_draw_that_will_not_do_is_explained(string minute, string by, string words)
    {
        var (_, page, browser) = await host.WeighbridgeAsync();
        var answer = await browser.SubmitAsync(page, "AddDraw", 1, ("part", "office"), ("rail", "+5 V"), ("inWatts", "true"), ("low", "50"), ("likely", "60"),
            ("high", "66"), ("minute", minute), ("by", by), ("evidence", "Document"));
        Assert.Contains(words, await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_setting_that_holds_a_part_back_is_told_beside_what_it_takes_without()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        await browser.SubmitAsync(page, "Hold", 1, ("load", "card"), ("cap", "60"), ("inTurn", "true"));
        var load = (await host.GraftAsync(id)).Loads.First(each => each.Id == "card");
        Assert.Equal((new Watts(60), true), (load.Cap!.Limit.Value, load.StartsInTurn));
        Assert.Contains("of 74.4 W (66–88.8 W) at peak without", await TextAsync(browser, page));
        var bad = await browser.SubmitAsync(page, "Hold", 2, ("load", "card"), ("cap", "-5"));
        Assert.Contains("is negative", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(page, "Hold", 2, ("load", "card"), ("cap", ""));
        Assert.Null((await host.GraftAsync(id)).Loads.First(each => each.Id == "card").Cap);
    }

    [Fact]
    public async Task A_what_if_can_be_put_on_a_free_slot_of_the_board_and_kept_there()
    {
        var (id, page, browser) = await host.WeighbridgeAsync();
        var feed = await TextAsync(browser, page);
        Assert.Contains("value=\"port|supply|office/fan\"", feed);
        var tried = await TextAsync(browser, $"{page}?amps=3&from=%2B12%20V&at=port|supply|office/fan");
        Assert.Contains("at processor fan header of Office 4S board of Office 4S supply gives first: 3.25 A of 1 A", tried);
        await browser.SubmitAsync(page, "KeepTried&amps=0.1&from=%2B12%20V&at=port|supply|office/fan", 1);
        Assert.Equal(new PortId("office", "fan"), (await host.GraftAsync(id)).Loads[^1].Meant!.Through);
    }

    [Fact]
    public async Task A_drive_without_a_plug_of_its_kind_gets_an_adapter_by_one_act()
    {
        var graft = ((string[])["supply-300", "drive-35", "drive-35", "drive-35"]).Select(sort => PartTemplate.Find(sort)!)
            .Aggregate(Graft.Empty("mill"), (made, sort) => TemplatePart.Add(made, sort, sort.Name, PartOrigin.ToBuy, null));
        graft = LooseEnd.Of(graft, Review.Of(graft).Feed).SelectMany(end => end.Joints)
            .Aggregate(graft, (made, joint) => new AddJoint(joint.From, joint.To).Apply(made));
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var (page, browser) = ($"/graft/{id}/feed", host.Browser());
        Assert.Contains("Put in adapter, peripheral plug to drive plug, on peripheral plug", await TextAsync(browser, page));
        var socket = new PortId(graft.Parts[3].Id, graft.Parts[3].Ports[0].Id);
        var none = await browser.SubmitAsync(page, "Adapt", 1, ("socket", "nobody/nothing"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, none.StatusCode);
        await browser.SubmitAsync(page, "Adapt", 1, ("socket", $"{socket}"));
        var after = await host.GraftAsync(id);
        Assert.Equal((5, 4), (after.Parts.Length, after.Joints.Length));
        Assert.All(Review.Of(after).Feed.Flows.All, flow => Assert.Equal("Joined", $"{flow.Hold}"));
        Assert.DoesNotContain("Not wired yet", await TextAsync(browser, page));
    }

    [Fact]
    public async Task What_is_not_wired_is_joined_by_one_act()
    {
        var graft = ((string[])["board-mini-itx", "supply-450"]).Select(sort => PartTemplate.Find(sort)!)
            .Aggregate(Graft.Empty("mill"), (made, sort) => TemplatePart.Add(made, sort, sort.Name, PartOrigin.ToBuy, null));
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var (page, browser) = ($"/graft/{id}/feed", host.Browser());
        Assert.Contains("Join main plug with main power", await TextAsync(browser, page));
        var (supply, board) = (graft.Supplies[0].Part, graft.Parts[0]);
        await browser.SubmitAsync(page, "Join", 1, ("from", $"{supply}/main-plug"), ("to", $"{board.Id}/main-power"));
        Assert.Single((await host.GraftAsync(id)).Joints);
        Assert.DoesNotContain("Join main plug", await TextAsync(browser, page));
    }

    private static async Task<string> TextAsync(HttpClient browser, string page) => WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
}
