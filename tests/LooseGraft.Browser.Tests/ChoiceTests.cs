using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>The choices for a whole graft. They hang on what lies in the bin, so that nobody else works at their bench.</summary>
public sealed class ChoiceTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void A_choice_for_the_whole_graft_is_looked_at_by_keys_taken_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("3") + "/buy");
        eyes.SeeNothingUnderWay();
        var soonest = "article[aria-label='Soonest'] ";
        eyes.SeeWords(soonest, "39.20 EUR");
        eyes.Click(".choice-head a");
        eyes.SeeWords(".choices-right", "Cheapest");
        // From the cheapest leaf the arrow down leads to the one whose parcel comes first.
        eyes.TabTo(".choice-mark.is-chosen");
        eyes.Press(Keys.ArrowDown);
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".choices-right", "Brackwater 24 to 10");
        eyes.Click(".choice-table tr:last-child a");
        eyes.SeeWords(".choices-right", "Short lead for the LD-7");
        eyes.SeeWords(".choice-prices", "Main plug on main power: 14 EUR and 1 parcel");
        eyes.Click(".buy-ways a");
        eyes.TabTo(soonest + "button");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "Took the choice “Soonest”");
        eyes.SeeWords(soonest, "So it stands");
        eyes.SeeWords(".sack-row", "Brackwater 24 to 10");
        eyes.SeeNoWords(".sack-row", "A stranger, second hand");
        eyes.Reload();
        eyes.SeeWords(soonest, "So it stands");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".sack-row", "A stranger, second hand");
        eyes.SeeNoWords(soonest, "So it stands");
        Assert.Empty(eyes.Complaints());
    }
}
