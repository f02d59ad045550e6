using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Wire as a builder uses it: from unknown contacts to a tested lead, wires followed and dragged, circuits.</summary>
public sealed class WireTests(RunningBench bench) : IClassFixture<RunningBench>
{
    private const string Verdict = ".joint-head .verdict";

    [Fact]
    public void A_fault_is_followed_along_its_way_mended_and_brought_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/wire?joint=panel");
        eyes.Click(".finding.is-stop a[href*='/wire/fault']");
        eyes.SeeWords(".fault-way", "here it goes wrong");
        eyes.Click(".remedy-list button");
        eyes.SeeWords(".verdict", "this is gone");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".fault-way", "here it goes wrong");
        eyes.Click(".fault-way .at a");
        eyes.SeeWords("h2", "panel header");
        Assert.Contains("pin=", eyes.Path);
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_loose_lead_finds_its_place_and_is_put_elsewhere_by_typing_and_by_dragging()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();
        eyes.Open(root + "/stock/lines");
        eyes.Retype("#text", """
            board = Till; donor
            front: 2x5 pins measured: hdd led+, power led+, hdd led-, power led-, gnd, pwr_sw, reset, gnd, +5 V, absent
            lead = Button; shell
            plug: 1x2 pins measured: pwr_sw, gnd
            """);
        eyes.PressWith(Keys.Control, Keys.Enter);
        eyes.SeeWords(".said", "In lines: Till, Button");
        eyes.Open(root + "/wire");
        eyes.Click("details.add:last-of-type > summary");
        eyes.Choose("select[name=ports]", "Till: front");
        eyes.Choose("select[name=otherPort]", "Button: plug");
        eyes.Click("form[action*='AddJoint'] button");
        eyes.SeeWords(Verdict, "goes straight in");
        Assert.Equal("6 and 8", eyes.Value("input[name=on]"));
        eyes.Retype("input[name=on]", "1 and 3" + Keys.Tab);
        eyes.SeeWords(".said", "position 1 of the plug on 1");
        eyes.SeeNoWords(Verdict, "goes straight in");
        eyes.Retype("input[name=on]", "1 and 4" + Keys.Tab);
        eyes.SeeWords("form.place .problem", "does not go there");
        eyes.Drag("a.pin[data-pin='to-2']", "a.pin[data-pin='from-8']");
        eyes.SeeWords(".said", "position 1 of the plug on 6");
        eyes.SeeWords(Verdict, "goes straight in");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeNoWords(Verdict, "goes straight in");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Both_connectors_of_a_joint_are_seen_whole_on_a_telephone()
    {
        using var eyes = new Eyes(bench.Address, 390, 844, isTouched: true);
        var root = eyes.CopyOfFerry();
        eyes.Open(root);
        foreach (var joint in new[] { "panel", "fan" })
        {
            eyes.Open($"{root}/wire?joint={joint}");
            eyes.See(".joint-drawing.is-narrow");
            Assert.Equal("", eyes.Run<string>("""
                return [...document.querySelectorAll(".joint-drawing .body, .joint-drawing .name")].filter((each) => {
                  const box = each.getBoundingClientRect();
                  return box.left < 0 || box.right > innerWidth;
                }).map((each) => each.textContent).join("; ");
                """));
        }

        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_made_lead_is_proven_line_by_line_before_power_and_another_table_is_another_lead()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();
        eyes.Open(root + "/wire?joint=panel");
        eyes.Click("form[action*='TakeTable'] button");
        eyes.SeeWords(Verdict, "prove it first");
        eyes.Click(".to-lead");
        eyes.SeeWords("#lead-verdict", "not proven yet: no power");
        ReadSheet(eyes);
        eyes.SeeWords("#lead-verdict", "proven by the meter");
        eyes.Click(".sheet li:last-child button[value=true]");
        eyes.SeeWords("#lead-verdict", "the made lead is wrong");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords("#lead-verdict", "proven by the meter");
        eyes.Reload();
        eyes.SeeWords("#lead-verdict", "proven by the meter");
        eyes.Click(".trail a");
        eyes.Retype("#to-1", Keys.Backspace + Keys.Tab);
        eyes.SeeWords(".said", "1 leads nowhere");
        eyes.Click(".to-lead");
        eyes.SeeWords("#lead-verdict", "not proven yet: no power");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void The_panel_header_goes_from_unknown_to_a_tested_lead_by_following_the_screen()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();
        eyes.Open(root + "/stock/kt31/panel");
        TypeHeader(eyes, [.. Enumerable.Repeat("unknown", 14)]);
        eyes.Open(root + "/wire?joint=panel");
        eyes.SeeWords(".schools", "describe more of the two ports first");
        // What a stranger's diagram says, as the page asks for it.
        eyes.Open(root + "/stock/kt31/panel");
        TypeHeader(eyes, ["power-light+", "power-light-", "power-switch", "ground", "reset-switch", "ground", "+5 V", "lid-sense", "drive-light+",
            "drive-light-", "+5 V standby", "none", "absent", "ground"]);
        ProvePanel(eyes, root);

        eyes.Open(root + "/wire?joint=panel");
        eyes.SeeWords(".joint-head .verdict", "would short +5 V to ground");
        eyes.Click(".school.is-recommended button");
        eyes.SeeWords(".chosen-school", "decided so");
        eyes.SeeWords(".joint-head .verdict", "right by re-pinning");
        eyes.Click(".to-lead");
        ReadSheet(eyes);
        eyes.SeeWords("#lead-verdict", "proven by the meter");
        eyes.Open(root + "/wire?joint=panel");
        eyes.SeeWords(".joint-head .verdict", "proven by the meter");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_wire_is_followed_by_keys_and_led_elsewhere_by_dragging()
    {
        using var eyes = new Eyes(bench.Address);
        var page = eyes.CopyOfFerry() + "/wire?joint=panel";
        eyes.Open(page);
        eyes.See("a[data-pin='from-7']").SendKeys(Keys.Shift + Keys.ArrowRight);
        eyes.Until(() => eyes.Run<string>("return document.activeElement.dataset.pin ?? ''") == "to-7");
        Assert.Equal(1, eyes.Run<long>("return document.querySelectorAll('.contacts tr.is-followed').length"));
        eyes.Drag("a[data-pin='to-7'] .contact", "a[data-pin='from-6'] .contact");
        eyes.SeeWords(".said", "6 leads to 7");
        eyes.SeeNoWords(".joint-head .verdict", "would short");
        Assert.Equal("7", eyes.Value("#to-6"));
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".joint-head .verdict", "would short +5 V to ground");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_joint_is_decided_made_and_read_by_keys_alone_and_the_focus_is_never_lost()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/wire?joint=panel");
        eyes.TabTo("form[action*='TakeTable'] button");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(Verdict, "prove it first");
        Assert.Contains("TakeTable", Focus());
        eyes.TabTo(".to-lead");
        eyes.Press(Keys.Enter);
        eyes.SeeWords("#lead-verdict", "not proven yet: no power");
        eyes.Until(() => Focus() == "lead-title");
        for (var line = 1; line <= 3; line++)
        {
            eyes.TabTo(".sheet li.is-note button");
            if (eyes.Run<bool>("return document.activeElement.closest('li').innerText.includes('must stay silent')")) eyes.Press(Keys.Tab);
            eyes.Press(Keys.Enter);
            eyes.SeeWords("#lead-verdict", $"{line} of ");
            Assert.Contains("Test", Focus());
        }

        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("#lead-verdict", "2 of ");
        Assert.Contains("Test", Focus());
        eyes.TabTo(".trail a", isBack: true);
        eyes.Press(Keys.Enter);
        eyes.Until(() => Focus() == "joint-title");
        eyes.TabTo("[data-drag] a.pin");
        eyes.Press(Keys.ArrowDown + Keys.Enter);
        eyes.Until(() => eyes.Path.Contains("pin=from-", StringComparison.Ordinal));
        eyes.Until(() => Focus().Contains("pin-signal", StringComparison.Ordinal));
        eyes.TabTo("select[name=method]");
        eyes.Press("l");
        eyes.SeeWords(".said", "leave it off");
        Assert.Contains("Decide", Focus());
        eyes.Press(Keys.Tab + "no speaker wanted" + Keys.Enter);
        eyes.SeeWords(".joint-head .verdict", "left off");
        Assert.Contains("Decide", Focus());
        Assert.Empty(eyes.Complaints());

        string Focus() => eyes.Run<string>(
            "const at = document.activeElement; return `${at.id} ${at.closest('form')?.getAttribute('action') ?? ''}`.trim()");
    }

    [Fact]
    public void The_wires_of_an_adapter_are_led_by_two_presses_by_dragging_and_by_keys()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();
        eyes.Open(root + "/stock/lines");
        eyes.Retype("[data-lines] textarea", "adapter = go-between; bought\nplug: 1x3 2.54 lead 80 mm pins: +5, ground, tacho\nsocket: 1x3 2.54 lead 80 mm");
        eyes.Click("[data-key-act='keep']");
        eyes.SeeWords(".said", "In lines: go-between");
        eyes.Open(root + "/wire/go-between/sheet");
        eyes.Click("[data-pin='from-1'] .contact");
        eyes.Click("[data-pin='to-3'] .contact");
        eyes.SeeWords("[data-pin='to-3']", "+5 V");
        eyes.Drag("[data-pin='to-1'] .contact", "[data-pin='from-2'] .contact");
        eyes.SeeWords("[data-pin='to-1']", "ground");
        eyes.See("[data-pin='from-3']").SendKeys(Keys.Enter);
        eyes.See("[data-pin='to-2']").SendKeys(Keys.Enter);
        eyes.SeeWords("[data-pin='to-2']", "fan-tacho");
        eyes.SeeWords("#lead-verdict", "bought: reading it is up to you");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("[data-pin='to-2']", "unknown");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_small_circuit_is_worked_out_as_its_figures_are_typed()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/wire/circuits");
        eyes.Click(".circuit-card[href$='circuit=light']");
        eyes.SeeWords("#circuit-words", "2 kilohm in series with the light");
        eyes.Retype("input[name=supply]", "5" + Keys.Tab);
        eyes.SeeWords("#circuit-words", "620 ohm in series with the light");
        eyes.Retype("input[name=supply]", "lots" + Keys.Tab);
        eyes.SeeWords(".problem", "“lots” is not a figure");
        eyes.Click(".trail a[href$='wire/circuits']");
        eyes.Click(".circuit-card[href$='circuit=relay']");
        eyes.SeeWords("#circuit-words", "the coil closes the contact beside the switch and holds it");
        Assert.Empty(eyes.Complaints());
    }

    private static void TypeHeader(Eyes eyes, string[] signals)
    {
        eyes.TabTo("#signal-1");
        foreach (var signal in signals) eyes.Press(signal + Keys.Enter);
        eyes.SeeWords(".said", "panel header: ");
        eyes.Settle();
    }

    // Each contact of the header in turn: measure it, write it down, and do what the page then offers.
    private static void ProvePanel(Eyes eyes, string root)
    {
        eyes.Open(root + "/prove");
        for (var step = 0; step < 30; step++)
        {
            var link = eyes.Run<string>(
                "return [...document.querySelectorAll('.prove-list a')].find(a => a.textContent.includes('panel header'))?.getAttribute('href') ?? ''");
            if (link.Length == 0) return;
            eyes.Open(link);
            eyes.Click("form[action*='Measure'] button");
            eyes.Until(() => eyes.Value("input[name=reading]") is { Length: > 0 });
            eyes.Click("form[action*='Reading'] button.is-primary");
            eyes.Settle();
            eyes.SeeWords(".said", "panel");
            if (eyes.Run<bool>("return document.querySelector('.reading form[action*=Believe] button') !== null"))
            {
                eyes.Click(".reading form[action*='Believe'] button");
                eyes.SeeWords(".said", "word is taken");
            }
            else if (eyes.Run<bool>("return document.querySelector('.trial') !== null && document.querySelector('.proof .verdict.is-fine') === null"))
            {
                eyes.Click(".trial button[value='true']");
            }

            eyes.Settle();
        }
    }

    private static void ReadSheet(Eyes eyes)
    {
        eyes.See(".sheet li");
        var lines = (int)eyes.Run<long>("return document.querySelectorAll('.sheet li').length");
        for (var line = 1; line <= lines; line++)
        {
            var must = eyes.Run<bool>($"return document.querySelector('.sheet li:nth-child({line})').textContent.includes('must beep')");
            eyes.Click($".sheet li:nth-child({line}) button[value={(must ? "true" : "false")}]");
            eyes.SeeWords($".sheet li:nth-child({line})", "right");
        }
    }
}
