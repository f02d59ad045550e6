using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Seat as a builder uses it: caliper, placement, the hidden short, the template.</summary>
public sealed class SeatTests(RunningBench bench) : IClassFixture<RunningBench>
{
    private static readonly string[] Readings =
    [
        "left right 218.0", "rear front 184.0", "h1 across 3.6", "h2 across 3.6", "h3 across 3.6", "h4 across 3.6", "h5 across 3.6",
        "h1 left near 3.2", "h1 rear near 6.7", "h1 h2 far 149.8", "h2 rear 8.5", "h4 left 5.0", "h1 h4 167.8", "h4 h5 207.4", "h3 h5 145.3", "h1 h5 266.7",
        "h2 h3 65.2", "h1 h3 208.6",
    ];

    [Fact]
    public async Task The_radiograms_board_is_seated_from_caliper_readings_alone_and_its_hidden_short_is_cured()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();

        // Nothing of the board's shape is known, and it sits nowhere.
        eyes.Open(root + "/seat");
        eyes.Click("form[action*='Unseat'] button");
        eyes.SeeWords(".seat-side", "does not sit yet");
        eyes.Open(root + "/seat/lists");
        eyes.Retype("form[action*='Board'] textarea[name=holes]", Keys.Delete);
        eyes.Retype("form[action*='Board'] textarea[name=outline]", Keys.Delete);
        eyes.Click("form[action*='Board'] button");
        eyes.SeeWords(".said", "0 holes");

        // From the caliper: one reading is wrong, is pointed out, and is measured again.
        eyes.Open(root + "/seat/survey?of=kt31");
        eyes.Retype("textarea[name=spans]", string.Join('\n', Readings).Replace("h1 h2 far 149.8", "h1 h2 far 194.8", StringComparison.Ordinal));
        eyes.Click("form[action*='Spans'] button");
        eyes.SeeWords("#survey-verdict", "does not fit the rest");
        eyes.Click("form[action*='Take'] button");
        eyes.SeeWords(".problem", "were not taken over");
        eyes.Retype("textarea[name=spans]", string.Join('\n', Readings) + "\nh2 h4 222.7");
        eyes.Click("form[action*='Spans'] button");
        eyes.SeeWords("#survey-verdict", "every place is known to");
        eyes.Click("form[action*='Take'] button");
        eyes.SeeWords(".said", "5 holes from measured distances");

        // The best way is found; the tab under it would short the board.
        eyes.Open(root + "/seat");
        eyes.SeeWords(".ways tbody tr td", "2");
        eyes.Click(".ways tbody tr:first-child button");
        eyes.SeeWords(".said", "seated at (40");
        eyes.SeeWords(".findings", "The tab t1 stands under");
        eyes.SeeWords(".next-cut", "Flatten t1");
        eyes.Click("form[action*='Mount']:has(input[value='t1']):has(input[value='Removed']) button");
        eyes.SeeNoWords(".findings", "The tab t1 stands under");
        foreach (var hole in new[] { 2, 3, 4 }) eyes.Choose($"#hole-{hole}", "bolt through with a nut");
        eyes.SeeNoWords(".findings", "meets no mount");

