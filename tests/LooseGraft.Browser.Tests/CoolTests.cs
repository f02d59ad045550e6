using OpenQA.Selenium;

namespace LooseGraft.Browser.Tests;

/// <summary>Cool as a builder uses it: the picture, what is told, what is tried.</summary>
public sealed class CoolTests(RunningBench bench) : IClassFixture<RunningBench>
{
    [Fact]
    public void A_way_is_chosen_in_the_picture_told_of_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/cool");
        eyes.Click(".air-view .air-way[aria-label*='speaker cloth'] .touch");
        eyes.SeeWords("#chosen-title", "Speaker cloth");
        eyes.Choose("select[name=cover]", "mesh, 50–65 % free");
        eyes.SeeWords(".said", "speaker cloth: mesh");
        eyes.SeeWords("#ways", "mesh");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords("#ways", "loudspeaker cloth");
        eyes.Reload();
        eyes.SeeWords("#chosen-title", "Speaker cloth");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_fan_is_turned_round_and_the_rules_say_what_that_does()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/cool");
        eyes.TabTo(".air-view .air-way[aria-label*='slots in the left wall']");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".chosen-air", "Vessick 80 mm fan blows out");
        eyes.Click(".chosen-air form[action*='Turn'] button");
        eyes.SeeWords(".said", "blows in through slots in the left wall");
        eyes.SeeWords(".chosen-air", "Vessick 80 mm fan blows in");
        eyes.Click("form[data-key-act='undo'] button");
        eyes.SeeWords(".chosen-air", "Vessick 80 mm fan blows out");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_slider_is_moved_and_the_figures_follow_without_the_graft_being_changed()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/4/cool");
        eyes.TabTo("#try-cap");
        eyes.Press(Keys.Home);
        eyes.SeeWords(".tried", "Processor of Ovrell KT-31 board: 96 °C");
        eyes.SeeWords(".tried", "becomes");
        eyes.Until(() => eyes.Path.Contains("cap=", StringComparison.Ordinal));
        eyes.SeeWords(".trial", "Prove first that this board");
        eyes.Click(".try-acts a");
        eyes.SeeNoWords(".trial", "becomes");
        Assert.True(eyes.Run<bool>("return document.querySelector('form[data-key-act=undo] button').disabled"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void A_change_that_helps_is_taken_over_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOfFerry() + "/cool");
        eyes.SeeWords(".air-side .verdict", "96 °C");
        eyes.Click("details.cure[data-keep^='Cut 60'] summary");
        eyes.SeeWords("details.cure[data-keep^='Cut 60']", "Take every board and supply out first");
        eyes.Click("details.cure[data-keep^='Cut 60'] button");
        eyes.SeeWords(".said", "air through the rear wall is to be cut, 60 × 40 mm, for the cooler of Ovrell KT-31 board");
        eyes.SeeWords("#ways", "air through the rear wall, still to be cut");
        eyes.SeeNoWords(".air-side .verdict", "processor of Ovrell KT-31 board");
        // Its place is on Seat's list of cuts from then on.
        eyes.Click(".bench-row a[href$='/seat']");
        eyes.Click("a[href$='/cuts']");
        eyes.SeeWords("main", "air through the rear wall");
        eyes.Click(".bench-row a[href$='/cool']");
        eyes.SeeWords("#ways", "air through the rear wall");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".air-side .verdict", "96 °C");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void How_many_watts_the_projector_takes_is_asked_by_keyboard_and_stays_after_a_reload()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/graft/2/cool");
        eyes.TabTo(".asking select[name=ask]");
        eyes.TabTo(".asking button");
        eyes.Press(Keys.Enter);
        eyes.SeeWords(".answer", "Pebble board may take 6.5 W at peak");
        eyes.Reload();
        eyes.SeeWords(".answer", "0.5 W more does not");
        eyes.Choose(".asking select[name=ask]", "how large one more opening has to be");
        eyes.Click(".asking button");
        eyes.SeeWords(".answer", "No such opening up to");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void What_was_read_is_written_down_reckoned_with_and_taken_back()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open(eyes.CopyOf("1") + "/cool");
        eyes.SeeWords(".air-side .verdict", "99 °C");
        eyes.SeeWords("#fit", "about half the air that is worked out");
        eyes.Click("form[action*='TakeFit'] button");
        eyes.SeeWords(".said", "Taken over from readings: air 0.52 times");
        eyes.SeeNoWords(".air-side .verdict", "99 °C");
        eyes.SeeWords(".measured", "as it is worked out");
        eyes.PressWith(Keys.Control, "z");
        eyes.SeeWords(".air-side .verdict", "99 °C");
        // Another reading, by keyboard: of the card, as its sensor shows it.
        eyes.TabTo(".read-form select[name=what]");
        eyes.Choose(".read-form select[name=what]", "Quarrow Plover low-profile card");
        eyes.TabTo(".read-form input[name=hot]");
        eyes.Press("205 F" + Keys.Enter);
        eyes.SeeWords(".said", "Quarrow Plover low-profile card: 96 °C read at peak");
        eyes.Reload();
        eyes.SeeWords(".measured", "96 °C ± 5");
        eyes.Retype(".read-form input[name=hot]", "warm" + Keys.Enter);
        eyes.SeeWords(".read-form .problem", "“warm” is no temperature");
        Assert.Equal("warm", eyes.Value(".read-form input[name=hot]"));
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void From_an_empty_shelf_a_shell_is_told_its_air_without_typing_an_address()
    {
        using var eyes = new Eyes(bench.Address);
        eyes.Open("/");
        eyes.Retype("form[action*='New'] input[name=name]", "Bread bin server");
        eyes.Click("form[action*='New'] button");
        eyes.Click("button[value=fan-4]");
        eyes.Click("details[data-keep='kit-Fans and coolers'] > summary");
        eyes.Click("button[value=fan-120-4]");
        eyes.Click("[data-key-act=keep]");
        eyes.SeeWords(".said", "In lines");
        eyes.Click(".bench-row a[href$='/cool']");
        foreach (var (side, figure) in new[] { ("width", "400"), ("depth", "300"), ("height", "200") })
            eyes.Retype($"form[action*='handler=Space'] input[name={side}]", figure);
        eyes.Click("form[action*='handler=Space'] button");
        eyes.SeeWords(".said", "inside of the shell, 400 × 300 × 200 mm");
        foreach (var (name, area) in new[] { ("crumb slots", "40 x 60"), ("hole for the fan", "113") })
        {
            if (!eyes.Run<bool>("return document.querySelector('#another-way').open")) eyes.Click("#another-way summary");
            eyes.Retype("#another-way input[name=name]", name);
            eyes.Retype("#another-way input[name=area]", area);
            eyes.Click("#another-way button");
            eyes.SeeWords(".said", name);
        }

        eyes.Click(".air-view .air-way[aria-label*='hole for the fan'] .touch");
        eyes.Click(".chosen-air button[value=Out]");
        eyes.SeeWords(".said", "blows out through hole for the fan");
        eyes.SeeWords("#ways", "inside of the shell to the room");
        Assert.Empty(eyes.Complaints());
    }

    [Fact]
    public void On_a_telephone_the_picture_is_seen_whole()
    {
        using var eyes = new Eyes(bench.Address, 390, 844, isTouched: true);
        eyes.Open("/graft/4/cool");
        eyes.See(".air");
        Assert.True(eyes.Run<bool>("return [...document.querySelectorAll('.air')].every(air => air.getBoundingClientRect().right <= innerWidth)"));
        Assert.Empty(eyes.Complaints());
    }
}
