using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Feed as a builder uses it: the tree, a what-if, the schools, the wall.</summary>
public sealed class FeedTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void The_place_that_gives_is_found_in_the_tree_and_leads_to_its_facts()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/1/feed");
        eyes.Click(".tree-node.is-fix[href*='slot']");
        eyes.SeeWords("#node", "at card slot");
        eyes.SeeWords("#node", "Chance that the peak exceeds it");
        eyes.SeeWords("#node", "Hold Quarrow Plover low-profile card to 50 W");
        eyes.Click("#node li a");
        eyes.Until(() => eyes.Path.Contains("load=card", StringComparison.Ordinal));
        eyes.SeeWords(".draw", "Quarrow Plover");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_label_with_two_rails_is_typed_in_place_its_lead_is_hung_and_all_is_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/feed");
        eyes.Click("#supply-facts summary");
        eyes.Retype(".relabel textarea", "12V1 7 A\n12V2 6 A\n+5 V 12 A\n+3.3 V 8 A\n-12 V 0.3 A\n+5 V standby 2 A");
        eyes.Click(".relabel button");
        eyes.SeeWords(".said", "12V1 7 A");
        eyes.SeeWords(".limits", "12V2");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeNoWords(".limits", "12V2");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_what_if_is_seen_kept_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/feed");
        eyes.Choose("select[name=try]", "Hard drive, 3.5 in");
        eyes.SeeWords("#tried", "Hard drive, 3.5 in:");
        eyes.SeeNoWords(".draw-name", "Hard drive");
        eyes.Click("form[action*='KeepTried'] button");
        eyes.SeeWords(".said", "after a what-if");
        eyes.SeeWords(".draw-name", "Hard drive");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeNoWords(".draw-name", "Hard drive");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_place_is_relieved_by_one_act_and_the_act_is_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/1/feed");
        eyes.Click(".tree-node.is-fix[href*='slot']");
        eyes.Click("#node form[action*='Relieve'] button");
        eyes.SeeWords(".said", "held to 50 W");
        eyes.SeeWords("#node", "carries it");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("#node", "What would relieve it");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_window_of_the_practice_meter_becomes_the_reading_that_gates_the_graft()
    {
        using var eyes = new Eyes(bench.Address);
        var root = eyes.CopyOfFerry();
        eyes.Open(root + "/feed");
        eyes.SeeWords(".school.is-recommended", "The parts added up");
        eyes.Click("a[href$='/feed/wall']");
        eyes.Choose("select[name=meter]", "practice meter, twenty times as fast");
        eyes.Click("form[action*='Watch'] button");
        eyes.SeeWords("#wall-live", "samples: mean");
        // It plays by itself; three minutes of it go by in nine seconds.
        eyes.SeeWords("#wall-live", "180 samples");
        eyes.Click("form[action*='Stop'] .is-primary");
        eyes.SeeWords("#window", "In the window");
        eyes.Retype("input[name=from]", "125");
        eyes.Retype("input[name=to]", "175");
        eyes.Choose("form[action*='Log'] select[name=work]", "full load, for minutes");
        eyes.Click("button[formaction*='Keep']");
        eyes.SeeWords(".said", "Read at the wall");
        eyes.SeeWords("#fit-words", "explain the readings");
        eyes.SeeNoWords("#watch ~ form", "Throw it away");
        eyes.Open(root + "/feed");
        eyes.SeeWords(".school.is-recommended", "Measured at the wall");
        eyes.Click("form[action*='Trust'] button");
        eyes.SeeWords(".said", "Trusts the school");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".school.is-recommended", "Measured at the wall");
        Assert.Empty(eyes.Complaints());
    }
}
