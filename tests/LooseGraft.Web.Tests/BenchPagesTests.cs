using System.Globalization;
using System.Net;
using LooseGraft.Web.Instruments;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>The pages around the prove list and the shelf of donors and meters, form by form.</summary>
public sealed class BenchPagesTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Four_legs_are_told_apart_reading_by_reading_and_written_on_the_contacts()
    {
        var id = await WithPortAsync(PartKind.Switch, 4);
        var (browser, page) = (host.Browser(), $"/graft/{id}/prove/switch?port=part/legs");
        var readings = new[]
        {
            (1, 2, "AtRest", "beep"), (3, 4, "AtRest", "0.3"), (1, 3, "AtRest", "OL"), (1, 3, "Held", "beep"), (1, 3, "PressedOnce", "no beep"),
            (1, 2, "Held", "beep"), (3, 4, "Held", "beep"),
        };
        foreach (var (index, (one, other, act, text)) in readings.Index())
            await BenchHost.SendAsync(
                browser, page, page + "&handler=Read", ("Revision", $"{index + 1}"), ("one", $"{one}"), ("other", $"{other}"), ("act", act), ("reading", text));
        Assert.Contains("use leg 1 and leg 3. Joined inside for good: 1–2 and 3–4.", await BenchHost.TextAsync(await browser.GetAsync(page, Cancellation)));
        await browser.SubmitAsync(page, "Keep", 8);
        var port = (await host.GraftAsync(id)).Parts[0].Ports[0];
        Assert.Equal((1, 3), (port.Pins[0].Position, port.Pins[1].Position));
        Assert.All(port.Pins, pin => Assert.Equal(("spare-switch", Evidence.Measured), (pin.Signal.Value.Name, pin.Signal.Evidence)));
        Assert.Equal(Signal.Unknown, port.PinAt(2).Signal.Value);
    }

    [Theory]
    [InlineData("1", "1", "beep", "Choose two different legs.")]
    [InlineData("1", "9", "beep", "Choose two different legs.")]
    [InlineData("1", "2", "maybe", "does not say whether the two are joined")]
    [InlineData("1", "2", "80 ohm", "does not say whether the two are joined")]
    public async Task A_reading_of_legs_that_tells_nothing_is_not_written_down(string one, string other, string reading, string words)
    {
        var id = await WithPortAsync(PartKind.Switch, 4);
        var page = $"/graft/{id}/prove/switch?port=part/legs";
        var answer = await host.Browser().SubmitAsync(page, "Read", 1, ("one", one), ("other", other), ("act", "AtRest"), ("reading", reading));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains(words, await BenchHost.TextAsync(answer));
        Assert.Empty((await host.GraftAsync(id)).Readings);
    }

    [Fact]
    public async Task A_light_is_found_out_and_its_ends_are_written_on_the_contacts()
    {
        var id = await WithPortAsync(PartKind.Lamp, 2);
        var (browser, page) = (host.Browser(), $"/graft/{id}/prove/switch?port=part/legs");
        await browser.SubmitAsync(page, "Light", 1, ("one", "1"), ("other", "2"), ("reading", "OL"));
        var answer = await browser.SubmitAsync(page, "Light", 2, ("one", "2"), ("other", "1"), ("reading", "1,9"));
        Assert.Contains("Leg 2 is plus; it conducts at 1.9 V", await BenchHost.TextAsync(answer));
        await browser.SubmitAsync(page, "KeepLight", 3);
        var port = (await host.GraftAsync(id)).Parts[0].Ports[0];
        Assert.Equal(("power-light-", "power-light+"), (port.PinAt(1).Signal.Value.Name, port.PinAt(2).Signal.Value.Name));
    }

    [Fact]
    public async Task An_observation_is_taken_out_again_and_one_that_is_not_there_changes_nothing()
    {
        var id = await WithPortAsync(PartKind.Board, 2);
        var (browser, page) = (host.Browser(), $"/graft/{id}/prove/life");
        await browser.SubmitAsync(page, "Saw", 1, ("watched", "Fans"), ("seen", "true"), ("note", ""));
        await browser.SubmitAsync(page, "Forget", 2, ("index", "7"));
        Assert.Single((await host.GraftAsync(id)).Observations);
        await browser.SubmitAsync(page, "Forget", 2, ("index", "0"));
        Assert.Empty((await host.GraftAsync(id)).Observations);
    }

    [Fact]
    public async Task A_donor_that_shows_no_life_is_a_finding_with_the_next_thing_to_try()
    {
        var id = await WithPortAsync(PartKind.Board, 2);
        var (browser, page) = (host.Browser(), $"/graft/{id}/prove/life");
        var answer = await browser.SubmitAsync(page, "Saw", 1, ("watched", "Picture"), ("seen", "false"), ("note", "black"));
        Assert.Contains("no sign of life", await BenchHost.TextAsync(answer));
        Assert.Contains(Core.Review.Of(await host.GraftAsync(id)).Findings,
            finding => finding.Rule.Code == "PROVE-004" && finding.Remedies[0].Contains("strip it", StringComparison.Ordinal));
    }

    [Fact]
    public async Task Only_a_meter_that_is_turned_on_is_offered_and_a_forgotten_one_is_gone()
    {
        var browser = host.Browser();
        await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Add", ("name", "Bench meter"), ("address", "127.0.0.1:9"));
        var entry = (await MetersAsync(shelf => shelf.AllAsync(Cancellation))).Single(meter => meter.Name == "Bench meter");
        var graft = Graft.Empty("none");
        Assert.Null(await MetersAsync(shelf => shelf.FindAsync($"{entry.Id}", graft, Cancellation)));
        Assert.DoesNotContain(await MetersAsync(shelf => shelf.ChoicesAsync(graft, Cancellation)), choice => choice.Name == "Bench meter");
        await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Turn", ("id", $"{entry.Id}"), ("on", "true"));
        Assert.NotNull(await MetersAsync(shelf => shelf.FindAsync($"{entry.Id}", graft, Cancellation)));
        await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Forget", ("id", $"{entry.Id}"));
        Assert.Empty(await MetersAsync(shelf => shelf.AllAsync(Cancellation)));
        Assert.Equal(HttpStatusCode.NotFound,
            (await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Turn", ("id", "999"), ("on", "true"))).StatusCode);
    }

    [Fact]
    public async Task A_practice_meter_is_offered_for_a_practice_board_only_whatever_a_file_names()
    {
        foreach (var name in new[] { "../ferry-radiogram", "Ferry-Radiogram", "nowhere", null })
            Assert.Empty(await MetersAsync(shelf => shelf.ChoicesAsync(Graft.Empty("x") with { Practice = name }, Cancellation)));
        Assert.Equal(2, (await MetersAsync(shelf => shelf.ChoicesAsync(Graft.Empty("x") with { Practice = "ferry-radiogram" }, Cancellation))).Count);
    }

    [Fact]
    public async Task A_known_donor_is_put_aside_and_back_and_compared_with_another_revision()
    {
        var browser = host.Browser();
        var text = await BenchHost.TextAsync(await browser.GetAsync("/donors?one=1&other=2", Cancellation));
        Assert.Contains("Ovrell KT-31: revision A against revision B", text);
        Assert.Contains("panel header, position 7", text);
        Assert.Contains("36.5 mm deep", text);
        Assert.Contains("Put aside, below", await BenchHost.TextAsync(await BenchHost.SendAsync(browser, "/donors", "/donors?handler=PutAside", ("id", "1"))));
        Assert.DoesNotContain("Against revision A", await browser.GetStringAsync("/donors", Cancellation));
        await BenchHost.SendAsync(browser, "/donors", "/donors?handler=PutBack", ("id", "1"));
        Assert.Contains("Against revision A", await browser.GetStringAsync("/donors", Cancellation));
        Assert.Equal(HttpStatusCode.NotFound, (await BenchHost.SendAsync(browser, "/donors", "/donors?handler=PutBack", ("id", "999"))).StatusCode);
    }

    [Fact]
    public async Task The_demo_has_its_picture_its_marks_and_what_its_parts_take_from_the_bin()
    {
        var ferry = (await host.ShelfAsync(Cancellation))
            .Single(snapshot => snapshot.Graft.Practice is not null && snapshot.Graft.Name == "The ferry radiogram").Graft;
        var photo = Assert.Single(ferry.Photos);
        Assert.Equal(HttpStatusCode.OK, (await host.Browser().GetAsync($"/photos/{photo.Hash}", Cancellation)).StatusCode);
        Assert.Equal([1, 2, 7, 8, 14], photo.Marks.Select(mark => mark.Position));
        Assert.Contains(ferry.Parts, part => part.Bin?.Entry == "vessick-80-mm-fan");
        Assert.Contains("1</b> of 2 free", await host.Browser().GetStringAsync("/bin?words=vessick+80", Cancellation));
    }

    [Theory]
    [InlineData("/photos/nothing")]
    [InlineData("/photos/..%2F..%2Fbench.db")]
    [InlineData("/donors/999/file")]
    [InlineData("/graft/1/stock/nobody/nothing")]
    [InlineData("/graft/1/photos/nobody")]
    public async Task What_is_not_there_is_not_found(string address)
        => Assert.Equal(HttpStatusCode.NotFound, (await host.Browser().GetAsync(address, Cancellation)).StatusCode);

    [Theory]
    [InlineData("nonsense")]
    [InlineData("/parts/kt31/ports/panel/pins/99")]
    [InlineData("/parts/kt31/ports/panel/pins/x")]
    [InlineData("/parts/nobody/ports/x/pins/1")]
    public async Task A_fact_that_is_none_shows_the_list_all_the_same(string fact)
    {
        var answer = await host.Browser().GetAsync($"/graft/4/prove?fact={Uri.EscapeDataString(fact)}", Cancellation);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Contains("Choose a fact on the left", await BenchHost.TextAsync(answer));
    }

    [Fact]
    public async Task A_connector_is_taken_out_with_what_names_it_and_undo_brings_it_all_back()
    {
        var id = await WithPortAsync(PartKind.Board, 2);
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock/part/legs");
        await browser.SubmitAsync(page, "Span", 1, ("reading", "2.54"));
        Assert.Single((await host.GraftAsync(id)).Readings);
        var answer = await browser.SubmitAsync(page, "RemovePort", 2);
        Assert.EndsWith("/stock", answer.RequestMessage!.RequestUri!.AbsolutePath);
        Assert.Empty((await host.GraftAsync(id)).Readings);
        await BenchHost.SendAsync(browser, $"/graft/{id}", $"/graft/{id}?handler=Undo", ("Revision", "3"));
        Assert.Equal((1, 1), ((await host.GraftAsync(id)).Parts[0].Ports.Length, (await host.GraftAsync(id)).Readings.Length));
    }

    [Fact]
    public async Task What_is_joined_inside_is_typed_on_the_connectors_page_and_taken_out_again()
    {
        var id = await WithPortAsync(PartKind.Panel, 4);
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock/part/legs");
        foreach (var (position, other, words) in new[]
        {
            ("1", "", "Type the two positions"), ("x", "2", "Type the two positions"), ("1", "9", "There are legs/1-4"), ("2", "2", "another contact"),
            ("1", "nowhere/1", "Type the two positions"), ("0", "1", "Type the two positions"), ("1-2", "1-3", "The two rows differ: 2 positions and 3"),
            ("1-4", "99999-1", "Type the two positions"),
        })
        {
            var bad = await browser.SubmitAsync(page, "Link", 1, ("position", position), ("other", other), ("kind", "Wire"));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
            Assert.Contains(words, await BenchHost.TextAsync(bad));
        }

        var good = await browser.SubmitAsync(page, "Link", 1, ("position", "1"), ("other", "3"), ("kind", "Momentary"));
        Assert.Contains("legs/1 to legs/3: a switch that is held", await BenchHost.TextAsync(good));
        await browser.SubmitAsync(page, "Unlink", 2, ("index", "0"));
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Links);
        var row = await browser.SubmitAsync(page, "Link", 3, ("position", "1-2"), ("other", "LEGS/4 – 3"), ("kind", "Resistor"));
        Assert.Contains("A row is of conductors", await BenchHost.TextAsync(row));
        await browser.SubmitAsync(page, "Link", 3, ("position", "1-2"), ("other", "LEGS/4 – 3"), ("kind", "Wire"));
        Assert.Equal(["legs/1 legs/4", "legs/2 legs/3"], (await host.GraftAsync(id)).Parts[0].Links.Select(link => $"{link.One} {link.Other}"));
    }

    [Fact]
    public async Task A_relay_is_typed_as_its_coil_and_its_contacts_with_what_is_printed_on_them()
    {
        var id = await WithPortAsync(PartKind.Panel, 4);
        var (browser, page) = (host.Browser(), $"/graft/{id}/stock/part/legs");
        foreach (var (kind, name, figures, closed, words) in new[]
        {
            ("Relay", "K1", "", "", "Describe the coil first"), ("Coil", "K1", "12 V 5 V", "", "are not its figures"), ("Coil", "K1", "12 mm", "", "figures"),
            ("Resistor", "R1", "1k", "true", "Only a contact that moves"), ("Resistor", "R1", "0 ohm", "", "a number from 0.001"),
            ("Coil", "K1", "1e309 V", "", "are not its figures"), ("Coil", new string('K', 21), "12 V", "", "at most 20 characters"),
        })
        {
            var bad = await PutAsync("1", kind, name, figures, closed);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
            Assert.Contains(words, await BenchHost.TextAsync(bad));
        }

        Assert.Contains("legs/2 to legs/1: a coil K1 (400 ohm, 12 V, with a diode)",
            await BenchHost.TextAsync(await PutAsync("1", "Coil", "K1", "12 V 400 ohm with diode", "")));
        Assert.Contains("legs/2 to legs/3: a relay's contact K1 (30 V, 5 A), closed at rest",
            await BenchHost.TextAsync(await PutAsync("3", "Relay", "K1", "30 V 5 A", "true", revision: "2")));
        await browser.SubmitAsync(page, "Unlink", 3, ("index", "0"));
        Assert.Empty((await host.GraftAsync(id)).Parts[0].Links);
        Assert.Equal("part: a coil K1 (400 ohm, 12 V, with a diode) inside taken out",
            (await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!.CanUndo);

        Task<HttpResponseMessage> PutAsync(string other, string kind, string name, string figures, string closed, string revision = "1")
            => BenchHost.SendAsync(browser, page, page + "?handler=Link", ("Revision", revision), ("position", "2"), ("other", other), ("kind", kind),
                ("name", name), ("figures", figures), ("closed", closed.Length == 0 ? "false" : closed));
    }

    private async Task<int> WithPortAsync(PartKind kind, int legs)
        => await host.StoreAsync(store => store.AddAsync(Graft.Empty(string.Create(CultureInfo.InvariantCulture, $"legs {legs}")) with
        {
            Parts = [new Part("part", "part", kind)
            {
                Origin = PartOrigin.Donor,
                Ports = [new Port("legs", "legs", ConnectorTypes.Find("pin-header")!, Gender.Male) { OwnRows = 1, OwnColumns = legs }],
            }],
        }, Cancellation));

    private async Task<T> MetersAsync<T>(Func<MeterShelf, Task<T>> ask)
    {
        await using var scope = host.Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider.GetRequiredService<MeterShelf>());
    }
}