        // What is left is drilled by the template.
        eyes.Click("nav a[href$='/seat/cuts']");
        eyes.SeeWords("#cut-list", "h3 of Ovrell KT-31 board");
        using var http = bench.Http;
        var pdf = await http.GetByteArrayAsync(new Uri(eyes.See("a[href$='tray.pdf']").GetDomProperty("href")!), TestContext.Current.CancellationToken);
        Assert.Equal("%PDF-"u8.ToArray(), pdf[..5]);
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeNoWords("#cut-list", "h4 of Ovrell KT-31 board");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_board_is_moved_by_arrows_by_typing_and_by_dragging_and_back_by_undo()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/seat");
        eyes.TabTo(".seated.is-chosen");
        eyes.Press(Keys.ArrowRight);
        eyes.PressWith(Keys.Shift, Keys.ArrowUp);
        eyes.PressWith(Keys.Alt, Keys.ArrowLeft);
        eyes.SeeWords(".said", "seated at (40.9, 22)");
        eyes.SeeWords("#seat-now", "0 of 5 holes on a mount");
        eyes.Retype("[data-seat-form] input[name=x]", "40" + Keys.Tab);
        eyes.SeeWords(".said", "seated at (40, 22)");
        eyes.Click(".legend");
        eyes.PressWith(Keys.Control, "z");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("#seat-now", "2 of 5 holes on a mount");
        eyes.Drag(".seated.is-chosen .board", ".plan .edge-name");
        eyes.SeeWords(".said", "seated at");
        eyes.SeeWords("#seat-now", "0 of 5 holes on a mount");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_press_of_a_key_while_an_answer_is_on_its_way_is_not_lost()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/seat");
        eyes.TabTo(".seated.is-chosen");
        eyes.Run<object?>("""
            const press = () => document.activeElement.dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowLeft", altKey: true, bubbles: true }));
            document.addEventListener("htmx:beforeSend", press, { once: true });
            """);
        eyes.Press(Keys.ArrowRight);
        eyes.SeeWords(".said", "seated at (40.9, 12)");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_shell_is_described_on_its_picture_by_presses_drags_and_keys_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/seat");
        eyes.Click("a[href*='hand=shell']");
        eyes.See("a.thing");
        var before = eyes.Run<long>("return document.querySelectorAll('a.thing').length");
        eyes.Click(".tool:has([value=Bump])");
        eyes.SeeWords(".when-putting", "Press on the plan where it stands");
        eyes.ClickIn(".plan", 0.5, 0.2);
        eyes.SeeWords("#chosen-title", "Bump1");
        eyes.Press(Keys.ArrowRight);
        eyes.SeeWords(".said", "bump1 moved by (1, 0)");
        eyes.PressWith(Keys.Shift, Keys.ArrowUp);
        eyes.SeeWords(".said", "bump1 moved by (0, 10)");
        Assert.Equal("mount:bump1", eyes.Run<string>("return document.activeElement.dataset.thing"));
        eyes.Retype(".shell-figures label:nth-of-type(5) input", "2.5" + Keys.Enter);
        eyes.SeeWords(".said", "described");
        eyes.Retype("form[action*=CopyRow] input[name=count]", "2" + Keys.Tab + "12" + Keys.Enter);
        eyes.SeeWords(".said", "bump1 copied 2 times, by (12, 0) each");
        eyes.Press(Keys.Escape);
        eyes.Click(".tool:has([value=''])");
        eyes.Drag("a[data-thing='mount:bump3'] rect", ".plan .edge-name");
        eyes.SeeWords(".said", "bump3 moved by");
        eyes.See("a[data-thing='mount:bump2']").SendKeys(Keys.Shift + Keys.Space);
        eyes.SeeWords("#chosen-title", "2 things");
        eyes.See("a[data-thing='mount:bump2']").SendKeys(Keys.Delete);
        eyes.SeeWords(".said", "taken off the plan");
        Assert.Equal(before + 1, eyes.Run<long>("return document.querySelectorAll('a.thing').length"));
        eyes.PressWith(Keys.Control, "z");
        eyes.See("a[data-thing='mount:bump2']");
        eyes.Click(".tool:has([value=Lead])");
        eyes.Drag("a[data-thing='mount:bump2'] rect", "a[data-thing='mount:bump3'] rect");
        eyes.SeeWords("#chosen-title", "Lead 1");
        eyes.Reload();
        eyes.See("a.thing");
        Assert.Equal(before + 4, eyes.Run<long>("return document.querySelectorAll('a.thing').length"));
        eyes.Click("a[href*='hand=board']");
        eyes.Click("a[data-thing='hole:0'] rect");
        eyes.SeeWords("#chosen-title", "H1, a hole");
        Assert.Contains("hand=board", eyes.Path);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_line_that_will_not_do_is_named_kept_and_put_right()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/seat/lists");
        var boxes = eyes.Value("textarea[name=boxes]")!;
        eyes.See("textarea[name=boxes]").SendKeys(Keys.Control + Keys.End);
        eyes.See("textarea[name=boxes]").SendKeys(Keys.Enter + "shelf; a shelf; tray; 10; 10; wide; 20; 0; 5; 0");
        eyes.Click("form#boxes button");
        eyes.SeeWords("form#boxes .problem", "width “wide” is not a length above 0");
        Assert.EndsWith("wide; 20; 0; 5; 0", eyes.Value("textarea[name=boxes]"));
        eyes.Retype("textarea[name=boxes]", boxes + Keys.Enter + "shelf; a shelf; tray; 10; 10; 30; 20; 0; 5; 0");
        eyes.Click("form#boxes button");
        eyes.SeeWords(".said", "7 boxes");
        eyes.Click("nav a[href$='/seat']");
        eyes.SeeWords(".plan .solid-name", "a shelf");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_drawing_gives_a_plane_its_standoffs_and_a_false_one_is_refused()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/seat/lists");
        var file = Path.Combine(Path.GetTempPath(), $"loose-graft-{Guid.NewGuid():N}.svg");
        foreach (var (drawing, selector, words) in new[]
        {
            ("\u0089PNG not a drawing", "#bench .problem", "was not brought in"),
            ("<svg width='300mm' height='200mm' viewBox='0 0 300 200'><rect width='300' height='200'/><circle cx='20' cy='180' r='2'/></svg>", ".said",
                "1 mount, 0 openings"),
        })
        {
            File.WriteAllText(file, drawing);
            eyes.See("input[type=file]").SendKeys(file);
            eyes.Choose("select[name=into]:has(option[value=kt31]):not(form[action*='Pattern'] select)",
                "chassis tray: outline, circles as standoffs, inner outlines as openings");
            eyes.Click("form[action*='Drawing'] button");
            eyes.SeeWords(selector, words);
        }

        File.Delete(file);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Without_script_a_board_is_still_seated_and_held()
    {
        using var eyes = new Eyes(bench.Address, hasScript: false);
        eyes.Open(eyes.CopyOf("2") + "/seat");
        eyes.Retype("form[action*='AddPlane'] input[name=width]", "200");
        eyes.Retype("form[action*='AddPlane'] input[name=depth]", "5 3/4 in" + Keys.Enter);
        eyes.SeeWords(".said", "A base to mount upon: tray");
        eyes.SeeWords("#seat-title", "tray");
    }

    [Fact]
    public void The_section_follows_the_slider_and_the_tape_tells_what_lies_between()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/seat");
        eyes.SeeWords("#section-words", "cooler");
        eyes.See("input[name=cut]").SendKeys(Keys.Home);
        eyes.SeeNoWords("#section-words", "cooler");
        eyes.Choose("select[name=tapeFrom]", "h1");
        eyes.Choose("select[name=tapeTo]", "h4");
        eyes.SeeWords("#tape", "167.8 mm");
        eyes.Drag(".plan .edge-name", ".plan .opening");
        eyes.SeeWords("[data-tape-words]", "across");
        Assert.Empty(eyes.Complaints());
    }
}
