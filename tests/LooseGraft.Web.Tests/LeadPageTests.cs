using System.Net;
using CsCheck;
using LooseGraft.Core.Findings;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Tests;
using LooseGraft.Web.Forms;
using LooseGraft.Web.Words;
using Microsoft.AspNetCore.Mvc.ModelBinding;

namespace LooseGraft.Web.Tests;

/// <summary>The page of a made lead, and the words and links that the new pages share.</summary>
public sealed class LeadPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_joint_that_is_pushed_on_as_it_is_has_no_lead_to_make_and_says_so()
        => Assert.Contains("This joint is not made by hands yet",
            await BenchHost.TextAsync(await host.Browser().GetAsync("/graft/4/wire/front-usb/lead", Cancellation)));

    [Fact]
    public async Task Names_with_angle_brackets_stay_text_in_the_drawing_and_the_page()
    {
        var id = await JoinedAsync("<b>&\"'");
        var page = $"/graft/{id}/wire/joint/lead";
        var drawing = await host.Browser().GetStringAsync(page + ".svg", Cancellation);
        Assert.Contains("&lt;b&gt;&amp;", drawing);
        Assert.Equal("<b>&\"'", System.Xml.Linq.XDocument.Parse(drawing).Descendants().Last(element => element.Name.LocalName == "text").Value);
        Assert.DoesNotContain("<b>&\"'", await host.Browser().GetStringAsync(page, Cancellation));
    }

    [Fact]
    public async Task A_line_is_read_again_in_place_of_the_old_reading_and_a_mended_lead_is_read_anew()
    {
        var id = await JoinedAsync("header");
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire/joint/lead");
        await browser.SubmitAsync(page, "Test", 1, ("one", "from-1"), ("other", "to-1"), ("beeped", "false"));
        await browser.SubmitAsync(page, "Test", 2, ("one", "to-1"), ("other", "from-1"), ("beeped", "true"));
        Assert.True(Assert.Single((await host.GraftAsync(id)).Joints[0].Tests).Beeped);
        Assert.Equal(HttpStatusCode.NotFound,
            (await browser.SubmitAsync(page, "Test", 3, ("one", "between-1"), ("other", "to-1"), ("beeped", "true"))).StatusCode);
        await browser.SubmitAsync(page, "Forget", 3);
        Assert.Empty((await host.GraftAsync(id)).Joints[0].Tests);
    }

    [Theory]
    [InlineData("22", "450", null)]
    [InlineData("", "", null)]
    [InlineData("9", "450", "is not a wire gauge")]
    [InlineData("31", "450", "is not a wire gauge")]
    [InlineData("thin", "450", "is not a wire gauge")]
    [InlineData("22", "0", "0 mm is nothing")]
    [InlineData("22", "1e309", "is not a figure")]
    public async Task What_a_lead_is_made_of_is_kept_or_told_what_is_wrong(string awg, string length, string? words)
    {
        var id = await JoinedAsync("header");
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire/joint/lead");
        var answer = await browser.SubmitAsync(page, "Wire", 1, ("awg", awg), ("length", length));
        Assert.Contains(words ?? "", await BenchHost.TextAsync(answer));
        var joint = (await host.GraftAsync(id)).Joints[0];
        Assert.Equal(words is null && awg.Length > 0, (joint.Awg, joint.Length) == (22, new Millimetres(450)));
        // A ground of ten milliamperes wants 26 AWG: 22 bears it.
        if (joint.Awg is not null) Assert.Contains("22 AWG, bears it", await browser.GetStringAsync(page, Cancellation));
    }

    [Fact]
    public async Task A_lead_that_is_a_part_is_read_line_by_line_and_says_who_made_it()
    {
        var lead = new Part("lead", "the lead", PartKind.Lead)
        {
            Ports = [Two("a"), Two("b")],
            Links = [new PartLink(new InnerEnd("a", 1), new InnerEnd("b", 1), LinkKind.Wire)],
        };
        static Port Two(string id) => new(id, id, ConnectorTypes.Find("pin-header")!, Gender.Female) { OwnRows = 1, OwnColumns = 2 };
        var graft = Graft.Empty("leads") with { Parts = [lead, lead with { Id = "bare", Links = [] }] };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire/lead/sheet");
        Assert.Contains("not proven yet: no power", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "Test", 1, ("one", "b/1"), ("other", "a/1"), ("beeped", "true"));
        Assert.Contains("proven by the meter", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "Making", 2, ("making", "Bought"));
        await browser.SubmitAsync(page, "Forget", 3);
        Assert.Contains("18 is taken for granted", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "Gauge", 4, ("awg", "20"));
        Assert.Contains("One bears 5 A", await browser.GetStringAsync(page, Cancellation));
        Assert.Contains("bought: reading it is up to you", await browser.GetStringAsync(page, Cancellation));
        foreach (var (one, other) in new[] { ("b/3", "a/1"), ("a/1", "a/1"), ("c/1", "a/1"), ("from-1", "a/1") })
        {
            Assert.Equal(HttpStatusCode.NotFound, (await browser.SubmitAsync(page, "Test", 5, ("one", one), ("other", other), ("beeped", "true"))).StatusCode);
        }

        Assert.Contains("Nobody has described", await browser.GetStringAsync($"/graft/{id}/wire/bare/sheet", Cancellation));
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync($"/graft/{id}/wire/nothing/sheet", Cancellation)).StatusCode);
    }

    [Fact]
    public async Task The_wires_of_an_adapter_are_led_one_by_one_or_all_at_once_and_taken_out_again()
    {
        static Port Face(string id, int columns) => new(id, id, ConnectorTypes.Find("pin-header")!, Gender.Female) { OwnRows = 1, OwnColumns = columns };
        var graft = Graft.Empty("map") with { Parts = [new Part("mine", "mine", PartKind.Adapter) { Ports = [Face("a", 3), Face("b", 3), Face("c", 2)] }] };
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var (browser, page) = (host.Browser(), $"/graft/{id}/wire/mine/sheet");
        Assert.Contains("It is straight: 1 to 1, 2 to 2, up to 3", await browser.GetStringAsync(page, Cancellation));
        await browser.SubmitAsync(page, "Map", 1, ("map", "3 - 1"));
        await browser.SubmitAsync(page + "?from=b&to=c", "Wire", 2, ("wireFrom", "2"), ("wireTo", "2"));
        Assert.Equal(["a/1 b/3", "a/3 b/1", "b/2 c/2"], await WiresAsync());
        foreach (var (from, to) in new[] { ("4", "1"), ("1", "0"), ("x", "1"), ("", "1"), ("1", "1e309") })
        {
            var answer = await browser.SubmitAsync(page, "Wire", 3, ("wireFrom", from), ("wireTo", to));
            Assert.Contains("a has positions 1 to 3, b 1 to 3.", await BenchHost.TextAsync(answer));
        }

        var wrong = await browser.SubmitAsync(page, "Map", 3, ("map", "1 2\n9 1"));
        Assert.Contains("Line 2: “9” is no position of a, which has 3.", await BenchHost.TextAsync(wrong));
        await browser.SubmitAsync(page, "Map", 3, ("map", "1 3\n2 2"));
        await browser.SubmitAsync(page, "Unlink", 4, ("index", "0"));
        Assert.Equal(["a/2 b/2", "a/3 b/1", "b/2 c/2"], await WiresAsync());
        await browser.SubmitAsync(page, "Bare", 5);
        Assert.Empty(await WiresAsync());

        async Task<string[]> WiresAsync()
            => [.. (await host.GraftAsync(id)).Parts[0].Links.Select(link => $"{link.One} {link.Other}").Order(StringComparer.Ordinal)];
    }

    [Theory]
    [InlineData("/old-case/speaker", Stage.Stock, "/graft/7/stock#at-old-case-speaker")]
    [InlineData("/parts/board", Stage.Stock, "/graft/7/stock#at-parts-board")]
    [InlineData("/parts/board", Stage.Wire, "/graft/7/wire/board/sheet#lead-title")]
    [InlineData("/parts/board", Stage.Feed, "/graft/7/feed#uncounted-board")]
    [InlineData("/parts/drive", Stage.Feed, "/graft/7/feed?load=drive#at-loads-drive-draws-p5-V")]
    [InlineData("/parts/adapter", Stage.Feed, "/graft/7/feed?node=%2Fparts%2Fadapter#node")]
    [InlineData("/parts/board/ports/header", Stage.Feed, "/graft/7/feed?node=%2Fparts%2Fboard%2Fports%2Fheader#node")]
    [InlineData("/joints/lead", Stage.Feed, "/graft/7/feed?node=%2Fjoints%2Flead#node")]
    [InlineData("/life", Stage.Prove, "/graft/7/prove/life#at-life")]
    [InlineData("/readings/one", Stage.Prove, "/graft/7/prove?fact=%2Fparts%2Fboard%2Fports%2Fheader%2Fpins%2F2")]
    [InlineData("/readings/two", Stage.Prove, "/graft/7/prove?fact=%2Fparts%2Fboard%2Fports%2Fheader")]
    [InlineData("/parts/board/ports/header/pins/2", Stage.Prove, "/graft/7/prove?fact=%2Fparts%2Fboard%2Fports%2Fheader%2Fpins%2F2")]
    [InlineData("/parts/board/ports/header/pins/2", Stage.Wire, "/graft/7/stock#at-parts-board-ports-header")]
    public void Every_subject_leads_to_the_page_where_it_is_changed(string subject, Stage stage, string address)
    {
        var port = new PortId("board", "header");
        var graft = Graft.Empty("x") with
        {
            Parts = [new Part("adapter", "adapter", PartKind.Adapter)],
            Loads = [new Load("drive", "drive") { Draws = [new Draw("+5 V", default, default, default, Evidence.Label)] }],
            Readings = [new Reading("one", default, port, MeterMode.Beep, "beep") { Red = 2 }, new Reading("two", default, port, MeterMode.Length, "12 mm")],
        };
        Assert.Equal(address, SubjectLinks.To(new Data.GraftSnapshot(7, 1, graft, default, null, null), SubjectText.Read(subject)!, stage));
    }

    [Fact]
    public void Every_choice_a_page_offers_has_its_words()
    {
        AllHaveWords<MeterMode>(value => value.Words());
        AllHaveWords<PowerState>(value => value.Words());
        AllHaveWords<ReadingVerdict>(value => value.Words());
        AllHaveWords<WatchPoint>(value => value.Words());
        AllHaveWords<LifeVerdict>(value => value.Words());
        AllHaveWords<Keying>(value => value.Words());
        AllHaveWords<Numbering>(value => value.Words());
        AllHaveWords<LinkKind>(value => value.Words());
        AllHaveWords<PartKind>(value => value.Words());
    }

    [Fact]
    public void Holes_are_written_as_they_are_read()
        => Gen.Select(Gen.Int[-90_000, 90_000], Gen.Int[-90_000, 90_000], Gen.Int[1, 2000]).Hold((x, y, wide) =>
        {
            var hole = new MountHole(x / 100.0, y / 100.0, new Millimetres(wide / 100.0));
            var again = Assert.Single(HoleLines.Read(new ModelStateDictionary(), HoleLines.Write([hole])));
            Assert.Equal((hole.X, hole.Y, hole.Diameter), (again.X, again.Y, again.Diameter));
        });

    private static void AllHaveWords<T>(Func<T, string> words)
        where T : struct, Enum
    {
        var all = Enum.GetValues<T>().Select(words).ToArray();
        Assert.All(all, text => Assert.NotEqual("", text));
        Assert.Equal(all.Length, all.Distinct().Count());
    }

    private async Task<int> JoinedAsync(string name)
    {
        Port Of(string id, Gender gender)
            => new(id, name, ConnectorTypes.Find("pin-header")!, gender)
            {
                OwnRows = 1,
                OwnColumns = 1,
                Pins = [new Pin(1) { Signal = new(Signal.Ground, Evidence.Measured) }],
            };
        return await host.StoreAsync(store => store.AddAsync(Graft.Empty("lead") with
        {
            Parts = [new Part("board", "board", PartKind.Board) { Ports = [Of("header", Gender.Male)] },
                new Part("shell", "shell", PartKind.Panel) { Ports = [Of("plug", Gender.Female)] }],
            Joints = [new Joint("joint", new PortId("board", "header"), new PortId("shell", "plug"), JointMethod.Rebuild) { Wires = [new Conductor(1, 1)] }],
        }, Cancellation));
    }
}
