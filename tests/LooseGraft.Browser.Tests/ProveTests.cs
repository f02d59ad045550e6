using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Prove as a builder uses it: the list, the probes, a reading, life, a switch, a caliper.</summary>
public sealed class ProveTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void A_fact_near_the_top_is_measured_with_the_practice_meter_written_down_and_taken_back()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove");
        eyes.SeeWords(".prove-list li:first-child", "Small amplifier board");
        eyes.SeeWords(".stake", "+12 V");
        eyes.Click(".prove-list li:nth-child(5) a");
        eyes.SeeWords("#proof-title", "Position 4 of fan header");
        eyes.SeeWords(".set-up", "DC volts · machine on");
        eyes.SeeWords(".proof .caution", "A slip that bridges two contacts is a short");
        eyes.Choose("select[name=meter]", "practice meter, steady hand");
        eyes.Click("form[action*='Measure'] button");
        // The diagram says +12 V; the board says ground.
        eyes.Until(() => eyes.Value("input[name=reading]") is ['0' or '-', ..]);
        eyes.Click("form[action*='Reading'] button.is-primary");
        eyes.SeeWords(".findings", "said to be +12 V (someone's diagram), but");
        eyes.SeeWords(".reading", "contradicts");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeNoWords(".proof", "contradicts\n");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Probes_are_drawn_right_side_up_and_turn_with_the_view()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove?fact=%2Fparts%2Fkt31%2Fports%2Fpanel%2Fpins%2F8");
        eyes.SeeWords("#proof-title", "Position 8 of panel header");
        var side = RedEnd(eyes);
        eyes.Press("f");
        eyes.SeeWords("[data-key-act='flip-from']", "wire side");
        Assert.NotEqual(side, RedEnd(eyes));
        Assert.Contains("black probe on position", eyes.See(".probes svg").GetDomAttribute("aria-label"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_reading_that_proves_its_contact_takes_it_off_the_list_by_keyboard_alone()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove");
        eyes.SeeWords("#list-title", "16 facts");
        eyes.TabTo(".prove-list li:nth-child(5) a");
        eyes.Press(Keys.Enter);
        eyes.SeeWords("#proof-title", "Position 4 of fan header");
        eyes.TabTo("input[name=reading]:not([type=hidden])");
        eyes.Press("12,1" + Keys.Enter);
        eyes.SeeWords("#list-title", "15 facts");
        eyes.SeeWords(".proof .verdict", "proven");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Life_is_written_down_and_lifts_the_check_on_every_cut()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove/life");
        eyes.SeeWords(".verdict", "not proven alive yet");
        eyes.SeeWords(".bench-sheet", "Join positions 3 and 4 of its panel header");
        eyes.Choose("select[name=watched]", "a picture, or an answer");
        eyes.Retype("input[name=note]", "a blue logo");
        eyes.Click("form[action*='Saw'] button[value=true]");
        eyes.SeeWords(".verdict", "proven alive");
        eyes.SeeWords(".seen", "a blue logo");
        eyes.SeeNoWords(".bench-row a[aria-current]", "2");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".verdict", "not proven alive yet");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_switch_is_told_from_three_readings_and_a_slip_is_pointed_out()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove/switch?port=concerto/panel-plug&legs=3,4");
        eyes.SeeWords("#switch-verdict", "Still open: momentary, normally open; or latching, found open");
        eyes.Retype("form[action*='handler=Read'] input[name=reading]", "no beep" + Keys.Enter);
        eyes.SeeWords("#switch-verdict", "It is momentary, normally open: use leg 1 and leg 2");
        eyes.Choose("select[name=act]", "as found");
        eyes.Retype("form[action*='handler=Read'] input[name=reading]", "beep" + Keys.Enter);
        eyes.SeeWords("#switch-verdict", "cannot all be true");
        eyes.SeeWords(".reading.is-fix", "in conflict");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.Click("form[action*='handler=Keep'] button");
        eyes.SeeWords(".said", "momentary, normally open");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_caliper_is_read_and_its_length_proves_a_pitch()
    {
        using var eyes = NewCopy(out var root);
        eyes.Open(root + "/prove/caliper");
        eyes.SeeWords(".caliper-length", "26.4 mm");
        eyes.Retype("input[name=main]", "12" + Keys.Tab);
        eyes.SeeWords(".caliper-length", "12.4 mm");
        eyes.Retype("input[name=line]", "44" + Keys.Tab);
        eyes.SeeWords(".problem", "lines from 0 to 9");
        eyes.Open(root + "/stock/kt31/panel");
        eyes.Retype("input[name=reading]", "12 + .1" + Keys.Enter);
        eyes.SeeWords(".reading", "Pitch 2 mm: 6 gaps make 12 mm");
        eyes.Retype("input[name=reading]", "0.6 in" + Keys.Enter);
        eyes.SeeWords(".reading", "is a pitch of 2.54 mm, not 2 mm");
        Assert.Empty(eyes.Complaints());
    }

    private static string RedEnd(Eyes eyes) => eyes.See(".probe-red circle").GetDomAttribute("cx")!;

    private Eyes NewCopy(out string root)
    {
        var eyes = new Eyes(bench.Address);
        root = eyes.CopyOfFerry();
        return eyes;
    }
}
