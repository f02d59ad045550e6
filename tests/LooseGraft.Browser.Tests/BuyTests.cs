using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Buy as a builder uses it: what is needed, what there is for it, and the list.</summary>
public sealed class BuyTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void Needs_are_answered_one_by_one_taken_back_and_stay_after_a_reload()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("3") + "/buy");
        // A copy takes nothing from the bin: heat-shrink is open as well.
        eyes.SeeWords(".needs", "4 things that are needed have no source yet");
        eyes.Click("[data-need='tool nut driver'] .need-more summary");
        eyes.Click("[data-need='tool nut driver'] button[value=there]");
        eyes.SeeWords(".said", "nut driver: it is there already");
        eyes.SeeWords(".needs", "3 things that are needed have no source yet");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".needs", "4 things that are needed have no source yet");
        eyes.Click("[data-need='housing for 4-position peripheral power'] .sources button");
        eyes.SeeWords(".sack-row", "Block for the peripheral plug");
        eyes.SeeWords(".needs", "2 things that are needed have no source yet: heat-shrink, nut driver");
        eyes.Reload();
        eyes.SeeWords("[data-need='terminal for 4-position peripheral power']", "4 out of 1 pack of Block");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_rate_is_typed_where_the_sum_lacks_one_and_the_sum_follows()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("1") + "/buy");
        eyes.SeeWords(".sack-row", "nobody said what 1 GBP is worth in EUR");
        eyes.SeeWords(".buy-sum", "159.80 EUR");
        eyes.Click(".buy-ways a[href$='/offers']");
        eyes.Retype("input[name=code]", "gbp");
        eyes.Retype("input[name=worth]", "1,15");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "1 GBP is worth 1.15 EUR");
        eyes.Click(".trail a");
        // 94 × 1.15 = 108.10.
        eyes.SeeWords(".sack-row", "108.10 EUR");
        eyes.SeeWords(".buy-sum", "51.70 EUR");
        eyes.SeeNoWords(".sack-row", "nobody said what 1 GBP");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void An_offer_is_written_down_for_a_need_changed_by_keyboard_and_stands_on_the_list()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("3") + "/buy");
        eyes.Click("[data-need='tool nut driver'] .need-more summary");
        eyes.Click("[data-need='tool nut driver'] .need-answers a");
        eyes.SeeWords("#write", "An offer of nut driver");
        Assert.Equal("tool nut driver", eyes.Value("input[name=contents]"));
        eyes.Retype("input[name=of]", "Flea market");
        eyes.Retype("input[name=price]", "2,50");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "nut driver, 2.50 EUR at Flea market");
        eyes.Click(".trail a");
        eyes.TabTo("[data-need='tool nut driver'] form:has([value='nut-driver-2']) button");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".sack-row", "Flea market");
        eyes.Click(".buy-ways a[href$='/list']");
        eyes.SeeWords(".list-page", "Flea market");
        eyes.Click("[id='note-flea-market'] summary");
        Assert.Contains("- 1 pack of nut driver, 2.50 EUR each", eyes.Value("[id='note-flea-market'] textarea"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void From_a_need_to_a_parcel_that_came_wrong_and_one_that_came_right()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("3") + "/buy");
        eyes.Click("[data-need='housing for 4-position peripheral power'] .sources button");
        eyes.SeeWords(".sack-row", "Block for the peripheral plug");
        var sack = "article[aria-label='Kettle Lane wires'] ";
        eyes.Retype(sack + "input[name=number]", "L 9");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "Ordered of");
        eyes.SeeWords("[data-need='terminal for 4-position peripheral power']", "on its way from");
        eyes.Click(".buy-ways a[href$='/orders']");
        eyes.SeeWords(".order", "L 9");
        eyes.Retype("[aria-label^='Now came right: Block']", "0");
        eyes.Retype("[aria-label^='Now came wrong: Block']", "1");
        eyes.Retype(".order input[name=note]", "the latch is on the other side");
        eyes.Click(".order button[value=never]");
        eyes.SeeWords(".order", "came wrong");
        eyes.SeeWords(".order-past", "the latch is on the other side");
        eyes.Reload();
        eyes.Click(".trail a");
        eyes.SeeWords("[data-need='terminal for 4-position peripheral power']", "no source yet");
        eyes.Click("[data-need='housing for 4-position peripheral power'] .sources button");
        eyes.Click(sack + ".sack-order button");
        eyes.SeeWords("[data-need='terminal for 4-position peripheral power']", "on its way from");
        eyes.Click(".buy-ways a[href$='/orders']");
        eyes.TabTo(".order button[value=all]");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "came");
        eyes.Click(".trail a");
        eyes.SeeWords("[data-need='terminal for 4-position peripheral power']", "it came");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_gamble_is_looked_at_from_its_need_changed_by_keyboard_and_turned_down_by_the_budget()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("1") + "/buy");
        eyes.Click("[data-need='for part processor'] a[href*='gambles']");
        eyes.SeeWords(".gamble-say", "Try Four-core of the next family first, then Four-core out of a server");
        eyes.Retype("[aria-label='Chance, %: Four-core out of a server']", "20");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".gamble-say", "34.46 EUR on average instead of 48.50 EUR");
        eyes.SeeNoWords(".gamble-say", "out of a server");
        eyes.Reload();
        eyes.SeeWords(".gamble-offers", "you say: does at 20 %");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".gamble-say", "then Four-core out of a server");
        eyes.Click(".gamble-plans tr:last-child a");
        eyes.SeeWords(".gamble-tree", "48.50 EUR in all");
        eyes.SeeNoWords(".gamble-tree", "it does not");
        eyes.TabTo(".gamble-advice button", isBack: true);
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "Four-core of the next family: 1 pack in the basket");
        eyes.Click(".gamble-advice a[href$='/offers']");
        eyes.Retype("input[name=code]", "gbp");
        eyes.Retype("input[name=worth]", "1.15");
        eyes.Press(Keys.Enter);
        eyes.Click(".trail a");
        eyes.SeeWords("[data-offer='next-family'], .sack-row", "67.40 EUR would have to be laid out");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void Two_of_a_kind_are_looked_at_from_their_need_and_the_other_is_chosen_by_keyboard()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("1") + "/buy");
        eyes.Click("[data-need='for part card'] a[href*='compare']");
        eyes.SeeWords(".compare", "18 mm deeper than the 38 × 172 mm that Seat keeps for it");
        eyes.Click(".compare-acts td:last-child a[href*='offers']");
        eyes.Retype("input[name=deep]", "170 mm");
        eyes.Retype("input[name=warranty]", "2");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "Plover low-profile card, used");
        eyes.Click(".trail a");
        eyes.Click("[data-need='for part card'] a[href*='compare']");
        eyes.SeeWords(".compare", "2 years");
        eyes.TabTo(".compare-acts button");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".said", "with a longer cooler: 1 pack in the basket");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".compare-acts td:last-child", "in the basket");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_a_graft_is_worth_follows_what_is_typed_by_keyboard_and_is_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("3") + "/buy");
        eyes.Click(".buy-ways a[href$='/worth']");
        eyes.SeeWords(".worth-say", "By the money alone take “A donor with a standard board”");
        eyes.Retype("input[name=rate]", "");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".worth-say", "Go on: with the hours as a pleasure");
        eyes.Retype("input[name=called]", "A machine of the tip");
        eyes.Press(Keys.Tab + "5" + Keys.Tab + "1" + Keys.Enter);
        eyes.SeeWords(".worth-say", "take “A machine of the tip”");
        // In a field it takes back what was typed there.
        eyes.Click("#worth-title");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".worth-say", "Go on: with the hours as a pleasure");
        eyes.Reload();
        eyes.SeeNoWords(".worth-ways", "A machine of the tip");
        Assert.Equal("", eyes.Value("input[name=rate]"));
        Assert.Empty(eyes.Complaints());
    }
}
