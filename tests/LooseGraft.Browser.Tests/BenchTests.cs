using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

public sealed class BenchTests(RunningBench bench) : IClassFixture<RunningBench>
{
    private const string Verdict = ".joint-head .verdict";

    [Fact]
    public void From_the_shelf_to_a_cured_short_and_back_by_undo()
    {
        using var eyes = NewCopy(out _);
        eyes.Click(".bench-row a[href$='/wire']");
        eyes.SeeWords(Verdict, "would short +5 V to ground");
        eyes.Click("a.pin[data-pin='to-7']");
        eyes.SeeWords(".pin-editor h3", "Position 7 of panel plug");
        eyes.Retype("#pin-signal", "lid-sense" + Keys.Tab);
        eyes.SeeWords(Verdict, "would feed +5 V into lid-sense");
        eyes.Choose("[name=contact]", "a contact, but no conductor");
        eyes.SeeWords(".figures", "2\nstops open");
        eyes.SeeNoWords(Verdict, "would");
        eyes.SeeWords(".next-cut", "One of 2 stops");

        eyes.Reload();
        eyes.SeeWords(".figures", "2\nstops open");
        eyes.Click(".legend");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(Verdict, "would feed +5 V into lid-sense");
        eyes.Press("u");
        eyes.SeeWords(Verdict, "would short +5 V to ground");
        eyes.PressWith(Keys.Control + Keys.Shift, "z");
        eyes.SeeWords(Verdict, "would feed +5 V into lid-sense");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_flipped_connector_is_drawn_as_its_mirror_image_and_says_so()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/wire?joint=panel");
        double X(int position)
            => double.Parse(eyes.See($"a.pin[data-pin='from-{position}']").GetDomAttribute("data-x")!, System.Globalization.CultureInfo.InvariantCulture);
        var (one, two) = (X(1), X(2));
        Assert.True(two < one);
        eyes.Press("f");
        eyes.SeeWords("[data-key-act='flip-from']", "wire side");
        Assert.Equal((two, one), (X(1), X(2)));
        eyes.Click("[data-key-act='flip-from']");
        eyes.SeeWords("[data-key-act='flip-from']", "mating face");
        Assert.Equal((one, two), (X(1), X(2)));
        eyes.Press("g");
        eyes.SeeWords("[data-key-act='flip-to']", "mating face");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void The_proposed_table_is_seen_taken_and_undone()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/wire?joint=panel&show=proposed");
        eyes.SeeWords(".contacts", "lid-sense");
        eyes.SeeNoWords(".contacts tbody", "would short");
        eyes.Click("form[action*='TakeTable'] button");
        eyes.SeeWords(Verdict, "prove it first");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(Verdict, "would short +5 V to ground");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_draw_is_edited_in_place_and_a_slip_is_explained_without_losing_it()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/feed");
        eyes.SeeWords(".is-tightest", "does not carry it");
        const string likely = "input[aria-label='Quarrow low-profile card, +12 V, likely']";
        eyes.Retype(likely, "lots" + Keys.Tab);
        eyes.SeeWords(".draw .problem", "“lots” is not a figure");
        Assert.Equal("lots", eyes.Value(likely));
        eyes.Retype(likely, "3,7" + Keys.Tab);
        eyes.SeeWords(".is-tightest", "may not carry it");
        eyes.SeeWords(".said", "3.7 A (3.6–4.8 A)");
        eyes.Click(".tabs-line a[href*='case=typical']");
        eyes.SeeWords("#draws-title", "typical");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public async Task What_is_exported_comes_back_the_same_and_a_broken_file_is_explained()
    {
        using var eyes = NewCopy(out var root);
        using var http = bench.Http;
        var exported = await http.GetByteArrayAsync(new Uri(root + "/file", UriKind.Relative), TestContext.Current.CancellationToken);
        var file = Path.Combine(Path.GetTempPath(), $"loose-graft-{Guid.NewGuid():N}.json");
        await File.WriteAllBytesAsync(file, [.. exported, (byte)'}'], TestContext.Current.CancellationToken);
        eyes.Open("/");
        eyes.See("input[type=file]").SendKeys(file);
        eyes.Click("form[action*='Import'] button");
        eyes.SeeWords("[role=alert]", "was not imported");
        await File.WriteAllBytesAsync(file, exported, TestContext.Current.CancellationToken);
        eyes.Open("/");
        eyes.See("input[type=file]").SendKeys(file);
        eyes.Click("form[action*='Import'] button");
        eyes.See(".plant-tag");
        Assert.NotEqual(root, eyes.Path);
        Assert.Equal(exported, await http.GetByteArrayAsync(new Uri(eyes.Path + "/file", UriKind.Relative), TestContext.Current.CancellationToken));
        File.Delete(file);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_whole_correction_is_made_by_keyboard_alone()
    {
        using var eyes = NewCopy(out _);
        eyes.TabTo(".bench-row a[href$='/wire']");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(Verdict, "would short +5 V to ground");
        eyes.TabTo("a.pin[data-pin='from-1']");
        eyes.Press(Keys.ArrowDown + Keys.ArrowDown + Keys.ArrowDown);
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".pin-editor h3", "Position 7 of panel header");
        eyes.See("#pin-signal:focus");
        eyes.PressWith(Keys.Control, "a");
        eyes.Press("ground" + Keys.Tab);
        eyes.SeeNoWords(Verdict, "would short");
        eyes.See("#pin-evidence:focus");
        eyes.TabTo("a[data-key-act='next']");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(Verdict, "would short +5 V to ground");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public async Task Undo_is_still_there_after_the_application_was_restarted()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root);
        eyes.Retype("input[name=name]", "Another name" + Keys.Tab);
        eyes.SeeWords("h1", "Another name");
        await bench.RestartAsync();
        eyes.Open(root);
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords("h1", "The ferry radiogram, a copy");
    }

