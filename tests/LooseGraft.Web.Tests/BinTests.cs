using System.Globalization;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using LooseGraft.Data;
using LooseGraft.Data.Owned;
using LooseGraft.Data.Tables;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

public sealed class BinTests : IAsyncDisposable
{
    private readonly BenchHost _host = BenchHost.On(Directory.CreateTempSubdirectory("loose-graft-").FullName, ("DEMO", "none"));

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_is_promised_to_one_graft_is_never_promised_to_another()
    {
        var lamp = await PutInAsync("Lamp, 6.3 V", 3);
        var (one, other) = (await GraftAsync("one"), await GraftAsync("other"));
        Assert.Equal(SaveOutcome.Saved, (await TakeAsync(one, 1, lamp, 2)).Outcome);
        var refused = await TakeAsync(other, 1, lamp, 2);
        Assert.Equal(SaveOutcome.Refused, refused.Outcome);
        Assert.Equal("at most 1: the others are promised to another graft", Assert.Single(refused.Errors).Allowed);
        Assert.Equal(1, (await FindAsync("lamp")).Free);
        Assert.Equal(SaveOutcome.Saved, (await TakeAsync(other, 1, lamp, 1)).Outcome);
        Assert.Equal(0, (await FindAsync("lamp")).Free);
    }

    [Fact]
    public async Task Undo_frees_a_piece_and_redo_is_refused_once_another_graft_has_it()
    {
        var lamp = await PutInAsync("Lamp", 1);
        var (one, other) = (await GraftAsync("one"), await GraftAsync("other"));
        await TakeAsync(one, 1, lamp, 1);
        await _host.StoreAsync(store => store.UndoAsync(one, 2, Cancellation));
        Assert.Equal(1, (await FindAsync("lamp")).Free);
        await TakeAsync(other, 1, lamp, 1);
        var redone = await _host.StoreAsync(store => store.RedoAsync(one, 3, Cancellation));
        Assert.Equal(SaveOutcome.Refused, redone.Outcome);
        Assert.Contains("promised to another graft", redone.Errors[0].Allowed);
    }

    [Fact]
    public async Task The_compost_frees_what_a_graft_took_and_putting_back_lets_go_what_is_gone()
    {
        var lamp = await PutInAsync("Lamp", 1);
        var (one, other) = (await GraftAsync("one"), await GraftAsync("other"));
        await TakeAsync(one, 1, lamp, 1);
        await _host.StoreAsync(store => store.ThrowAwayAsync(one, Cancellation));
        Assert.Equal(SaveOutcome.Saved, (await TakeAsync(other, 1, lamp, 1)).Outcome);
        await _host.StoreAsync(store => store.PutBackAsync(one, Cancellation));
        var back = (await _host.StoreAsync(store => store.FindAsync(one, Cancellation)))!;
        Assert.Null(back.Graft.Parts[0].Bin);
        Assert.Contains("let go", back.CanUndo);
        Assert.Equal(["other"], (await FindAsync("lamp")).Promises.Select(promise => promise.Graft));
    }

    [Fact]
    public async Task A_copy_and_a_graft_from_elsewhere_take_nothing()
    {
        var lamp = await PutInAsync("Lamp", 5);
        var one = await GraftAsync("one");
        await TakeAsync(one, 1, lamp, 2);
        var graft = (await _host.StoreAsync(store => store.FindAsync(one, Cancellation)))!.Graft;
        await _host.StoreAsync(store => store.AddAsync(graft with { Name = "copy" }, Cancellation));
        Assert.Equal(3, (await FindAsync("lamp")).Free);
    }

