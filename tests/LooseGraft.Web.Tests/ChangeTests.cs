using System.Net;
using LooseGraft.Core;
using LooseGraft.Data;
using LooseGraft.Web.Hosting;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

public sealed class ChangeTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Editing_a_pin_changes_verdict_tag_and_next_cut_in_one_answer()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        var page = $"/graft/{id}/wire?joint=panel&pin=to-7";
        Assert.Contains("would short +5 V to ground", WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation)));
        var answer = await browser.SubmitAsync(page, "Pin", 1, ("signal", "none"), ("evidence", "Measured"), ("contact", "Unwired"));
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Contains("panel plug, position 7: none, measured by me.", text);
        Assert.DoesNotContain("<strong>would short +5 V to ground</strong>", text);
        Assert.Contains("<b>2</b> stops<span class=\"wide-word\"> open</span>", text);
        Assert.Contains("One of 2 stops.", text);
    }

    [Fact]
    public async Task A_stale_save_is_refused_with_both_versions_and_can_be_taken_anyway()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        var page = $"/graft/{id}/wire?joint=panel&pin=from-7";
        await browser.SubmitAsync(page, "Pin", 1, ("signal", "ground"), ("evidence", "Measured"));
        var stale = await browser.SubmitAsync(page, "Pin", 1, ("signal", "+12 V"), ("evidence", "Diagram"));
        var text = await BenchHost.TextAsync(stale);
        Assert.Equal(HttpStatusCode.Conflict, stale.StatusCode);
        Assert.Contains("panel header, position 7: +12 V, someone's diagram", text);
        Assert.Contains("panel header, position 7: ground, measured by me", text);
        Assert.Contains("parts › Ovrell KT-31 board › ports › panel header › pins › 7", text);
        Assert.Equal("ground", await SignalAsync(id));

        await browser.SubmitAsync(page, "Pin", 2, ("signal", "+12 V"), ("evidence", "Diagram"));
        Assert.Equal("+12 V", await SignalAsync(id));
    }

    [Fact]
    public async Task What_two_windows_do_to_different_things_is_kept_with_a_word_of_what_came_in()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        await browser.SubmitAsync($"/graft/{id}/wire?joint=panel&pin=to-7", "Pin", 1, ("signal", "ground"), ("evidence", "Measured"));
        var met = await browser.SubmitAsync($"/graft/{id}/wire?joint=panel&pin=from-7", "Pin", 1, ("signal", "none"), ("evidence", "Measured"));
        var text = await BenchHost.TextAsync(met);
        Assert.Equal(HttpStatusCode.OK, met.StatusCode);
        Assert.Contains("Came in from another window: panel plug, position 7: ground, measured by me.", text);
        Assert.Equal("none", await SignalAsync(id));
        var graft = await host.GraftAsync(id);
        Assert.Equal("ground", graft.FindPort(new PortId("concerto", "panel-plug"))!.PinAt(7).Signal.Value.Name);
        // Undo takes back the second change alone.
        await host.StoreAsync(store => store.UndoAsync(id, 3, Cancellation));
        Assert.Equal("ground", (await host.GraftAsync(id)).FindPort(new PortId("concerto", "panel-plug"))!.PinAt(7).Signal.Value.Name);
    }

    [Fact]
    public async Task A_joint_that_two_windows_made_dangerous_together_is_named()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        var (board, plug) = ($"/graft/{id}/wire?joint=panel&pin=from-7", $"/graft/{id}/wire?joint=panel&pin=to-7");
        await browser.SubmitAsync(board, "Pin", 1, ("signal", "none"), ("evidence", "Measured"));
        await browser.SubmitAsync(plug, "Pin", 2, ("signal", "none"), ("evidence", "Measured"));
        // Each alone would be harmless: ground upon nothing, and +5 V upon nothing.
        await browser.SubmitAsync(plug, "Pin", 3, ("signal", "ground"), ("evidence", "Measured"));
        var met = await browser.SubmitAsync(board, "Pin", 3, ("signal", "+5 V"), ("evidence", "Measured"));
        Assert.Contains("By both together the joint of panel header now would short +5 V to ground: look at it", await BenchHost.TextAsync(met));
    }

    [Fact]
    public async Task Where_nobody_knows_what_a_window_showed_it_is_asked()
    {
        var id = await host.CopyOfFerryAsync();
        await host.StoreAsync(store => store.ChangeAsync(id, 1, "aim", graft => graft with { Aim = "music" }, Cancellation));
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        await host.StoreAsync(store => store.ChangeAsync(id, 3, "aim", graft => graft with { Aim = "films" }, Cancellation));
        // Revision 3 came about by undo.
        var stale = await host.StoreAsync(store => store.ChangeAsync(id, 3, "budget", graft => graft with { Budget = null }, Cancellation));
        Assert.Equal((SaveOutcome.Stale, null), (stale.Outcome, stale.Met));
        // Revision 1 and 2 are known.
        var kept = await host.StoreAsync(store => store.ChangeAsync(id, 2, "budget", graft => graft with { Budget = null }, Cancellation));
        Assert.Equal((SaveOutcome.Saved, "films", null), (kept.Outcome, kept.Current!.Graft.Aim, kept.Current.Graft.Budget));
        Assert.Equal(["taken back: aim", "aim"], kept.Met!.CameIn);
    }

    [Fact]
    public async Task What_a_save_leaves_alone_is_not_judged_again()
    {
        var id = await host.CopyOfFerryAsync();
        var reviews = host.Services.GetRequiredService<ReviewDesk>();
        async Task<Review> AfterAsync(int revision, Func<Graft, Graft> change)
        {
            var saved = await host.StoreAsync(store => store.ChangeAsync(id, revision, "a change", change, Cancellation));
            return await reviews.OfAsync(saved.Current!, Cancellation);
        }

        var before = await reviews.OfAsync((await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!, Cancellation);
        var aimed = await AfterAsync(1, graft => graft with { Aim = "another aim" });
        Assert.Same(before.Seat, aimed.Seat);
        Assert.Same(before.Wire.Find("panel")!.Pushed[0], aimed.Wire.Find("panel")!.Pushed[0]);
        var moved = await AfterAsync(
            2, graft => graft.WithSeating(seating => seating with { Boxes = seating.Boxes.SetItem(0, seating.Boxes[0] with { Name = "another box" }) }));
        Assert.NotSame(before.Seat, moved.Seat);
        Assert.Contains(moved.Seat.Bodies, body => body.Name == "another box");
    }

    [Fact]
    public async Task A_graft_that_was_read_at_its_revision_is_not_read_again()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        await browser.GetStringAsync($"/graft/{id}", Cancellation);
        await browser.GetStringAsync("/", Cancellation);
        // Nobody can read this; whoever tries fails.
        await host.ExecuteAsync($"UPDATE Graft SET Document = 'no longer a graft' WHERE Id = {id}");
        foreach (var page in new[] { $"/graft/{id}", $"/graft/{id}/wire", $"/graft/{id}/history", "/" })
            Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync(page, Cancellation)).StatusCode);
        // A save reads what it makes and nothing else, and what it made is not read again.
        var saved = await host.StoreAsync(store => store.ChangeAsync(id, 1, "aim", graft => graft with { Aim = "music" }, Cancellation));
        Assert.Equal((SaveOutcome.Saved, "music"), (saved.Outcome, saved.Current!.Graft.Aim));
        await host.ExecuteAsync($"UPDATE Graft SET Document = 'no longer a graft' WHERE Id = {id}");
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync($"/graft/{id}", Cancellation)).StatusCode);
    }

    [Fact]
    public async Task A_change_of_nothing_upon_a_document_of_an_older_hand_is_not_recorded()
    {
        var id = await host.CopyOfFerryAsync();
        // As an older version might have written it: the same graft in another form.
        await host.ExecuteAsync($"UPDATE Graft SET Document = replace(Document, '  \"name\"', ' \"name\"') WHERE Id = {id}");
        var saved = await host.StoreAsync(store => store.ChangeAsync(id, 1, "nothing", graft => graft with { Parts = [.. graft.Parts] }, Cancellation));
        Assert.Equal((SaveOutcome.Saved, 1, null), (saved.Outcome, saved.Current!.Revision, saved.Current.CanUndo));
        // An emptied seating is no seating, and what the air was told of it goes with it: taking the last board out and emptying it anew changes nothing.
        await host.StoreAsync(
            store => store.ChangeAsync(id, 1, "emptied", graft => graft with { Seating = new Seating(), Cooling = new Cooling() }, Cancellation));
        var again = await host.StoreAsync(store => store.ChangeAsync(
            id, 2, "emptied again", graft => graft with { Seating = new Seating { Boxes = [] }, Cooling = new Cooling { Ways = [] } }, Cancellation));
        Assert.Equal((SaveOutcome.Saved, 2), (again.Outcome, again.Current!.Revision));
        var back = await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.Equal((SaveOutcome.Saved, 3), (back.Outcome, back.Current!.Revision));
    }

    [Theory]
    [InlineData("abc", "1", "2", "“abc” is not a figure")]
    [InlineData("-1", "1", "2", "is negative")]
    [InlineData("3", "1", "2", "do not rise")]
    [InlineData("1e309", "1", "2", "is not a figure")]
    [InlineData("NaN", "1", "2", "is not a figure")]
    [InlineData("0", "1", "99999999", "beyond anything on a bench")]
    public async Task A_current_that_will_not_do_is_explained_and_what_was_typed_is_kept(string low, string likely, string high, string words)
    {
        var id = await host.CopyOfFerryAsync();
        var page = $"/graft/{id}/feed";
        var answer = await host.Browser().SubmitAsync(page, "Draw", 1, ("load", "fan"), ("rail", "+12 V"), ("low", low), ("likely", likely), ("high", high),
            ("evidence", "Label"));
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, text);
        Assert.Contains($"value=\"{low}\"", text);
        Assert.Equal(1, (await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!.Revision);
    }

    [Fact]
    public async Task A_name_the_file_could_not_hold_is_refused_by_the_same_rules()
    {
        var id = await host.CopyOfFerryAsync();
        var page = $"/graft/{id}";
        var answer = await host.Browser().SubmitAsync(page, "About", 1, ("name", new string('n', 121)), ("donor", "d"), ("shell", "s"), ("currency", "EUR"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("$.name: a text of 121 characters will not do. It takes at most 120 characters.", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_supply_is_typed_as_its_label_prints_it_and_then_fed_from()
    {
        var id = await host.StoreAsync(
            store => store.AddAsync(Graft.Empty("bare") with { Parts = [new Part("board", "board", Core.Facts.PartKind.Board)] }, Cancellation));
        var (browser, page) = (host.Browser(), $"/graft/{id}/feed");
        var bad = await browser.SubmitAsync(page, "AddSupply", 1, ("name", "small"), ("rails", "+12 V lots"));
        Assert.Contains("“lots” is not a figure. Type the current of +12 V in A", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(page, "AddSupply", 1, ("name", "small"), ("rails", "+12 V 3 A\n5V: 2,5"), ("total", "45"));
        await browser.SubmitAsync(page, "AddDraw", 2, ("part", "board"), ("rail", "+12 V"), ("low", "1"), ("likely", "2"), ("high", "4"),
            ("evidence", "Label"));
        var graft = await host.GraftAsync(id);
        Assert.Equal([("+12 V", 3), ("+5 V", 2.5)], graft.Supplies[0].Rails.Select(rail => (rail.Name, rail.Limit.Value.Value)));
        Assert.Equal(48, Core.Review.Of(graft).Feed.Tightest!.In(Core.Feed.LoadCase.Peak).Used.High.Value);
    }

    [Fact]
    public async Task The_proposed_table_can_be_taken_and_wires_added_and_taken_out()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire?joint=panel");
        var answer = await browser.SubmitAsync(page, "TakeTable", 1);
        Assert.Contains("<strong>prove it first</strong>", await BenchHost.TextAsync(answer));
        await browser.SubmitAsync(page, "AddWire", 2, ("wireFrom", "7"), ("wireTo", "7"));
        Assert.Equal(1, await StopsOnPanelAsync(id));
        await browser.SubmitAsync(page, "RemoveWire", 3, ("wireFrom", "7"), ("wireTo", "7"));
        Assert.Equal(0, await StopsOnPanelAsync(id));
        var beyond = await browser.SubmitAsync(page, "AddWire", 4, ("wireFrom", "15"), ("wireTo", "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, beyond.StatusCode);
        Assert.Contains("1 to 14, the positions of panel", await BenchHost.TextAsync(beyond));
    }

    [Fact]
    public async Task From_an_empty_bench_to_a_verdict_by_forms_alone()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("bare"), Cancellation));
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock");
        await browser.SubmitAsync(page, "AddPart", 1, ("name", "board"), ("kind", "Board"), ("origin", "Donor"), ("cost", "12,5"));
        await browser.SubmitAsync(page, "AddPart", 2, ("name", "front"), ("kind", "Panel"), ("origin", "Shell"));
        var bad = await browser.SubmitAsync(page, "AddPort", 3, ("part", "board"), ("connector", "pin-header"), ("rowCount", "two"));
        Assert.Contains("“two” is not a number of rows", await BenchHost.TextAsync(bad));
        await browser.SubmitAsync(page, "AddPort", 3, ("part", "board"), ("connector", "usb2-header"), ("gender", "Male"));
        await browser.SubmitAsync(page, "AddPort", 4, ("part", "front"), ("connector", "panel-header"), ("gender", "Female"), ("portName", "plug"));
        var wire = $"/graft/{id}/wire";
        await browser.SubmitAsync(wire, "AddJoint", 5, ("ports", "board/usb-2-0-header"), ("otherPort", "front/plug"));
        var joint = Assert.Single(Core.Review.Of(await host.GraftAsync(id)).Wire.Joints);
        Assert.Equal(Core.Wire.JointVerdictKind.WouldDamage, joint.Verdict.Kind);
        await browser.SubmitAsync(page, "RemovePart", 6, ("part", "front"));
        var left = await host.GraftAsync(id);
        Assert.Equal((1, 0, 12.5m), (left.Parts.Length, left.Joints.Length, left.Parts[0].Cost!.Value.Amount));
    }

    [Fact]
    public async Task A_choice_that_is_not_offered_is_never_saved_as_another()
    {
        var id = await host.CopyOfFerryAsync();
        var page = $"/graft/{id}/wire?joint=fan";
        var answer = await host.Browser().SubmitAsync(page, "Decide", 1, ("method", "glue"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("The value 'glue' is not valid.", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task Joints_are_made_between_any_two_ports_and_taken_out_again()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire");
        var same = await browser.SubmitAsync(page, "AddJoint", 1, ("ports", "kt31/usb"), ("otherPort", "kt31/usb"));
        Assert.Contains("Choose two different ports", await BenchHost.TextAsync(same));
        await browser.SubmitAsync(page, "AddJoint", 1, ("ports", "kt31/usb"), ("otherPort", "concerto/panel-plug"));
        var joints = (await host.GraftAsync(id)).Joints;
        Assert.Equal("front-usb-header", joints[^1].Id);
        await BenchHost.SendAsync(browser, page, page + "?joint=front-usb-header&handler=RemoveJoint", ("Revision", "2"));
        Assert.Equal(joints.Length - 1, (await host.GraftAsync(id)).Joints.Length);
    }

    private async Task<string> SignalAsync(int id) => (await host.GraftAsync(id)).FindPort(new PortId("kt31", "panel"))!.PinAt(7).Signal.Value.Name;

    private async Task<int> StopsOnPanelAsync(int id)
        => Core.Review.Of(await host.GraftAsync(id)).Wire.Find("panel")!.Findings
            .Count(finding => finding.Severity == Core.Findings.Severity.Stop);
}
