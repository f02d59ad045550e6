using System.Globalization;
using System.Net;
using System.Text.RegularExpressions;

namespace LooseGraft.Web.Tests;

/// <summary>The page that says where the air goes and who gets too hot.</summary>
public sealed class CoolPageTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Of_a_shell_of_which_nothing_is_known_the_page_says_where_to_begin()
    {
        var page = await PageAsync(Graft.Empty("box"));
        Assert.Contains("Nothing is known of the shell yet", page);
        Assert.Contains("Draw its base and its openings on Seat", page);
    }

    [Fact]
    public async Task The_page_gives_temperatures_and_flows_for_each_kind_of_work()
    {
        var ferry = BenchHost.FerryAsync();
        var peak = await PageAsync(await ferry);
        Assert.Contains("processor of Ovrell KT-31 board", peak);
        Assert.Contains("beyond 95 °C, where it slows down", peak);
        Assert.Contains("low cooler with a fan", peak);
        Assert.Contains("loudspeaker cloth", peak);
        Assert.Contains("vent by the drive</a>, still to be cut", peak);
        Assert.DoesNotContain("the rules keep quiet", peak);
        var idle = await PageAsync(await ferry, "?work=idle");
        Assert.Contains("How hot each thing gets at idle", idle);
        // What is none of the three is as if nothing was asked.
        Assert.Contains("How hot each thing gets at peak", await PageAsync(await ferry, "?work=sleep"));
    }

    [Fact]
    public async Task What_would_help_is_told_with_what_it_wins_and_costs_and_what_to_mind()
    {
        var page = await PageAsync(await BenchHost.FerryAsync());
        Assert.Contains("What would help processor of Ovrell KT-31 board", page);
        Assert.Matches("Hold Ovrell KT-31 board to [0-9.]+ W</span>\\s*<span class=\"cure-figures\">[0-9.]+ K cooler · then [0-9]+ °C \\([0-9–]+ °C\\), under 85 °C · .*once it is proven · free", page);
        Assert.Contains("then <a href", page);
        Assert.Contains("For good: the wall is cut.", page);
        Assert.Contains("its earth unbroken. Never open it.", page);
        Assert.Contains("but Hobbin 2.5 in solid-state drive gets too hot", page);
        // What is looked at closely comes first.
        Assert.Contains("What would help the air that Ovrell KT-31 supply takes in", await PageAsync(await BenchHost.FerryAsync(), "?at=/parts/kt31-supply"));
        Assert.DoesNotContain("What would help", await PageAsync(await BenchHost.FerryAsync() with { Cooling = Cooling.Empty }));
    }

    [Fact]
    public async Task A_change_that_helps_is_taken_over_and_one_that_is_not_offered_is_refused()
    {
        Assert.Contains("speaker cloth: open.", await ToldAsync(HttpStatusCode.OK, "Cure", "cure=Take the loudspeaker cloth off speaker cloth"));
        Assert.Contains("This change is not offered any more", await ToldAsync(HttpStatusCode.UnprocessableEntity, "Cure", "cure=Open the window"));
        var id = await host.CopyOfFerryAsync();
        var page = WebUtility.HtmlDecode(await host.Browser().GetStringAsync($"/graft/{id}/cool", Cancellation));
        var held = Regex.Match(page, "Hold Ovrell KT-31 board to [0-9.]+ W").Value;
        Assert.NotEqual("", held);
        // What is to be proven first cannot be taken over here.
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await host.Browser().SubmitAsync($"/graft/{id}/cool", "Cure", 1, ("cure", held))).StatusCode);
    }

    [Theory]
    [InlineData("?ask=watts", "Ovrell KT-31 board may take ", "W more does not. The shell then takes ")]
    [InlineData("?ask=watts&limit=30", "Not even 1 W keeps it under 30 °C", "")]
    [InlineData("?ask=fanvolts", "Not even 12 V at every fan keeps it under 85 °C", "")]
    [InlineData("?ask=opening&limit=115", "It stays under 115 °C with 1 cm² already.", "")]
    [InlineData("?ask=opening:tray/cloth", "No such opening up to ", "less than half a kelvin.")]
    [InlineData("?ask=opening:gone", "That cannot be worked out", "")]
    [InlineData("?ask=watts&at=/parts/kt31-supply", "That cannot be worked out", "follows from other parts")]
    [InlineData("?ask=watts&limit=29", "A whole number of degrees from 30 to 120", "may take")]
    [InlineData("?ask=watts&limit=121", "A whole number of degrees from 30 to 120", "may take")]
    [InlineData("?ask=watts&limit=NaN", "A whole number of degrees from 30 to 120", "may take")]
    [InlineData("?ask=the-moon", "how many watts Ovrell KT-31 board may take", "")]
    public async Task What_it_takes_is_worked_out_when_it_is_asked(string query, string said, string more)
    {
        var page = await PageAsync(await BenchHost.FerryAsync(), query);
        Assert.Contains(said, page);
        Assert.Contains(more, page);
    }

    [Fact]
    public async Task The_projector_server_answers_how_many_watts()
    {
        var page = WebUtility.HtmlDecode(await host.Browser().GetStringAsync("/graft/2/cool?ask=watts", Cancellation));
        Assert.Contains("Pebble board may take 6.5 W at peak: it is then ", page);
        Assert.Contains("stays under 85 °C by its upper bound; 0.5 W more does not.", page);
    }

    [Fact]
    public async Task Every_fan_stands_with_what_feeds_slows_and_hears_it()
    {
        var ferry = await BenchHost.FerryAsync();
        Assert.Equal(["Vessick 80 mm fan", "out through slots in the left wall", "100 %", "29 dB(A)", "fan header of Ovrell KT-31 board",
            "up to 0.36 A of 1 A, which is usual", "the same header, by its control line", "the same header"], await RowsAsync(ferry));
        // At idle the board lets it turn slower, and it is quieter.
        var idle = await RowsAsync(ferry, "?work=idle");
        var speed = double.Parse(idle[2].Split(' ')[0], CultureInfo.InvariantCulture) / 100;
        Assert.InRange(speed, 0.3, 0.7);
        Assert.Equal(29 + (50 * Math.Log10(speed)), double.Parse(idle[3].Split(' ')[0], CultureInfo.InvariantCulture), 1.0);
        // Its control wire left off: in full at all times, and the board hears it as before.
        var joint = ferry.Joints.First(each => each.Id == "fan");
        var without = joint with { Wires = joint.Wires.RemoveAll(wire => wire.From == 1) };
        var three = ferry with { Joints = ferry.Joints.RemoveAll(each => each == joint).Add(without) };
        Assert.Equal(["nothing", "the same header"], (await RowsAsync(three))[^2..]);
        var loose = ferry with { Joints = ferry.Joints.RemoveAll(each => each.Id == "fan"), Loads = ferry.Loads.RemoveAll(load => load.Part == "fan") };
        Assert.Equal(["nothing that is joined: it is reckoned as on 12 V", "–", "nothing", "no board"], (await RowsAsync(loose))[^4..]);
        Assert.Contains("nowhere: it is spare", await RowsAsync(loose.WithCooling(cooling => cooling with { Fans = [] })));
        Assert.DoesNotContain("aria-label=\"Fans\"", await PageAsync(new Core.Stock.Edits.RemovePart("fan").Apply(ferry)));
        // Somebody saw that of the weighbridge run in full; of any other in a supply nobody knows.
        var bridge = await host.GraftAsync(1);
        var unseen = bridge.WithCooling(cooling => cooling with { Fans = [cooling.Fans[0] with { Run = null }] });
        Assert.Equal("nothing", SlowedBy(await RowsAsync(bridge)));
        Assert.Equal("nothing that is known: many slow themselves by their own warmth", SlowedBy(await RowsAsync(unseen)));

        static string SlowedBy(string[] cells) => cells[Array.IndexOf(cells, "Fan of Office 4S supply") + 6];
    }

    private async Task<string[]> RowsAsync(Graft graft, string query = "")
    {
        var table = Regex.Match(await PageAsync(graft, query), "aria-label=\"Fans\".*?<tbody>(.*?)</tbody>", RegexOptions.Singleline);
        return [.. Regex.Matches(table.Groups[1].Value, "<t[hd][^>]*>(.*?)</t[hd]>", RegexOptions.Singleline)
            .Select(cell => Regex.Replace(cell.Groups[1].Value, "<[^>]*>", "").Trim())];
    }

    [Fact]
    public async Task Before_anybody_has_told_the_air_anything_it_is_computed_and_not_judged()
    {
        var page = await PageAsync(await BenchHost.FerryAsync() with { Cooling = Cooling.Empty });
        Assert.Contains("the rules keep quiet until you have told the air something", page);
        Assert.Contains("usual box cooler, assumed", page);
        Assert.DoesNotContain("The chance is", page);
    }

    [Theory]
    [InlineData("Shell", "air=21&stand=InCupboard&feet=12&watts=60&evidence=Label", "The shell: room of 21 °C, stands in a cupboard on feet of 12 mm, made for 60 W")]
    [InlineData("Cover", "way=tray/cloth&cover=Mesh&share=60&filter=Clean", "speaker cloth: mesh, 60 % free, clean filter")]
    [InlineData("Cover", "way=tray/cloth&cover=shut&share=&filter=None", "speaker cloth: shut")]
    [InlineData("Cover", "way=tray/cloth&cover=&share=&filter=None", "speaker cloth: as Seat says")]
    [InlineData("Cover", "way=tray/cloth&cover=&share=&filter=Dirty", "speaker cloth: open, dirty filter")]
    [InlineData("Way", "known=&name=gap&from=&to=tray&area=40 x 60&wall=Left&height=&cover=Open&share=&filter=None", "gap: 24 cm² of open, the room to chassis tray, 0 mm up")]
    [InlineData("Way", "known=side-slots&name=slots&from=&to=tray&area=80&height=45&cover=Slots&share=&filter=None", "slots: 80 cm² of slots")]
    [InlineData("RemoveWay", "way=side-slots", "slots in the left wall taken out")]
    [InlineData("Space", "known=&name=loft&width=100&depth=100&height=50&material=&top=Lid", "A space of the shell: loft, 100 × 100 × 50 mm")]
    [InlineData("Space", "known=tray&name=chassis tray&width=&depth=&height=&material=Steel&top=Rear", "chassis tray: as large as Seat says, steel, rear side up")]
    [InlineData("RemoveSpace", "space=tray", "chassis tray taken out")]
    [InlineData("Fan", "part=fan&way=tray/cloth&blows=In&kind=Axial&size=80&volts=7&freeAir=54 m3/h&blocked=2 mmH2O&curve=0 20%0A15 0", "Vessick 80 mm fan blows in through speaker cloth, on 7 V")]
    [InlineData("Fan", "part=fan&way=-&blows=In", "Vessick 80 mm fan stirs the air")]
    [InlineData("Turn", "part=fan", "Vessick 80 mm fan blows in through slots in the left wall")]
    [InlineData("UnplaceFan", "part=fan", "Vessick 80 mm fan blows nowhere")]
    [InlineData("Cooler", "part=kt31&sort=tower-fan&resistance=0.2 0.3 0.4&share=70&duct=true&evidence=Label", "tower with a fan, 0.3 K/W (0.2–0.4 K/W), 70 % of its watts, air from the room by a duct")]
    [InlineData("Cooler", "part=kt31&hold=CasePosts&boardHoles=75 x 59&ownHoles=98 mm", "a usual cooler, held by posts of the old case, wants two lugs, 98 mm, on 75 × 59 mm")]
    [InlineData("Cooler", "part=kt31&boardHoles=59×75", "on 75 × 59 mm")]
    [InlineData("Fan", "part=fan&way=-&blows=In&guard=false", "its blades are bare")]
    [InlineData("Fan", "part=fan&way=-&blows=In&hold=Ties", "Vessick 80 mm fan is held by ties, bands, tape or glue")]
    [InlineData("Place", "part=kt31-supply&space=/", "is outside the shell")]
    [InlineData("Place", "part=kt31-supply&space=tray", "heats the air of chassis tray")]
    public async Task What_the_air_is_told_is_kept_and_said(string handler, string fields, string said)
        => Assert.Contains(said, await ToldAsync(HttpStatusCode.OK, handler, fields));

    [Theory]
    [InlineData("Shell", "air=warm&stand=Free", "“warm” will not do. Type how warm the room is as one figure from -40 to 60")]
    [InlineData("Shell", "air=27 22 19&stand=Free", "as low, likely and high such as 19 22 27")]
    [InlineData("Shell", "air=60.1&stand=Free", "“60.1” will not do")]
    [InlineData("Shell", "air=NaN&stand=Free", "“NaN” will not do")]
    [InlineData("Shell", "watts=-5&stand=Free", "-5 W is negative")]
    [InlineData("Shell", "feet=wide&stand=Free", "“wide” is not a length")]
    [InlineData("Cover", "way=tray/cloth&cover=Mesh&share=101&filter=None", "“101” is no share")]
    [InlineData("Cover", "way=tray/cloth&cover=Mesh&share=0.5&filter=None", "“0.5” is no share")]
    [InlineData("Way", "known=&name=&to=tray&area=24", "Give the way a name")]
    [InlineData("Way", "known=&name=x&to=&area=24", "A way leads from one space to another, or to the room.")]
    [InlineData("Way", "known=&name=x&to=tray&area=1e309", "“1e309” is not an area")]
    [InlineData("Way", "known=&name=x&to=tray&area=40 x", "“40 x” is not an area")]
    [InlineData("Space", "known=&name=x&width=100&depth=&height=", "Give all three sides, or none.")]
    [InlineData("Space", "known=&name=x&width=&depth=&height=", "How large is it inside?")]
    [InlineData("Space", "known=&name=&width=1&depth=1&height=1", "Give the space a name.")]
    [InlineData("Fan", "part=fan&way=&size=80", "Say what it blows through, or that it only stirs.")]
    [InlineData("Fan", "part=fan&volts=25", "“25” V is nothing that a fan gets. Type 0 to 24 V")]
    [InlineData("Fan", "part=fan&rated=0.9", "“0.9” V is nothing that a fan gets. Type 1 to 48 V")]
    [InlineData("Fan", "part=fan&size=9", "“9” is not a length")]
    [InlineData("Fan", "part=fan&freeAir=lots", "“lots” is not a flow")]
    [InlineData("Fan", "part=fan&blocked=0 Pa", "“0 Pa” is not a pressure")]
    [InlineData("Fan", "part=fan&curve=0 20%0Afive", "Line 2, “five”, is no point")]
    [InlineData("Fan", "part=fan&curve=1 20%0A5 0", "A curve begins at no flow")]
    [InlineData("Fan", "part=fan&curve=0 20%0A5 3%0A5 0", "Flow rises from line to line.")]
    [InlineData("Cooler", "part=kt31&ownHoles=75 x 75 x 75", "“75 x 75 x 75” is no pattern")]
    [InlineData("Cooler", "part=kt31&ownHoles=4.9", "“4.9” is no pattern")]
    [InlineData("Cooler", "part=kt31&boardHoles=301", "“301” is no pattern")]
    [InlineData("Cooler", "part=kt31&boardHoles=NaN", "“NaN” is no pattern")]
    [InlineData("Cooler", "part=kt31&resistance=0.001", "“0.001” will not do. Type kelvins for each watt")]
    public async Task What_will_not_do_is_said_and_nothing_is_kept(string handler, string fields, string said)
        => Assert.Contains(said, await ToldAsync(HttpStatusCode.UnprocessableEntity, handler, fields, at: handler switch
        {
            "Cover" => "/cooling/ways/tray/cloth",
            "Fan" => "/parts/fan",
            "Cooler" => "/parts/kt31",
            _ => "/",
        }));

    [Theory]
    [InlineData("", "As it is")]
    [InlineData("room=35", "becomes")]
    [InlineData("fans=6", "becomes")]
    [InlineData("held=kt31&cap=30", "becomes")]
    // What is no figure, or beyond what can be tried, tries nothing.
    [InlineData("room=hot&fans=NaN&cap=1e309", "As it is")]
    [InlineData("room=41&fans=3.9&held=kt31&cap=0.5", "As it is")]
    public async Task What_is_tried_is_said_beside_how_it_is(string query, string expected)
    {
        var page = await PageAsync(await BenchHost.FerryAsync(), $"?{query}");
        if (expected == "becomes") Assert.Matches("Processor of Ovrell KT-31 board: .* becomes .*\\.</strong>", page);
        else Assert.DoesNotContain("becomes", page);
    }

    [Fact]
    public async Task What_is_tried_of_the_room_and_the_fans_can_be_kept()
    {
        Assert.Contains("The shell: room of 30 °C", await ToldAsync(HttpStatusCode.OK, "KeepRoom", "", query: "room=30"));
        Assert.Contains("Every fan on 7 V", await ToldAsync(HttpStatusCode.OK, "KeepFans", "", query: "fans=7"));
        await ToldAsync(HttpStatusCode.UnprocessableEntity, "KeepFans", "");
        await ToldAsync(HttpStatusCode.UnprocessableEntity, "KeepRoom", "");
        await ToldAsync(HttpStatusCode.UnprocessableEntity, "Turn", "part=drive");
        await ToldAsync(HttpStatusCode.UnprocessableEntity, "RemoveWay", "way= ");
    }

    [Theory]
    [InlineData("fans=7", true)]
    [InlineData("fans=7.5", false)]
    [InlineData("fans=6.5", false)]
    public async Task Seven_volts_between_two_rails_come_with_their_caution(string query, bool isTold)
    {
        var page = await PageAsync(await BenchHost.FerryAsync(), $"?{query}");
        Assert.Equal(isTold, page.Contains("7 V taken between +12 V and +5 V", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("/parts/fan", "It blows through")]
    [InlineData("/parts/kt31", "A processor never runs without its cooler")]
    [InlineData("/parts/kt31-supply", "It is never opened to cool it better")]
    [InlineData("/parts/drive", "Something in it turns")]
    [InlineData("/cooling/ways/tray/cloth", "What is in it")]
    [InlineData("/cooling/ways/side-slots", "Take slots in the left wall out")]
    [InlineData("/cooling/spaces/tray", "It lies over chassis tray of Seat")]
    [InlineData("/", "The most that its maker prints")]
    [InlineData("/parts/gone", "Tell it next")]
    [InlineData("/cooling/ways/gone", "Tell it next")]
    [InlineData("nonsense", "Tell it next")]
    public async Task What_is_chosen_is_told_of_beside_the_picture(string at, string words)
        => Assert.Contains(words, await PageAsync(await BenchHost.FerryAsync(), $"?at={Uri.EscapeDataString(at)}"));

    private async Task<string> ToldAsync(HttpStatusCode expected, string handler, string fields, string at = "/", string query = "")
    {
        var ferry = await BenchHost.FerryAsync();
        var id = await host.StoreAsync(store => store.AddAsync(ferry, Cancellation));
        var sent = fields.Split('&', StringSplitOptions.RemoveEmptyEntries).Select(field => field.Split('=', 2));
        var answer = await host.Browser().SubmitAsync($"/graft/{id}/cool?at={Uri.EscapeDataString(at)}&{query}", handler, 1,
            [.. sent.Select(pair => (pair[0], Uri.UnescapeDataString(pair[1])))]);
        var text = WebUtility.HtmlDecode(await BenchHost.TextAsync(answer));
        Assert.Equal(expected, answer.StatusCode);
        var stored = await host.GraftAsync(id);
        Assert.Equal(expected != HttpStatusCode.OK || handler == "RemoveSpace", stored.Cooling == ferry.Cooling);
        return text;
    }

    private async Task<string> PageAsync(Graft graft, string query = "")
    {
        var id = await host.StoreAsync(store => store.AddAsync(graft, Cancellation));
        var answer = await host.Browser().GetAsync($"/graft/{id}/cool{query}", Cancellation);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return WebUtility.HtmlDecode(await BenchHost.TextAsync(answer));
    }
}