    [Fact]
    public async Task What_is_promised_cannot_be_taken_out_or_counted_away_and_everything_can_be_undone()
    {
        var lamp = await PutInAsync("Lamp", 3);
        await TakeAsync(await GraftAsync("one"), 1, lamp, 2);
        var (row, at) = (await FindAsync("lamp"), (await StepsAsync()).Revision);
        Assert.Equal("Lamp: 2 promised to one. Take it out of the graft first.", (await BinAsync(bin => bin.RemoveAsync(row.Id, at, Cancellation))).Problem);
        Assert.NotNull((await BinAsync(bin => bin.ChangeAsync(row.Id, at, row.Item with { Quantity = 1 }, Cancellation))).Problem);
        Assert.Null((await BinAsync(bin => bin.ChangeAsync(row.Id, at, row.Item with { Quantity = 9, Place = "tin" }, Cancellation))).Problem);
        Assert.Equal((9, "tin"), ((await FindAsync("tin")).Item.Quantity, (await FindAsync("lamp")).Item.Place));
        await UndoAsync();
        Assert.Equal(3, (await FindAsync("lamp")).Item.Quantity);
        Assert.Equal(0, (await BinAsync(bin => bin.SearchAsync("tin", Cancellation))).Found);
        await RedoAsync();
        Assert.Equal(9, (await FindAsync("lamp")).Item.Quantity);
        Assert.Contains("promised to one", (await UndoTwiceAsync()).Problem);
    }

    [Fact]
    public async Task Redo_brings_back_what_was_last_made_upon_the_bin_as_it_stands()
    {
        await PutInAsync("Lamp", 1);
        await PutInAsync("Fan", 1);
        await UndoAsync();
        await PutInAsync("Brick", 1);
        await PutInAsync("Grille", 1);
        await UndoAsync();
        await UndoAsync();
        Assert.Equal("Brick", (await StepsAsync()).Redo);
        await RedoAsync();
        Assert.Equal(("Brick", "Grille"), await StepsAsync() is var steps ? (steps.Undo, steps.Redo) : default);
        await RedoAsync();
        Assert.Null((await StepsAsync()).Redo);
        Assert.Equal(["Brick", "Grille", "Lamp"], (await BinAsync(bin => bin.AllAsync(Cancellation))).Select(item => item.Name));
    }

    [Fact]
    public async Task What_two_change_at_once_is_told_to_the_second_with_what_was_typed()
    {
        await PutInAsync("Lamp", 1);
        var (row, at, browser) = (await FindAsync("lamp"), (await StepsAsync()).Revision, _host.Browser());
        Assert.Null((await BinAsync(bin => bin.ChangeAsync(row.Id, at, row.Item with { Quantity = 4 }, Cancellation))).Problem);
        foreach (var (handler, quantity) in new[] { ("Change", "7"), ("Remove", "") })
        {
            var answer = await BenchHost.SendAsync(
                browser, "/bin", $"/bin?handler={handler}", ("Revision", $"{at}"), ("id", $"{row.Id}"), ("name", "Lamp"), ("quantity", quantity),
                ("kind", "Lamp"), ("condition", "New"), ("currency", "EUR"));
            var text = await BenchHost.TextAsync(answer);
            Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode);
            Assert.Contains("Lamp: 4 in the bin", text);
            if (handler == "Change") Assert.Contains("value=\"7\"", text);
        }

