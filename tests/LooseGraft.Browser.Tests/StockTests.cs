using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Stock as a builder uses it: by keyboard, by click, and back by undo.</summary>
public sealed class StockTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void A_board_with_three_headers_of_twenty_contacts_is_entered_by_keyboard_alone()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.TabTo("input[name=name]");
        eyes.Press("A lantern" + Keys.Enter);
        eyes.SeeWords("h1", "A lantern");
        eyes.TabTo(".bench-row a[href$='/stock']");
        eyes.Press(Keys.Enter);
        eyes.SeeWords("h2", "Stock");
        eyes.TabTo("form[action*='AddPart'] input[name=name]");
        eyes.Press("Lantern board" + Keys.Enter);
        eyes.SeeWords(".part-card", "Lantern board");
        foreach (var name in new[] { "left", "middle", "right" }) EnterHeader(eyes, name);

        eyes.Reload();
        foreach (var name in new[] { "left", "middle", "right" }) eyes.SeeWords(".ports", name);
        eyes.Click(".ports li:nth-child(2) a");
        Assert.Equal(("power-light+", "+5 V", "ground"), (eyes.Value("#signal-1"), eyes.Value("#signal-10"), eyes.Value("#signal-20")));
        eyes.Click(".legend");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".said", "Taken back");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_lies_inside_a_part_is_described_with_its_figures_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/stock/kt31/fan");
        eyes.Retype(".link-form input[name=position]", "1");
        eyes.Retype(".link-form input[name=other]", "2");
        eyes.Choose(".link-form select[name=kind]", "a resistor");
        eyes.Retype(".link-form input[name=figures]", "470 metres" + Keys.Enter);
        eyes.SeeWords(".problem", "“470 metres” are not its figures");
        Assert.Equal(("1", "2"), (eyes.Value(".link-form input[name=position]"), eyes.Value(".link-form input[name=other]")));
        eyes.Retype(".link-form input[name=figures]", "470 ohm 1/4 W" + Keys.Enter);
        eyes.SeeWords(".marks", "fan header/1 to fan header/2: a resistor (470 ohm, 0.25 W)");
        eyes.Reload();
        eyes.SeeWords(".marks", "a resistor (470 ohm, 0.25 W)");
        eyes.Click(".legend");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".said", "Taken back");
        eyes.SeeNoWords(".marks", "a resistor");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_is_typed_last_is_kept_however_slow_the_answers_are()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/stock/kt31/fan");
        eyes.GoSlow(latencyMs: 400);
        eyes.Retype("#signal-4", "ground" + Keys.Enter);
        eyes.Press("+5 V" + Keys.Enter);
        eyes.Click(".trail a");
        eyes.SeeWords("h2", "Stock");
        eyes.GoSlow(latencyMs: 0);
        eyes.Open(new Uri(bench.Address, eyes.Path).AbsolutePath + "/kt31/fan");
        Assert.Equal(("ground", "+5 V"), (eyes.Value("#signal-4"), eyes.Value("#signal-5")));
    }

    [Fact]
    public void A_table_is_pasted_and_a_slip_in_it_is_told_without_losing_it()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/stock/kt31/fan");
        eyes.Retype("textarea[name=table]", "1,+12 V,yellow" + Keys.Enter + "9,ground");
        eyes.Click("form[action*='Paste'] button");
        eyes.SeeWords(".problem", "Line 2: position 9, but fan header has 5");
        Assert.Equal("1,+12 V,yellow\n9,ground", eyes.Value("textarea[name=table]"));
        eyes.Retype("textarea[name=table]", "1,+12 V,yellow" + Keys.Enter + "2,ground");
        eyes.Click("form[action*='Paste'] button");
        eyes.SeeWords(".said", "2 contacts from a table");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".said", "Taken back");
        Assert.Equal("fan-control", eyes.Value("#signal-1"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void The_old_case_is_asked_about_and_a_need_is_settled_by_click()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/stock");
        const string cooler = "#at-old-case-cooler-mount";
        eyes.SeeWords(cooler, "needs something to be screwed to");
        eyes.Choose(cooler + " select[name=metBy]", "Ovrell KT-31 board");
        eyes.Click(cooler + " .duty-need button");
        eyes.SeeWords(cooler, "done now by Ovrell KT-31 board");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(cooler, "or left off, knowing that");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void The_bin_is_searched_as_one_types_and_a_piece_is_taken_and_freed_by_undo()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/bin");
        eyes.SeeWords("#bin-count", "24 entries");
        eyes.Retype("input[name=words]", "amb");
        eyes.SeeWords("#bin-count", "1 of 24 entries");
        eyes.SeeWords(".bin-list", "11 of 11 free");
        eyes.Open("/graft/4/stock");
        eyes.Retype("input[name=bin]", "amber");
        eyes.SeeWords(".bin-found", "Indicator light 3 mm amber");
        eyes.Click(".bin-found button");
        eyes.SeeWords(".part-card", "Indicator light 3 mm amber");
        eyes.SeeWords(".bin-found", "10 of 11 free");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".bin-found", "11 of 11 free");
        eyes.Retype("input[name=bin]", "vessick 80");
        eyes.SeeWords(".bin-found", "1 of 2 free");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_table_comes_into_the_bin_after_its_columns_were_named()
    {
        using var eyes = new Eyes(bench.Address);
        var file = Path.Combine(Path.GetTempPath(), $"loose-graft-{Guid.NewGuid():N}.csv");
        File.WriteAllText(file, "Stuff;How\nCopper tape;3\nKapton tape;two\n");
        eyes.Open("/bin");
        eyes.See("input[type=file]").SendKeys(file);
        eyes.Click("form[action*='Preview'] button");
        eyes.SeeWords(".import", "3 rows");
        eyes.Choose(".import th:nth-child(1) select", "name");
        eyes.Choose(".import th:nth-child(2) select", "quantity");
        if (!eyes.Run<bool>("return document.querySelector('.import [name=heading]').checked")) eyes.Click(".import [name=heading]");
        eyes.Click(".import button");
        eyes.SeeWords(".import", "Line 3: “two” is not a number of pieces");
        File.WriteAllText(file, "Stuff;How\nCopper tape;3\nKapton tape;2\n");
        eyes.See("input[type=file]").SendKeys(file);
        eyes.Click("form[action*='Preview'] button");
        eyes.SeeNoWords(".import", "Line 3");
        eyes.Choose(".import th:nth-child(1) select", "name");
        eyes.Choose(".import th:nth-child(2) select", "quantity");
        if (!eyes.Run<bool>("return document.querySelector('.import [name=heading]').checked")) eyes.Click(".import [name=heading]");
        eyes.Click(".import button");
        eyes.SeeWords(".said", "2 entries from");
        eyes.SeeWords(".bin-list", "Kapton tape");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeNoWords(".bin-list", "Kapton tape");
        File.Delete(file);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_photograph_is_kept_and_a_pin_is_marked_on_it_by_clicking()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/photos/fan?port=plug");
        eyes.See("input[type=file]").SendKeys(Path.Combine(RunningBench.ProjectRoot(), "docs", "screenshots", "shelf.png"));
        eyes.Click("form[action*='Add'] button");
        eyes.See("svg[data-photo]");
        eyes.ClickIn("svg[data-photo]", 0.25, 0.5);
        eyes.SeeWords(".marks", "1: ground");
        eyes.ClickIn("svg[data-photo]", 0.5, 0.5);
        eyes.SeeWords(".marks", "2: +12 V");
        var shares = eyes.Run<string>(
            "const p = document.querySelector('svg[data-photo]'); const c = p.querySelector('circle'); return (c.cx.baseVal.value / p.viewBox.baseVal.width).toFixed(2) + ' ' + (c.cy.baseVal.value / p.viewBox.baseVal.height).toFixed(2)");
        Assert.Equal("0.25 0.50", shares);
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeNoWords(".marks", "2:");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_known_donor_asks_which_revision_lies_on_the_desk()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("input[name=name]", "The second radiogram" + Keys.Enter);
        eyes.Click(".bench-row a[href$='/stock']");
        eyes.Click("a[href*='donor=Ovrell']");
        eyes.SeeWords(".which-revision", "panel header, position 7");
        eyes.SeeWords(".revisions", "ground");
        eyes.Click("form[action*='BringDonor']:nth-of-type(1) button");
        eyes.SeeWords(".part-card", "revision A");
        eyes.SeeWords(".plant-tag", "Ovrell KT-31");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".empty", "No part yet");
        Assert.Empty(eyes.Complaints());
    }

    private static void EnterHeader(Eyes eyes, string name)
    {
        eyes.TabTo("form[action*='AddPort'] select[name=connector]");
        eyes.Press("pin header");
        eyes.TabTo("form[action*='AddPort'] input[name=portName]");
        eyes.Press(name);
        eyes.TabTo("form[action*='AddPort'] input[name=rowCount]");
        eyes.Press("2" + Keys.Tab + "10" + Keys.Tab + "2" + Keys.Enter);
        eyes.SeeWords(".ports", name);
        eyes.TabTo($".ports li:last-child a");
        eyes.Press(Keys.Enter);
        eyes.SeeWords("h2", name);
        eyes.TabTo("#signal-1");
        // The start of a signal is enough where the rest is offered; Enter goes on in the order of positions.
        foreach (var signal in new[]
        {
            "power-light+", "power-light-", "power-s", "gnd", "reset", "gnd", "none", "+12", "+3.3", "+5 V", "absent", "usb1-data+", "usb1-data-", "gnd",
            "+5 V standby", "fan-t", "fan-c", "lid", "none", "ground",
        })
            eyes.Press(signal + Keys.Enter);
        eyes.SeeWords(".said", name);
        eyes.Until(() => eyes.Run<long>("return document.querySelectorAll('.pin-grid td.is-absent').length") == 1);
        eyes.TabTo(".trail a");
        eyes.Press(Keys.Enter);
        eyes.SeeWords("h2", "Stock");
    }
}
