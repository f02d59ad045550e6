using System.Net;
using System.Text.RegularExpressions;
using LooseGraft.Core.Tests;
using LooseGraft.Core.Wire;

namespace LooseGraft.Web.Tests;

/// <summary>What the page of a joint does beyond one pin and one wire: schools, targets, ties, the key matrix, circuits.</summary>
public sealed class WirePageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_school_is_chosen_and_the_graft_remembers_how_and_why()
    {
        var (id, page, browser) = await PanelAsync();
        var shown = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        Assert.Contains("We would take <strong>move the terminals in the shell's own housing</strong>", shown);
        await browser.SubmitAsync(page, "School", 1, ("school", "ChangeLeads"));
        var joint = (await JointAsync(id)).Joint;
        Assert.Equal((JointMethod.Repin, 8), (joint.Method, joint.Wires.Length));
        Assert.StartsWith("move the terminals in the shell's own housing: it costs nothing", joint.Reason);
        Assert.Contains("decided so", await browser.GetStringAsync(page, Cancellation));
        var unknown = await browser.SubmitAsync(page, "School", 2, ("school", "Glue"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, unknown.StatusCode);
    }

    [Theory]
    [InlineData("7, 9", new[] { 7, 9 })]
    [InlineData("8", new[] { 8 })]
    [InlineData("", new int[0])]
    public async Task A_typed_target_leads_a_wire_there(string typed, int[] leads)
    {
        var (id, page, browser) = await PanelAsync(JointMethod.Splice);
        await browser.SubmitAsync(page, "Targets", 1, ("to-3", typed));
        Assert.Equal(leads, (await JointAsync(id)).Joint.Wires.Where(wire => wire.From == 3).Select(wire => wire.To));
    }

    [Theory]
    [InlineData("15")]
    [InlineData("seven")]
    [InlineData("-1")]
    [InlineData("1e309")]
    public async Task A_target_that_is_none_is_told_and_kept_in_its_field(string typed)
    {
        var (id, page, browser) = await PanelAsync(JointMethod.Splice);
        var answer = await browser.SubmitAsync(page, "Targets", 1, ("to-3", typed));
        var text = await BenchHost.TextAsync(answer);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains($"Position 3: “{typed}” names no positions of panel plug. Type numbers from 1 to 14", text);
        Assert.Contains($"value=\"{typed}\"", text);
        Assert.Equal(3, Assert.Single((await JointAsync(id)).Joint.Wires).From);
    }

    [Fact]
    public async Task A_dragged_wire_takes_the_plugs_terminal_along_and_makes_the_plug_a_changed_one()
    {
        var (id, page, browser) = await PanelAsync();
        await browser.SubmitAsync(page, "AddWire", 1, ("wireFrom", "4"), ("wireTo", "7"));
        var review = await JointAsync(id);
        Assert.Equal(JointMethod.Repin, review.Joint.Method);
        Assert.Equal(4, Assert.Single(review.Joint.Wires, wire => wire.To == 7).From);
        Assert.NotEqual(JointVerdictKind.WouldDamage, review.Verdict.Kind);
    }

    [Fact]
    public async Task A_loose_lead_is_put_on_typed_positions_or_where_one_of_its_contacts_is_dragged_and_nowhere_else()
    {
        var graft = Bench.Joined(Bench.Header("ground,supply-on,ground,supply-on,ground,ground", rows: 2), Bench.Plug("supply-on,ground"));
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var (page, browser, revision) = ($"/graft/{id}/wire?joint=joint", host.Browser(), 1);
        foreach (var (handler, field, value, on) in new[]
        {
            ("Place", ("on", "4 and 6"), ("x", ""), (4, 0)), ("Place", ("on", "6,4"), ("x", ""), (6, 180)), ("Place", ("on", " 3 and 4 "), ("x", ""), (3, 90)),
            ("Place", ("on", "2"), ("x", ""), (2, 0)), ("AddWire", ("wireFrom", "6"), ("wireTo", "2"), (4, 0)),
        })
        {
            var answer = await browser.SubmitAsync(page, handler, revision++, field, value);
            Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
            var joint = (await host.GraftAsync(id)).Joints[0];
            Assert.Equal((JointMethod.Straight, on), (joint.Method, (joint.PinOneOn, joint.TurnDegrees)));
        }

        foreach (var typed in new[] { "4 and 5", "7 and 9", "99999999999", "", "-1e309" })
        {
            var refused = await browser.SubmitAsync(page, "Place", revision, ("on", typed));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
            var words = await BenchHost.TextAsync(refused);
            Assert.Contains("plug does not go there: its 2 positions lie side by side. It goes on 1 and 3; on 3 and 5; on 2 and 4;", words);
            Assert.Contains($"value=\"{typed}\"", words);
        }
    }

    [Theory]
    [InlineData(null, "646", "6 supply-on")]
    [InlineData("narrow=1", "320", "supply-on")]
    public async Task A_joint_is_drawn_for_the_room_there_is(string? cookie, string width, string name)
    {
        const string Signals = "ground,ground,ground,ground,ground,supply-on";
        var graft = Bench.Joined(Bench.Header(Signals, rows: 2), Bench.Plug(Signals, rows: 2));
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        using var asked = new HttpRequestMessage(HttpMethod.Get, $"/graft/{id}/wire");
        if (cookie is not null) asked.Headers.Add("Cookie", cookie);
        var page = await BenchHost.TextAsync(await host.Browser().SendAsync(asked, Cancellation));
        Assert.Matches($"<svg class=\"joint-drawing [^>]*width=\"{width}", page);
        Assert.Matches($"<text class=\"name[^>]*>{name}<", page);
    }

    [Fact]
    public async Task A_fault_shows_its_way_and_is_mended_by_what_was_tried()
    {
        var (id, page, browser) = await PanelAsync();
        var joint = WebUtility.HtmlDecode(await browser.GetStringAsync(page, Cancellation));
        var link = Regex.Match(joint, "href=\"(/graft/[0-9]+/wire/fault[^\"]+)\"").Groups[1].Value;
        var shown = WebUtility.HtmlDecode(await browser.GetStringAsync(link, Cancellation));
        Assert.Contains("here it goes wrong", shown);
        var words = Regex.Match(shown, "name=\"words\" value=\"([^\"]+)\"").Groups[1].Value;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await browser.SubmitAsync(link, "Mend", 1, ("words", "hit it"))).StatusCode);
        await browser.SubmitAsync(link, "Mend", 1, ("words", words));
        Assert.NotEqual(JointMethod.Straight, (await JointAsync(id)).Joint.Method);
        Assert.Contains("this is gone", await browser.GetStringAsync(link, Cancellation));
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync($"/graft/{id}/wire/fault", Cancellation)).StatusCode);
    }

    [Fact]
    public async Task What_an_element_suffers_is_shown_at_its_joint_and_its_way_ends_at_the_element()
    {
        var joint = await host.Browser().GetStringAsync("/graft/3/wire?joint=relay-coil", Cancellation);
        var link = Regex.Match(WebUtility.HtmlDecode(joint), "href=\"(/graft/3/wire/fault.fault=ElementBurns[^\"]+)\"").Groups[1].Value;
        var shown = WebUtility.HtmlDecode(await host.Browser().GetStringAsync(link, Cancellation));
        Assert.Contains("+12 V on the coil K1", shown);
        Assert.Matches("/stock/desk-light-relay/coil#link-[0-9]+\">the coil K1", shown);
    }

    [Fact]
    public async Task A_tie_is_made_judged_and_taken_out()
    {
        var (id, page, browser) = await PanelAsync();
        var made = await browser.SubmitAsync(page, "Tie", 1, ("end", "from"), ("one", "7"), ("other", "6"));
        Assert.Contains("7 and 6: would short +5 V to ground", await BenchHost.TextAsync(made));
        await browser.SubmitAsync(page, "Untie", 2, ("index", "0"));
        Assert.Empty((await JointAsync(id)).Ties);
        var beyond = await browser.SubmitAsync(page, "Tie", 3, ("end", "from"), ("one", "1"), ("other", "99"));
        Assert.Contains("1 to 14, the positions of panel", await BenchHost.TextAsync(beyond));
        var nowhere = await browser.SubmitAsync(page, "Tie", 3, ("end", "side"), ("one", "1"), ("other", "2"));
        Assert.Contains("Choose the end", await BenchHost.TextAsync(nowhere));
    }

    [Fact]
    public async Task A_keyboard_is_described_key_by_key_and_taken_away_as_a_table()
    {
        var (id, _, browser) = await PanelAsync();
        var page = $"/graft/{id}/wire/matrix?part=concerto";
        await browser.SubmitAsync(page, "Shape", 1, ("part", "concerto"), ("rows", "2"), ("columns", "3"));
        var named = await browser.SubmitAsync(page, "Keys", 2, ("signal-1", "q"), ("signal-6", "Enter"));
        Assert.Contains("<strong>5 lines</strong>", await BenchHost.TextAsync(named));
        Assert.Equal("row,column,key\r\n1,1,q\r\n2,3,Enter\r\n", await browser.GetStringAsync($"/graft/{id}/wire/matrix/concerto.csv", Cancellation));
        Assert.Contains("and the microcontroller has 4: take one with more",
            WebUtility.HtmlDecode(await browser.GetStringAsync(page + "&free=4", Cancellation)));
        var smaller = await browser.SubmitAsync(page, "Shape", 3, ("part", "concerto"), ("rows", "1"), ("columns", "3"));
        Assert.Contains("1 keys would be lost", await BenchHost.TextAsync(smaller));
        var absurd = await browser.SubmitAsync(page, "Shape", 3, ("part", "concerto"), ("rows", "1e9"), ("columns", "-3"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, absurd.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}/wire/matrix/fan.csv", Cancellation)).StatusCode);
    }

    [Fact]
    public async Task What_a_small_circuit_cures_leads_to_it_and_to_the_sheet_of_all_of_them()
    {
        var rules = Core.Stages.Rules.Select(rule => rule.Code).ToHashSet();
        Assert.All(Forms.CircuitForm.CuredRules, code => Assert.True(rules.Contains(code) && Forms.CircuitForm.For(code) is not null, code));
        var found = new HashSet<string>();
        foreach (var id in Enumerable.Range(1, 4))
        {
            var page = await host.Browser().GetStringAsync($"/graft/{id}", Cancellation);
            foreach (Match match in Regex.Matches(page, "wire/circuits\\?circuit=([a-z0-9-]+)\">Small circuit for it")) found.Add(match.Groups[1].Value);
        }

        Assert.NotEmpty(found);
        var sheet = await host.Browser().GetStringAsync("/graft/4/wire/circuits", Cancellation);
        Assert.All(Forms.CircuitForm.All, form => Assert.Contains($"circuit={form.Key}\"", sheet));
    }

    [Fact]
    public async Task A_key_matrix_is_filled_in_by_beeps_and_wrong_lines_stay_to_be_mended()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        var page = $"/graft/{id}/wire/matrix?part=concerto";
        Assert.Contains("Fill it in by beeps", await browser.GetStringAsync(page, Cancellation));
        var refused = await browser.SubmitAsync(page, "Beeps", 1, ("of", "concerto/panel-plug"), ("beeps", "Q 1 5\nW 5"));
        var text = await BenchHost.TextAsync(refused);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains("Line 2, “W 5”: write the key and the two contacts that beep", text);
        Assert.Contains("Q 1 5", text);
        Assert.Contains("Q: panel plug has 14 positions.",
            await BenchHost.TextAsync(await browser.SubmitAsync(page, "Beeps", 1, ("of", "concerto/panel-plug"), ("beeps", "Q 1 15"))));
        Assert.Contains("go round in a ring of 3",
            await BenchHost.TextAsync(await browser.SubmitAsync(page, "Beeps", 1, ("of", "concerto"), ("beeps", "Q 1 2\nW 2 3\nE 3 1"))));
        await browser.SubmitAsync(page, "Beeps", 1, ("of", "concerto"), ("beeps", "Q 1 5\nW 1 6\nA 2 5"));
        var matrix = (await host.GraftAsync(id)).FindPart("concerto")!.Matrix!;
        Assert.Equal((2, 2, "Q W A"), (matrix.Rows, matrix.Columns, string.Join(' ', matrix.Keys.Select(key => key.Name))));
    }

    [Fact]
    public async Task A_small_circuit_is_worked_out_for_a_joint_and_kept_in_the_graft()
    {
        var id = await host.CopyOfFerryAsync();
        var browser = host.Browser();
        var page = $"/graft/{id}/wire/circuits?circuit=light&joint=panel&supply=5";
        Assert.Contains("Worked out for the joint of panel header with panel plug.", await browser.GetStringAsync(page, Cancellation));
        var kept = await BenchHost.TextAsync(await browser.SubmitAsync(page, "Keep", 1));
        Assert.Contains("Small circuit kept: A light on another voltage, for panel header.", kept);
        Assert.Contains("Kept in this graft:", kept);
        var part = (await host.GraftAsync(id)).Parts[^1];
        Assert.Equal(("A light on another voltage, for panel header", PartKind.Other), (part.Name, part.Kind));
        Assert.Contains("ohm", part.Note);
        // What cannot be built is not kept, and nothing is kept of no circuit.
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await browser.SubmitAsync($"/graft/{id}/wire/circuits?circuit=light&supply=0", "Keep", 2)).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await browser.SubmitAsync($"/graft/{id}/wire/circuits", "Keep", 2)).StatusCode);
        Assert.DoesNotContain("Kept in this graft", await browser.GetStringAsync("/graft/4/wire/circuits", Cancellation));
    }

    public static TheoryData<string> Circuits => [.. Forms.CircuitForm.All.Select(form => form.Key)];

    [Theory]
    [MemberData(nameof(Circuits))]
    public async Task Every_circuit_has_an_answer_to_its_usual_figures_and_words_for_absurd_ones(string key)
    {
        var browser = host.Browser();
        Assert.Contains("verdict is-fine", await browser.GetStringAsync($"/graft/4/wire/circuits?circuit={key}", Cancellation));
        var fields = Forms.CircuitForm.Find(key)!.Fields;
        foreach (var typed in new[] { "0", "1e30", "0.000001" })
        {
            var page = await browser.GetAsync(
                $"/graft/4/wire/circuits?circuit={key}&" + string.Join('&', fields.Select(field => $"{field.Name}={typed}")), Cancellation);
            Assert.Equal(HttpStatusCode.OK, page.StatusCode);
            // The token of a form is made by chance, and now and then spells anything.
            var text = Regex.Replace(await page.Content.ReadAsStringAsync(Cancellation), "name=\"__RequestVerificationToken\"[^>]*>", "");
            Assert.DoesNotContain("NaN", text);
        }
    }

    private async Task<(int Id, string Page, HttpClient Browser)> PanelAsync(JointMethod? method = null)
    {
        var ferry = await host.GraftAsync(4);
        if (method is { } made) ferry = ferry.WithJoint("panel", joint => joint with { Method = made, Wires = [new Conductor(3, 3)] });
        var id = await host.StoreAsync(store => store.AddAsync(ferry, Cancellation));
        return (id, $"/graft/{id}/wire?joint=panel", host.Browser());
    }

    private async Task<JointReview> JointAsync(int id) => Core.Review.Of(await host.GraftAsync(id)).Wire.Find("panel")!;
}
