using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>The stock in lines, the names that are typed, and that a form moves neither the page nor the focus.</summary>
public sealed class LinesTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void A_board_is_typed_in_lines_asked_about_mended_kept_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("input[name=name]", "A till" + Keys.Enter);
        eyes.Click(".bench-row a[href$='/stock']");
        eyes.Click(".empty a[href$='/lines']");
        eyes.Click("#text");
        // Words are completed; a comma refuses what is offered, and keeps what was typed.
        eyes.Press("board = Till board; donor" + Keys.Enter + "fan: 1x5 pins: gr" + Keys.ArrowRight + ", +12, tach, pwm, SENSE");
        eyes.SeeWords("#lines-read", "1 question first");
        Assert.Equal("board = Till board; donor\nfan: 1x5 pins: ground, +12, tach, pwm, SENSE", eyes.Value("#text"));
        eyes.SeeWords(".line-mark mark", "SENSE");
        eyes.Click(".line-mark button[value$='panel-sense']");
        eyes.SeeWords("#lines-read", "5 panel-sense");
        eyes.SeeNoWords("#lines-read", "question");
        Assert.EndsWith("pwm, panel-sense", eyes.Value("#text"), StringComparison.Ordinal);
        eyes.PressWith(Keys.Control, Keys.Enter);
        eyes.SeeWords(".said", "Till board");
        eyes.Until(() => eyes.Value("#text")!.Contains("pins: ground, +12 V, fan-tacho, fan-control, panel-sense", StringComparison.Ordinal));
        eyes.Reload();
        eyes.Click(".trail a");
        eyes.SeeWords(".part-card", "Till board");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".said", "Taken back");
        eyes.SeeWords(".empty", "No part yet");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_is_only_offered_is_not_kept_and_a_name_that_means_something_is_left_alone()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("input[name=name]", "A till" + Keys.Enter);
        eyes.Click("button[value=own-fan-5]");
        // "key" is a missing pin, and begins the name of something else.
        eyes.Until(() => eyes.Run<bool>("return document.activeElement.id === 'text'"));
        eyes.Press("gnd, key, grou");
        Assert.EndsWith("pins: gnd, key, ground\n", eyes.Value("#text"), StringComparison.Ordinal);
        eyes.Click("#lines-title");
        Assert.EndsWith("pins: gnd, key, grou\n", eyes.Value("#text"), StringComparison.Ordinal);
        eyes.Click("#text");
        eyes.PressWith(Keys.Control, Keys.End);
        eyes.Press("tacho: 3-pos");
        eyes.PressWith(Keys.Control, Keys.Enter);
        eyes.SeeWords(".problem", "Nothing is kept yet");
        Assert.EndsWith("tacho: 3-pos", eyes.Value("#text"), StringComparison.Ordinal);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_line_that_a_click_put_in_outlives_the_lid_until_it_is_kept()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/stock/lines");
        eyes.Click("details[data-keep='kit-What feeds it'] > summary");
        eyes.Click("button[value='supply-300']");
        eyes.Until(() => eyes.Value("[data-lines] textarea")!.Contains("supply = Retail supply, 300 W", StringComparison.Ordinal));
        eyes.Until(() => eyes.Run<bool>("return Object.keys(localStorage).some((key) => key.includes('lines-'))"));
        eyes.Reload();
        eyes.Until(() => eyes.Value("[data-lines] textarea")!.Contains("supply = Retail supply, 300 W", StringComparison.Ordinal));
        // What came back is read too, and not said to be what the graft holds.
        eyes.SeeWords("#lines-read", "Retail supply, 300 W");
        eyes.Click("[data-key-act='keep']");
        eyes.SeeWords(".said", "In lines: ");
        eyes.Reload();
        Assert.False(eyes.Run<bool>("return document.querySelector('#lines-form').classList.contains('has-draft')"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_name_in_the_grid_is_asked_about_below_it_and_answered_by_one_key()
    {
        using var eyes = new Eyes(bench.Address);
        var page = eyes.CopyOfFerry() + "/stock/kt31/fan";
        eyes.Open(page);
        eyes.Click("#signal-2");
        eyes.Press("VDD" + Keys.Enter);
        eyes.SeeWords(".offer", "2: “VDD”");
        Assert.Equal("VDD", eyes.Value("#signal-2"));
        Assert.Equal("signal-3", eyes.Run<string>("return document.activeElement.id"));
        eyes.PressWith(Keys.Alt, "1");
        eyes.SeeWords(".said", "2 +12 V");
        Assert.Equal("signal-3", eyes.Run<string>("return document.activeElement.id"));
        eyes.Press("GND" + Keys.Enter);
        eyes.SeeWords(".pin-grid .hint", "3: GND is ground");
        eyes.Until(() => eyes.Value("#signal-3") == "ground");
        eyes.Press("tahco" + Keys.Enter);
        eyes.Until(() => eyes.Run<long>("return document.querySelectorAll('.pin-grid td.is-own').length") == 1);
        eyes.SeeWords(".offer", "4: “tahco” is not known here");
        eyes.Click(".offer button[value=fan-tacho]");
        eyes.SeeWords(".said", "4 fan-tacho");
        eyes.Reload();
        Assert.Equal(("+12 V", "ground", "fan-tacho"), (eyes.Value("#signal-2"), eyes.Value("#signal-3"), eyes.Value("#signal-4")));
        Assert.Empty(eyes.Complaints());
    }

    [Theory]
    [InlineData("/stock", "AddPart", "name=Lamp")]
    [InlineData("/stock", "AddUsual", "cost=dear;name=A fan")]
    [InlineData("/stock/kt31/fan", "Link", "position=1;other=2;figures=470 metres")]
    [InlineData("/feed", "AddSupply", "name=A supply;rails=nonsense;total=12")]
    [InlineData("/seat", "Screw", "screw=M99 of wood")]
    [InlineData("/wire?joint=panel", "Tie", "one=1;other=99")]
    [InlineData("/prove/life", "Saw", "note=seen")]
    public void A_form_that_is_sent_moves_neither_the_page_nor_the_focus(string address, string handler, string typed)
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + address);
        var form = $"form[action*='handler={handler}']";
        eyes.Run<object?>(
            "for (let at = document.querySelector(arguments[0]); at; at = at.parentElement) if (at.tagName === 'DETAILS') at.open = true; return null", form);
        foreach (var field in typed.Split(';').Select(pair => pair.Split('='))) eyes.Retype($"{form} [name={field[0]}]", field[1]);
        var scrolled = eyes.Run<double>("return window.scrollY + 0.001");
        var top = eyes.Run<double>("return document.activeElement.getBoundingClientRect().top + 0.001");
        eyes.Press(Keys.Enter);
        eyes.Until(() => eyes.Run<bool>(
            "return [...document.querySelectorAll('.said, .problem, [role=alert]')].some(words => !words.hidden && words.textContent.trim() !== '')"));
        eyes.Settle();
        // What was added above may move it; it is on the screen, and one may go on typing.
        Assert.InRange(eyes.Run<double>("return document.activeElement.getBoundingClientRect().top + 0.001"), 0, 760);
        Assert.True(eyes.Run<bool>("return document.activeElement.matches('input, select, textarea, button, summary')"), $"{top} {scrolled}");
        Assert.InRange(eyes.Run<double>("return window.scrollY + 0.001"), scrolled - 250, scrolled + 500);
        Assert.Empty(eyes.Complaints());
    }
}