        Assert.Equal(4, (await FindAsync("lamp")).Item.Quantity);
    }

    [Fact]
    public async Task Ten_thousand_entries_come_in_at_once_and_are_found_as_they_are_typed()
    {
        var table = new StringBuilder("name,kind,quantity,place\r\n");
        for (var row = 0; row < 10_000; row++) table.Append(CultureInfo.InvariantCulture, $"Thing {row},other,1,box {row % 40}a\r\n");
        table.Append("Lámpara ámbar,lamp,4,tin\r\n");
        var browser = _host.Browser();
        var preview = await PreviewAsync(browser, "many.csv", Encoding.UTF8.GetBytes(table.ToString()));
        Assert.Contains("many.csv: 10002 rows", preview);
        var imported = await BenchHost.TextAsync(await ImportAsync(browser, table.ToString(), "Name", "Kind", "Quantity", "Place"));
        Assert.Contains("10001 entries from many.csv.", imported);
        Assert.Equal(1, (await BinAsync(bin => bin.SearchAsync("thing 4711", Cancellation))).Found);
        Assert.Equal(250, (await BinAsync(bin => bin.SearchAsync("box 17a", Cancellation))).Found);
        Assert.Equal("Lámpara ámbar", (await FindAsync("ambar lamp")).Item.Name);
        // The whole import is one step back.
        await UndoAsync();
        Assert.Equal(0, (await BinAsync(bin => bin.SearchAsync("", Cancellation))).Owned);
    }

    [Fact]
    public async Task A_table_with_any_error_brings_nothing_in_and_tells_every_row()
    {
        const string table = "what,qty,cost,state\nFan,two,3,new\nBrick,1,NaN,new\n,1,1,new\nLamp,1,1,shiny\nGood,1,1,new\n";
        var answer = await ImportAsync(_host.Browser(), table, "Name", "Quantity", "Paid", "Condition");
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("Line 2: “two” is not a number of pieces", text);
        Assert.Contains("Line 3: “NaN” is not an amount", text);
        Assert.Contains("Line 4: a name of 1 to 120 characters is needed", text);
        Assert.Contains("Line 5: “shiny” is no condition; one of new, works, untested, broken", text);
        Assert.Equal(0, (await BinAsync(bin => bin.SearchAsync("", Cancellation))).Owned);
    }

    [Theory]
    [InlineData("", "There is nothing in it")]
    [InlineData("name\n\"never closed", "does not end")]
    [InlineData("PK\u0003\u0004\0\0", "holds zero bytes")]
    public async Task A_file_that_is_no_table_is_refused_in_words(string content, string words)
        => Assert.Contains(words, await PreviewAsync(_host.Browser(), "odd.csv", Encoding.Latin1.GetBytes(content)));

    [Fact]
    public async Task Columns_are_guessed_whatever_stands_between_them_and_in_whatever_order()
    {
        var text = await PreviewAsync(_host.Browser(), "other.csv", Encoding.Latin1.GetBytes("Where;Part;Qty\ntin;K\u00fchler;2\n"));
        Assert.Contains("Kühler", text);
        Assert.Equal([BinColumn.Place, BinColumn.Name, BinColumn.Quantity], BinTable.Match(CsvTable.Read("Where;Part;Qty").Rows[0]));
        var twice = await ImportAsync(_host.Browser(), "a,b\n1,2\n", "Name", "Name");
        Assert.Contains("Two columns are said to hold the name", await BenchHost.TextAsync(twice));
    }

    [Fact]
    public async Task What_is_taken_away_as_csv_comes_back_the_same_and_is_no_formula_to_a_spreadsheet()
    {
        await PutInAsync("=SUM(A1), \"quoted\"", 2);
        await PutInAsync("Fan; 80 mm", 1);
        var file = await _host.Browser().GetByteArrayAsync("/bin/file", Cancellation);
        Assert.DoesNotContain("\"=SUM", Encoding.UTF8.GetString(file));
        var read = CsvTable.Read(file);
        var (items, errors) = BinTable.Read(read.Rows.Skip(1), BinTable.Match(read.Rows[0]), "EUR");
        Assert.Empty(errors);
        Assert.Equal(await BinAsync(bin => bin.AllAsync(Cancellation)), items);
    }

    [Fact]
    public async Task The_bin_is_kept_by_forms_alone()
    {
        var browser = _host.Browser();
        var bad = await BenchHost.SendAsync(
            browser, "/bin", "/bin?handler=Add", ("name", "Fan"), ("quantity", "-1"), ("kind", "Fan"), ("condition", "New"), ("currency", "EUR"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
        Assert.Contains("is negative", await BenchHost.TextAsync(bad));
        var good = await BenchHost.SendAsync(
            browser, "/bin", "/bin?handler=Add", ("name", "Fan"), ("quantity", "2"), ("paid", "3,5"), ("kind", "Fan"), ("condition", "New"),
            ("currency", "EUR"), ("place", "tin"));
        Assert.Contains("Fan put in the bin.", await BenchHost.TextAsync(good));
        var stale = await BenchHost.SendAsync(browser, "/bin", "/bin?handler=Undo");
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        Assert.Contains("What was done last is now: Fan put in the bin.", await BenchHost.TextAsync(stale));
        var undone = await BenchHost.SendAsync(browser, "/bin", "/bin?handler=Undo", ("Revision", $"{(await StepsAsync()).Revision}"));
        Assert.Contains("Taken back: Fan put in the bin.", await BenchHost.TextAsync(undone));
    }

    [Fact]
    public async Task A_part_is_taken_from_the_bin_on_the_stock_page_with_what_it_cost()
    {
        await PutInAsync("Vessick 80 mm fan", 2, paid: 11.5m);
        var (id, browser) = (await GraftAsync("one"), _host.Browser());
        var page = $"/graft/{id}/stock?bin=fan";
        var row = await FindAsync("fan");
        await browser.SubmitAsync(page, "TakeFromBin", 1, ("entry", $"{row.Id}"), ("count", "2"));
        var part = Assert.Single((await _host.StoreAsync(store => store.FindAsync(id, Cancellation)))!.Graft.Parts);
        Assert.Equal((PartOrigin.Bin, 23m, 2), (part.Origin, part.Cost!.Value.Amount, part.Bin!.Count));
        var more = await browser.SubmitAsync(page, "TakeFromBin", 2, ("entry", $"{row.Id}"), ("count", "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, more.StatusCode);
    }

    public async ValueTask DisposeAsync()
    {
        var folder = _host.Folder;
        await _host.DisposeAsync();
        Directory.Delete(folder, recursive: true);
    }

    private Task<BinSteps> StepsAsync() => BinAsync(bin => bin.StepsAsync(Cancellation));

    private Task<BinOutcome> UndoAsync() => BinAsync(async bin => await bin.UndoAsync((await bin.StepsAsync(Cancellation)).Revision, Cancellation));

    private Task<BinOutcome> RedoAsync() => BinAsync(async bin => await bin.RedoAsync((await bin.StepsAsync(Cancellation)).Revision, Cancellation));

    private async Task<BinOutcome> UndoTwiceAsync()
    {
        await UndoAsync();
        return await UndoAsync();
    }

    private async Task<string> PutInAsync(string name, int quantity, decimal? paid = null)
    {
        await BinAsync(bin => bin.AddAsync([new BinItem(name, PartKind.Other, quantity, paid, "EUR", WareCondition.New, "", "")], name, Cancellation));
        return (await FindAsync(name)).Key;
    }

    private Task<int> GraftAsync(string name) => _host.StoreAsync(store => store.AddAsync(Graft.Empty(name), Cancellation));

    private Task<SaveResult> TakeAsync(int graft, int revision, string key, int count)
        => _host.StoreAsync(store =>
            store.ChangeAsync(graft, revision, "take",
            found => found with { Parts = [new Part("lamp", "lamp", PartKind.Lamp) { Bin = new BinClaim(key, count) }] }, Cancellation));

    private async Task<BinRow> FindAsync(string words) => (await BinAsync(bin => bin.SearchAsync(words, Cancellation))).Rows[0];

    private Task<T> BinAsync<T>(Func<BinStore, Task<T>> ask) => _host.BinAsync(ask);

    private static async Task<string> PreviewAsync(HttpClient browser, string name, byte[] bytes)
    {
        var file = new ByteArrayContent(bytes) { Headers = { ContentType = new MediaTypeHeaderValue("text/csv") } };
        var form = new MultipartFormDataContent
        {
            { file, "file", name }, { new StringContent(await BenchHost.TokenAsync(browser, "/bin")), "__RequestVerificationToken" },
        };
        return await BenchHost.TextAsync(await browser.PostAsync("/bin?handler=Preview", form, Cancellation));
    }

    private static async Task<HttpResponseMessage> ImportAsync(HttpClient browser, string table, params string[] columns)
    {
        var form = new MultipartFormDataContent
        {
            { new StringContent(table), "table" }, { new StringContent("many.csv"), "fileName" }, { new StringContent("true"), "heading" },
            { new StringContent("EUR"), "currency" },
            { new StringContent(await BenchHost.TokenAsync(browser, "/bin")), "__RequestVerificationToken" },
        };
        foreach (var column in columns) form.Add(new StringContent(column), "columns");
        return await browser.PostAsync("/bin?handler=Import", form, Cancellation);
    }
}
