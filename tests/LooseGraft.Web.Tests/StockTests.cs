using System.Net;
using LooseGraft.Core.Files;

namespace LooseGraft.Web.Tests;

/// <summary>The old case, known donors and the grid of contacts, through their forms.</summary>
public sealed class StockTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_need_stays_a_finding_until_a_part_meets_it_or_it_is_left_off_knowingly()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        await browser.SubmitAsync(page, "Answer", 1, ("duty", "CoolerMount"), ("did", "true"));
        Assert.Contains(Core.Review.Of(await host.GraftAsync(id)).Findings, finding => finding.Rule.Code == "STOCK-001");
        await browser.SubmitAsync(page, "Meet", 2, ("duty", "CoolerMount"), ("metBy", "board"), ("leftOff", ""));
        Assert.DoesNotContain(Core.Review.Of(await host.GraftAsync(id)).Findings, finding => finding.Rule.Code == "STOCK-001");
        await browser.SubmitAsync(page, "Meet", 3, ("duty", "CoolerMount"), ("metBy", ""),
            ("leftOff", "it runs without a cooler for a minute, for tests only"));
        var answer = Assert.Single((await host.GraftAsync(id)).OldCase);
        Assert.Equal((null, "it runs without a cooler for a minute, for tests only"), (answer.MetBy, answer.LeftOff));
    }

    [Fact]
    public async Task One_more_donor_has_its_own_case_and_its_own_proof_of_life_and_leaves_its_parts_behind()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        var refused = await browser.SubmitAsync(page, "AddDonor", 1, ("donorName", " "), ("sort", "a till"));
        Assert.Contains("Give the donor a name", await BenchHost.TextAsync(refused));
        await browser.SubmitAsync(page, "AddDonor", 1, ("donorName", "Second till"), ("sort", "till"));
        Assert.Contains("is a donor already", await BenchHost.TextAsync(await browser.SubmitAsync(page, "AddDonor", 2, ("donorName", "second TILL"))));
        await browser.SubmitAsync(page, "AddPart", 2, ("name", "Its board"), ("kind", "Board"), ("origin", "Donor/second-till"));
        await browser.SubmitAsync(page, "Answer", 3, ("duty", "CoolerMount"), ("did", "true"), ("of", "second-till"));
        await browser.SubmitAsync($"/graft/{id}/prove/life?donor=second-till", "Saw", 4, ("watched", "Picture"), ("seen", "true"));
        var graft = await host.GraftAsync(id);
        Assert.Equal(("second-till", "second-till", CaseDuty.CoolerMount),
            (graft.FindPart("its-board")!.Donor, graft.Observations[0].Donor, graft.OtherDonors[0].OldCase[0].Duty));
        foreach (var (donor, life) in new[] { ("?donor=second-till", "proven alive"), ("", "not proven alive yet") })
            Assert.Contains($"<strong>{life}</strong>", await browser.GetStringAsync($"/graft/{id}/prove/life{donor}", Cancellation), StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}/prove/life?donor=third", Cancellation)).StatusCode);
        foreach (var origin in new[] { "Shell/second-till", "Nowhere", "9" })
        {
            var answer = await browser.SubmitAsync(page, "AddPart", 5, ("name", "x"), ("kind", "Board"), ("origin", origin));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        }

        await browser.SubmitAsync(page, "DescribeDonor", 5, ("of", ""), ("donorName", "First till"), ("sort", "till"), ("donorNote", "wet"));
        Assert.Contains("First till and Second till", await browser.GetStringAsync("/", Cancellation), StringComparison.Ordinal);
        await browser.SubmitAsync(page, "RemoveDonor", 6, ("of", "second-till"));
        graft = await host.GraftAsync(id);
        Assert.Equal((null, 0, 0), (graft.FindPart("its-board")!.Origin, graft.Observations.Length, graft.OtherDonors.Length));
    }

    [Fact]
    public async Task A_part_in_the_place_of_another_sets_it_aside_on_every_page_until_it_is_not_any_more()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        var old = (await host.GraftAsync(id)).Loads.First(load => load.Part != "kt31").Part;
        var name = (await host.GraftAsync(id)).NameOf(old);
        Assert.Contains(name, WebUtility.HtmlDecode(await browser.GetStringAsync($"/graft/{id}/feed", Cancellation)), StringComparison.Ordinal);
        await browser.SubmitAsync(page, "AddPart", 1, ("name", "Stand-in"), ("kind", "Other"), ("origin", "ToBuy"));
        (string, string)[] stands = [("part", "stand-in"), ("name", "Stand-in"), ("kind", "Other"), ("origin", "ToBuy")];
        await browser.SubmitAsync(page, "Describe", 2, [.. stands, ("inPlaceOf", old)]);
        Assert.Equal(old, (await host.GraftAsync(id)).FindPart("stand-in")!.InPlaceOf);
        var shown = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        Assert.Matches("Set aside: <a href=\"#[^\"]+\">Stand-in</a> is in its place", shown);
        foreach (var stage in new[] { "feed", "feed/wall", "wire", "seat", "seat/lists", "prove" })
        {
            var text = WebUtility.HtmlDecode(await browser.GetStringAsync($"/graft/{id}/{stage}", Cancellation));
            Assert.DoesNotContain($">{name}<", text, StringComparison.Ordinal);
        }

        var itself = await browser.SubmitAsync(page, "Describe", 3, [.. stands, ("inPlaceOf", "stand-in")]);
        Assert.Contains("a part that does not stand in its place", await BenchHost.TextAsync(itself));
        await browser.SubmitAsync(page, "Describe", 3, [.. stands, ("inPlaceOf", "")]);
        Assert.DoesNotContain("Set aside:", await browser.GetStringAsync(page, Cancellation), StringComparison.Ordinal);
        Assert.Contains(name, WebUtility.HtmlDecode(await browser.GetStringAsync($"/graft/{id}/feed", Cancellation)), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_a_part_is_called_costs_and_comes_from_is_corrected_where_it_stands()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        var board = (await host.GraftAsync(id)).Parts[0];
        await browser.SubmitAsync(page, "Describe", 1, ("part", board.Id), ("name", " Till board "), ("kind", "Board"), ("origin", "ToBuy"), ("cost", "12,50"),
            ("note", "Coin slot side up."));
        var told = (await host.GraftAsync(id)).Parts[0];
        Assert.Equal(
            board with { Name = "Till board", Origin = PartOrigin.ToBuy, Cost = new Money(12.5m), Note = "Coin slot side up." }, told);
        Assert.Contains($"{board.Name}: called Till board, to buy, 12.50 EUR, its note", await browser.GetStringAsync($"/graft/{id}/history", Cancellation));
        foreach (var (name, cost) in new[] { ("", "3"), ("Till board", "-3"), ("Till board", "1e309") })
        {
            var answer = await browser.SubmitAsync(page, "Describe", 2, ("part", board.Id), ("name", name), ("kind", "Board"), ("cost", cost));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            Assert.Contains($"value=\"{cost}\"", await BenchHost.TextAsync(answer));
        }

        await browser.SubmitAsync(page, "Describe", 2, ("part", board.Id), ("name", board.Name), ("kind", "Board"), ("origin", $"{board.Origin}"));
        Assert.Equal(board, (await host.GraftAsync(id)).Parts[0]);
    }

    [Fact]
    public async Task A_usual_part_brings_its_connectors_rails_and_draws()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        await browser.SubmitAsync(page, "AddUsual", 1, ("template", "supply-300"), ("name", "Old supply"), ("origin", "Bought"), ("cost", "12"));
        await browser.SubmitAsync(page, "AddUsual", 2, ("template", "drive-35"), ("name", ""), ("origin", "Donor"));
        var graft = await host.GraftAsync(id);
        Assert.Equal(["board", "old-supply", "hard-drive-3-5-in"], graft.Parts.Select(part => part.Id));
        Assert.Equal(18, Assert.Single(graft.Supplies).Rails[0].Limit.Value.Value);
        Assert.Equal(0.9, Assert.Single(graft.Loads).Draws[0].Peak.High.Value);
        Assert.Contains(Core.Review.Of(graft).Unproven, fact => fact.Words.Contains("Old supply", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_pasted_table_fills_a_connector_whole_or_not_at_all()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock/board/header");
        var bad = await browser.SubmitAsync(page, "Paste&from=Document", 1, ("table", "1,+12 V\n2,<b>\n11,ground\n1,ground"));
        var text = await BenchHost.TextAsync(bad);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
        Assert.Contains("Line 2: “<b>” is not a signal", text);
        Assert.Contains("Line 3: position 11, but header has 10", text);
        Assert.Contains("Line 4: position 1 again", text);
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Ports[0].Pins);

        await browser.SubmitAsync(page, "Paste&from=Document", 1, ("table", "pin;signal;colour;note\n1;+12V;yellow;thick\n3;GND;black;\n4;key;;"));
        var pins = (await host.GraftAsync(id)).Parts[0].Ports[0].Pins;
        Assert.Equal([("+12 V", "yellow"), ("ground", "black"), ("none", null)], pins.Select(pin => (pin.Signal.Value.Name, pin.WireColour)));
        Assert.Equal((ContactState.Absent, "thick", Evidence.Document), (pins[2].Contact, pins[0].Signal.Note, pins[0].Signal.Evidence));
    }

    [Fact]
    public async Task A_cell_that_is_no_signal_is_told_by_its_position_and_nothing_is_half_saved()
    {
        var id = await host.BareAsync();
        var page = $"/graft/{id}/stock/board/header";
        var answer = await host.Browser().SubmitAsync(page, "Grid", 1, ("signal-1", "ground"), ("signal-2", "+99999 V"));
        Assert.Contains("Position 2: “+99999 V” is not a signal", await BenchHost.TextAsync(answer));
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Ports[0].Pins);
    }

    [Fact]
    public async Task A_shape_that_would_lose_described_contacts_is_refused()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock/board/header");
        await browser.SubmitAsync(page, "Grid", 1, ("signal-10", "ground"));
        var answer = await browser.SubmitAsync(page, "Shape", 2, ("rowCount", "2"), ("columnCount", "4"), ("gender", "Male"), ("keying", "None"),
            ("numbering", "Zigzag"));
        Assert.Contains("1 described contacts would be lost", await BenchHost.TextAsync(answer));
        await browser.SubmitAsync(page, "Shape", 2, ("name", "wide"), ("rowCount", "2"), ("columnCount", "6"), ("pitch", "2"), ("gender", "Female"),
            ("keying", "Shroud"), ("numbering", "Zigzag"), ("lead", "300"));
        var port = (await host.GraftAsync(id)).Parts[0].Ports[0];
        Assert.Equal(("wide", 12, 2, Keying.Shroud, 300), (port.Name, port.PositionCount, port.Pitch.Value, port.Keying, port.LeadLength!.Value.Value));
    }

    [Fact]
    public async Task Mounting_holes_are_typed_a_line_each_and_a_line_that_is_none_is_told()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        var bad = await browser.SubmitAsync(page, "Holes", 1, ("part", "board"), ("holes", "6.35 33,02 3.96\n5 NaN 3\n1 2"));
        var text = await BenchHost.TextAsync(bad);
        Assert.Contains("“5 NaN 3” is not a hole", text);
        Assert.Contains("“1 2” is not a hole", text);
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Holes);
        await browser.SubmitAsync(page, "Holes", 1, ("part", "board"), ("holes", "6.35 33,02 3.96 mm"));
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Holes);
        await browser.SubmitAsync(page, "Holes", 1, ("part", "board"), ("holes", "6.35 33,02 3.96"));
        Assert.Equal((6.35, 33.02), ((await host.GraftAsync(id)).Parts[0].Holes[0].X, (await host.GraftAsync(id)).Parts[0].Holes[0].Y));
    }

    [Fact]
    public async Task A_board_is_kept_as_a_known_donor_exported_imported_and_brought_into_another_graft()
    {
        var id = await host.BareAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        await browser.SubmitAsync(page, "KeepDonor", 1, ("part", "board"), ("model", "Lantern 7"), ("revision", "A"));
        var list = await browser.GetStringAsync("/donors", Cancellation);
        var number = int.Parse(list.Split("Lantern 7")[1].Split("/donors/")[1].Split('/')[0], System.Globalization.CultureInfo.InvariantCulture);
        var file = await browser.GetByteArrayAsync($"/donors/{number}/file", Cancellation);
        var read = DonorFile.Read(file).Donor!;
        // The same model comes round with another pin on position 1.
        var other = read with
        {
            Revision = "B",
            Board = read.Board with { Ports = [read.Board.Ports[0].With(new Pin(1) { Signal = new(Signal.Ground, Evidence.Measured) })] },
        };
        Assert.Contains("Lantern 7, revision B, is on the shelf", await BenchHost.TextAsync(await ImportDonorAsync(browser, DonorFile.Write(other))));

        var target = await host.StoreAsync(store => store.AddAsync(Graft.Empty("target"), Cancellation));
        var stock = $"/graft/{target}/stock?donor=Lantern%207";
        var text = await BenchHost.TextAsync(await browser.GetAsync(stock, Cancellation));
        Assert.Contains("Which revision lies on the desk?", text);
        Assert.Contains("header, position 1", text);
        await browser.SubmitAsync(stock, "BringDonor", 1, ("kept", $"{number}"), ("sure", "false"));
        var board = Assert.Single((await host.GraftAsync(target)).Parts);
        Assert.Equal((Evidence.Assumed, Evidence.Assumed, "on the other revision: ground"),
            (board.BoardRevision!.Evidence, board.Ports[0].PinAt(1).Signal.Evidence, board.Ports[0].PinAt(1).Signal.Note));
        Assert.Contains(Core.Review.Of(await host.GraftAsync(target)).Findings, finding => finding.Rule.Code == "STOCK-004");
    }

    [Fact]
    public async Task A_donors_file_that_is_none_is_refused_with_its_errors()
    {
        var answer = await ImportDonorAsync(host.Browser(), """{"format":"loose-graft-donor","formatVersion":1,"model":"x","board":{"id":"B"}}"""u8.ToArray());
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("$.revision", text);
        Assert.Contains("$.board.id", text);
    }

    private static async Task<HttpResponseMessage> ImportDonorAsync(HttpClient browser, byte[] bytes)
    {
        var form = new MultipartFormDataContent
        {
            { new ByteArrayContent(bytes), "file", "donor.json" },
            { new StringContent(await BenchHost.TokenAsync(browser, "/donors")), "__RequestVerificationToken" },
        };
        return await browser.PostAsync("/donors?handler=Import", form, Cancellation);
    }
}