    [Fact]
    public void What_was_typed_and_not_saved_is_still_there_after_the_lid_was_closed()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root);
        eyes.Retype("textarea[name=aim]", "A dance for the whole street");
        eyes.Reload();
        eyes.See(".has-draft");
        Assert.Equal("A dance for the whole street", eyes.Value("textarea[name=aim]"));
        eyes.Click("textarea[name=aim]");
        eyes.Press("." + Keys.Tab);
        eyes.SeeWords(".said", "About the graft: what it shall be good for");
        eyes.Reload();
        Assert.Equal("A dance for the whole street.", eyes.Value("textarea[name=aim]"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Two_windows_never_overwrite_each_other_unasked()
    {
        using var eyes = NewCopy(out var root);
        using var other = new Eyes(bench.Address);
        eyes.Open(root + "/wire?joint=panel&pin=from-7");
        other.Open(root + "/wire?joint=panel&pin=from-7");
        other.Retype("#pin-signal", "ground" + Keys.Tab);
        other.SeeWords(".said", "ground");
        // Some way down the page, where one cannot see its top.
        eyes.Run<object?>("scrollTo(0, 250)");
        eyes.Retype("#pin-signal", "+3.3 V" + Keys.Tab);
        eyes.SeeWords(".collision", "panel header, position 7: +3.3 V");
        eyes.Until(() => eyes.Run<bool>(
            "const box = document.querySelector('.collision').getBoundingClientRect(); return scrollY > 200 && box.top >= 0 && box.bottom <= innerHeight"));
        eyes.SeeWords(".collision", "panel header, position 7: ground");
        eyes.SeeWords(".collision td", "signal +3.3 V, evidence");
        eyes.Click(".collision button");
        eyes.SeeWords(Verdict, "would short +3.3 V to ground");
        // The other window does not know of it, and changes something else: both stand.
        other.Open(root + "/wire?joint=panel&pin=to-7");
        eyes.Retype("#pin-signal", "ground" + Keys.Tab);
        eyes.SeeWords(".said", "panel header, position 7: ground");
        other.Retype("#pin-signal", "none" + Keys.Tab);
        other.SeeWords(".said", "panel plug, position 7: none");
        other.SeeWords(".said", "Came in from another window: panel header, position 7: ground");
        Assert.Empty(eyes.Complaints());
    }

    // A copy of the main demo in a window of its own, so that no test sees another's changes.
    private Eyes NewCopy(out string root)
    {
        var eyes = new Eyes(bench.Address);
        root = eyes.CopyOfFerry();
        return eyes;
    }
}
