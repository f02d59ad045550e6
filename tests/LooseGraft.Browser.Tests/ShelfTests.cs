using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Beginnings and endings: a graft from nothing, its history, and its way to the compost and back.</summary>
public sealed class ShelfTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void The_guided_first_graft_leads_to_its_end_and_undo_leads_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Click("form[action*='First'] button");
        eyes.SeeWords(".next-cut", "Step 1 of 5");
        eyes.Click("form[action*='AddLikely'] button");
        eyes.SeeWords(".next-cut", "Step 2 of 5");
        eyes.Click("form[action*='School'] button.is-primary");
        eyes.SeeWords(".next-cut", "Step 3 of 5");
        eyes.Click(".next-cut a.button");
        eyes.SeeWords("#proof-title", "Position 4 of fan header");
        // What was said of the joint stayed with the joint.
        eyes.SeeNoWords(".said", "decided");
        Measure(eyes, value => value == "beep");
        eyes.SeeWords(".next-cut", "Step 4 of 5");
        eyes.Click(".next-cut a.button");
        eyes.SeeWords("#proof-title", "Position 3 of fan header");
        eyes.SeeWords(".set-up", "DC volts · machine on");
        Measure(eyes, value => value is ['1', '1' or '2', ..]);
        eyes.SeeWords(".next-cut", "That was a graft");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".next-cut", "Step 4 of 5");
        eyes.Click("form[data-key-act='redo'] button");
        eyes.SeeWords(".next-cut", "Step 5 of 5");
        eyes.Click(".next-cut a.button");
        eyes.SeeWords("h1", "Shelf");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_graft_begins_with_a_photograph_or_with_a_known_donor()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("input[name=name]", "From a picture");
        eyes.Choose("select[name=copyOf]", "a photograph of the board, to be marked");
        eyes.Click("form[data-draft='new-graft'] button");
        eyes.SeeWords("h2", "Photographs of The board");
        eyes.Open("/");
        eyes.Retype("input[name=name]", "From one that is known");
        eyes.Choose("select[name=copyOf]", "the known donor Ovrell KT-31");
        eyes.Click("form[data-draft='new-graft'] button");
        eyes.SeeWords("h3", "Bring a known donor");
        eyes.Click("form[action*='BringDonor'] button");
        eyes.SeeWords("#bench", "Ovrell KT-31");
        eyes.SeeWords(".said", "Ovrell KT-31");
        Assert.Empty(eyes.Complaints());
    }

    private static void Measure(Eyes eyes, Predicate<string> shows)
    {
        eyes.Click("form[action*='Measure'] button");
        eyes.Until(() => eyes.Value("input[name=reading]") is { } value && shows(value));
        eyes.Click("form[action*='Reading'] button.is-primary");
    }

    [Fact]
    public void A_graft_grows_from_an_empty_bench_to_a_verdict()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("input[name=name]", "A lantern" + Keys.Enter);
        eyes.SeeWords(".next-cut", "Describe the board");
        eyes.Click(".next-cut a");
        AddPart(eyes, "Lamp board", "board");
        AddPart(eyes, "Lantern front", "panel");
        AddPort(eyes, "Lamp board", "front panel header: 2 × 5 at 2.54 mm", "pins", "front header");
        AddPort(eyes, "Lantern front", "USB 2.0 header: 2 × 5 at 2.54 mm", "sockets", "lantern plug");
        eyes.Click(".bench-row a[href$='/wire']");
        eyes.Click(".add summary");
        eyes.Choose("select[name=ports]", "Lamp board: front header");
        eyes.Choose("select[name=otherPort]", "Lantern front: lantern plug");
        eyes.Click("form[action*='AddJoint'] button");
        eyes.SeeWords(".joint-head .verdict", "drive-light+ would have to feed +5 V");

        eyes.Click(".bench-row a[href$='/feed']");
        eyes.Retype("input[name=name]", "Lantern brick");
        eyes.Retype("textarea[name=rails]", "+5 V 2 A");
        eyes.Click("form[action*='AddSupply'] button");
        eyes.SeeWords("#supply-title", "Lantern brick");
        eyes.Click(".add:has(.add-draw) > summary");
        eyes.Choose(".add-draw select[name=part]", "Lamp board");
        foreach (var (field, amps) in new[] { ("low", "0.5"), ("likely", "1"), ("high", "2.5") }) eyes.Retype($".add-draw input[name={field}]", amps);
        eyes.Click("form[action*='AddDraw'] button");
        eyes.SeeWords(".is-tightest", "may not carry it");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Of_one_more_donor_its_board_is_proven_alive_by_itself_and_undo_takes_that_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.CopyOfFerry();
        eyes.Click(".bench-row a[href$='/stock']");
        eyes.Click("details.donor:has(form[action*='AddDonor']) > summary");
        eyes.Retype("form[action*='AddDonor'] input[name=donorName]", "Twin kiosk" + Keys.Enter);
        eyes.SeeWords("#old-case-title-twin-kiosk", "What the old case of Twin kiosk did");
        eyes.Retype("form[action*='=AddPart'] input[name=name]", "Board of the twin");
        eyes.Choose("form[action*='=AddPart'] select[name=origin]", "out of Twin kiosk");
        eyes.Click("form[action*='=AddPart'] button");
        eyes.SeeWords(".parts", "board · out of Twin kiosk");
        eyes.Click(".bench-row a[href$='/prove']");
        eyes.Click(".tabs-line a[href$='/life']");
        eyes.Click("nav[aria-label='Whose board'] a:last-child");
        eyes.SeeWords(".bench-sheet", "Photograph every plug of Twin kiosk");
        eyes.Choose("select[name=watched]", "a picture, or an answer");
        eyes.Click("form[action*='Saw'] button.is-primary");
        eyes.SeeWords(".verdict.is-fine", "proven alive");
        eyes.Click("nav[aria-label='Whose board'] a:first-child");
        eyes.SeeWords(".verdict.is-check", "not proven alive yet");
        eyes.PressWith(Keys.Control, "z");
        eyes.Click("nav[aria-label='Whose board'] a:last-child");
        eyes.SeeWords(".verdict.is-check", "not proven alive yet");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_graft_is_thrown_away_and_put_back_by_key()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Click("button[formaction*='ThrowAway'][value='2']");
        eyes.SeeWords("#compost-title", "Compost");
        eyes.SeeNoWords(".tags", "slide-projector");
        eyes.Click(".shelf-head");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".tags", "slide-projector");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_was_undone_and_overtaken_is_gone_back_to_from_the_history()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/3");
        eyes.Retype("input[name=name]", "First" + Keys.Tab);
        eyes.SeeWords("h1", "First");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords("h1", "The lending-desk swap");
        eyes.Retype("input[name=name]", "Second" + Keys.Tab);
        eyes.SeeWords("h1", "Second");
        eyes.Click("a[href$='/history']");
        eyes.SeeWords(".history .is-undone", "First");
        eyes.Click(".history .is-undone button");
        eyes.SeeWords("h1", "First");
        eyes.SeeWords(".history .is-undone", "Second");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Single_keys_are_turned_off_by_one_box_and_stay_off()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/words");
        eyes.Click("[x-data] input");
        eyes.Open("/graft/4/wire?joint=panel");
        eyes.SeeWords("[data-key-act='flip-from']", "mating face");
        eyes.Press("f");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("[data-key-act='flip-from']", "mating face");
        eyes.Open("/words");
        Assert.False(eyes.Run<bool>("return document.querySelector('[x-data] input').checked"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Without_script_the_same_forms_and_links_do_the_work()
    {
        using var eyes = new Eyes(bench.Address, hasScript: false);
        eyes.Open("/graft/1/wire?joint=fan");
        eyes.Click(".contacts tbody tr:first-child td:first-child a");
        eyes.SeeWords(".pin-editor h3", "Position 1 of processor fan header");
        eyes.Retype("#pin-signal", "+5 V");
        eyes.Click(".pin-editor .save");
        eyes.SeeWords(".joint-head .verdict", "would short +5 V to ground");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".joint-head .verdict", "goes straight in");
        eyes.Click("[data-key-act='flip-to']");
        eyes.SeeWords("[data-key-act='flip-to']", "mating face");
    }

    [Fact]
    public async Task A_file_beyond_the_limit_is_turned_away_in_words()
    {
        using var http = bench.Http;
        // Asks before sending, as the server hangs up on a body it will not read.
        http.DefaultRequestHeaders.ExpectContinue = true;
        var page = await http.GetStringAsync(new Uri("/", UriKind.Relative), TestContext.Current.CancellationToken);
        var token = page.Split("__RequestVerificationToken\" type=\"hidden\" value=\"")[1].Split('"')[0];
        using var form = new MultipartFormDataContent
        {
            { new StringContent(token), "__RequestVerificationToken" }, { new ByteArrayContent(new byte[6_000_000]), "file", "big.json" },
        };
        var answer = await http.PostAsync(new Uri("/?handler=Import", UriKind.Relative), form, TestContext.Current.CancellationToken);
        Assert.Contains("That is too large", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    [Fact]
    public void A_word_is_explained_where_it_stands()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/wire?joint=panel&pin=from-8");
        eyes.SeeWords(".gloss-line", "whether a lid is closed");
        eyes.TabTo(".joint-list .gloss");
        eyes.SeeWords(".joint-list .gloss-text", "One decision");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void When_the_application_does_not_answer_it_says_so_and_keeps_what_was_typed()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4");
        eyes.GoOffline();
        eyes.Retype("input[name=name]", "Typed in the dark" + Keys.Tab);
        eyes.SeeWords("#trouble", "What you typed is kept");
        Assert.Equal("Typed in the dark", eyes.Value("input[name=name]"));
    }

    private static void AddPart(Eyes eyes, string name, string kind)
    {
        eyes.Retype("form[action*='AddPart'] input[name=name]", name);
        eyes.Choose("form[action*='AddPart'] select[name=kind]", kind);
        eyes.Click("form[action*='AddPart'] button");
        eyes.SeeWords(".part-card", name);
    }

    private static void AddPort(Eyes eyes, string part, string connector, string gender, string name)
    {
        eyes.Choose("form[action*='AddPort'] select[name=part]", part);
        eyes.Choose("form[action*='AddPort'] select[name=connector]", connector);
        eyes.Choose("form[action*='AddPort'] select[name=gender]", gender);
        eyes.Retype("form[action*='AddPort'] input[name=portName]", name);
        eyes.Click("form[action*='AddPort'] button");
        eyes.SeeWords(".part-card", name);
    }
}
