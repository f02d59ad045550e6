using System.Net;
using System.Net.Sockets;
using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Findings.Subjects;
using LooseGraft.Core.Prove;
using LooseGraft.Core.Prove.Meters;
using LooseGraft.Web.Instruments;

namespace LooseGraft.Web.Tests;

/// <summary>Readings, life and instruments, through their forms and over a real socket.</summary>
public sealed class ProveTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static readonly MeterRequest Volts = new(MeterMode.VoltsDc, new PortId("kt31", "panel"), 7, null, PowerState.On, SwitchAct.AtRest);

    private static readonly MeterReach Anybody = new(new HashSet<string>(), 0);

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_reading_that_confirms_proves_its_contact_and_one_undo_takes_both_back()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), Fact(id, "fan", 4));
        var answer = await browser.SubmitAsync(page, "Reading", 1, ("reading", "about twelve"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("“about twelve” is not a reading. Type a reading such as 4.98 V", await BenchHost.TextAsync(answer));
        await browser.SubmitAsync(page, "Reading", 1, ("reading", "12.1"));
        var pin = (await host.GraftAsync(id)).FindPort(new PortId("kt31", "fan"))!.PinAt(4);
        Assert.Equal(("+12 V", Evidence.Measured), (pin.Signal.Value.Name, pin.Signal.Evidence));
        await BenchHost.SendAsync(browser, page, $"/graft/{id}?handler=Undo", ("Revision", "2"));
        Assert.Equal(Evidence.Diagram, (await host.GraftAsync(id)).FindPort(new PortId("kt31", "fan"))!.PinAt(4).Signal.Evidence);
        Assert.Equal(4, (await host.GraftAsync(id)).Readings.Length);
    }

    [Fact]
    public async Task A_reading_that_contradicts_is_a_finding_with_both_facts_until_its_word_is_taken()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), Fact(id, "fan", 3));
        var answer = await BenchHost.SendAsync(browser, page, page + "&test=1&handler=Reading", ("Revision", "1"), ("reading", "12.1 V"));
        Assert.Contains("fan header, position 3: said to be ground (someone's diagram), but 12.1 V was read", await BenchHost.TextAsync(answer));
        var graft = await host.GraftAsync(id);
        await browser.SubmitAsync(page, "Believe", 2, ("reading", graft.Readings[^1].Id));
        var after = await host.GraftAsync(id);
        Assert.Equal(("+12 V", Evidence.Measured),
            (after.FindPort(new PortId("kt31", "fan"))!.PinAt(3).Signal.Value.Name, after.FindPort(new PortId("kt31", "fan"))!.PinAt(3).Signal.Evidence));
        Assert.DoesNotContain(Core.Review.Of(after).Findings, finding => finding.Rule.Code == "PROVE-001");
    }

    [Fact]
    public async Task The_practice_meter_reads_the_hidden_truth_and_nothing_is_saved_unasked()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), Fact(id, "fan", 4));
        var answer = await BenchHost.SendAsync(browser, page, page + "&handler=Measure", ("meter", "practice-steady"));
        var text = await BenchHost.TextAsync(answer);
        // The diagram says +12 V; the truth is ground.
        Assert.Matches("name=\"reading\"[^>]*value=\"-?0\\.0\\d V\"", text);
        Assert.Equal(1, (await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!.Revision);
        var off = await BenchHost.SendAsync(browser, page, page + "&handler=Measure", ("meter", "77"));
        Assert.Contains("That instrument is not turned on", await BenchHost.TextAsync(off));
    }

    [Fact]
    public async Task No_reading_of_the_practice_board_confirms_what_is_false_or_contradicts_what_is_true()
    {
        var truth = GraftFile.Read(
            await File.ReadAllBytesAsync(Path.Combine(AppContext.BaseDirectory, "demo", "practice", "ferry-radiogram.json"), Cancellation)).Graft!;
        var meter = new PracticeMeter(truth, 3, PracticeSlips.Steady);
        var ferry = await BenchHost.FerryAsync();
        var wrong = new List<string>();
        foreach (var (id, position) in Core.Review.Of(ferry).ProveList.Select(entry => entry.Fact.Subject).OfType<PinSubject>()
            .Where(pin => pin.Port.Part == "kt31"))
        {
            var (said, real) = (ferry.FindPort(id)!, truth.FindPort(id)!.PinAt(position).Signal.Value);
            foreach (var test in ProbeTests.For(said, PartKind.Board, position))
            {
                var answer = await meter.MeasureAsync(new MeterRequest(test.Mode, id, test.Red, test.Black, test.Power, SwitchAct.AtRest), Cancellation);
                var reading = new Reading("r", default, id, test.Mode, answer.Text!) { Red = test.Red, Black = test.Black, Power = test.Power };
                var verdict = ReadingJudge.Judge(said, PartKind.Board, reading).Verdict;
                // A false diagram must never be confirmed, and a true one never be contradicted.
                if (said.PinAt(position).Signal.Value != real && verdict == ReadingVerdict.Confirms) wrong.Add($"{id} {position} confirmed");
                if (said.PinAt(position).Signal.Value == real && verdict == ReadingVerdict.Contradicts) wrong.Add($"{id} {position} contradicted");
            }
        }

        Assert.Empty(wrong);
    }

    [Fact]
    public async Task What_is_seen_of_the_bare_board_is_kept_with_its_time_and_lifts_the_check_on_cutting()
    {
        var id = await host.CopyOfFerryAsync();
        var (browser, page) = (host.Browser(), $"/graft/{id}/prove/life");
        Assert.Contains(Core.Review.Of(await host.GraftAsync(id)).Findings, finding => finding.Rule.Code == "PROVE-003");
        var answer = await browser.SubmitAsync(page, "Saw", 1, ("watched", "Picture"), ("seen", "true"), ("note", "a logo"));
        Assert.Contains("<strong>proven alive</strong>", await BenchHost.TextAsync(answer));
        var graft = await host.GraftAsync(id);
        Assert.Equal(host.Clock.GetUtcNow(), graft.Observations[^1].At);
        Assert.DoesNotContain(Core.Review.Of(graft).Findings, finding => finding.Rule.Code == "PROVE-003");
    }

    [Fact]
    public async Task A_networked_meter_is_off_until_turned_on_and_only_addresses_that_were_entered_are_kept()
    {
        var browser = host.Browser();
        foreach (var address in new[] { "", "two words", "host:0", "host:99999", "http://host/", "a:b:c" })
        {
            var bad = await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Add", ("name", "Bench meter"), ("address", address));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.StatusCode);
        }

        var good = await BenchHost.SendAsync(browser, "/meters", "/meters?handler=Add", ("name", "Bench meter"), ("address", "127.0.0.1:9"));
        Assert.Contains("off: never contacted", await BenchHost.TextAsync(good));
        Assert.Equal("[::1]:5025", MeterAddress.Parse("[::1]")!.ToString());
    }

    [Theory]
    [InlineData("+4.98E+00\n", "4.98 V", null)]
    [InlineData(" 12.1 \r\n", "12.1 V", null)]
    [InlineData("9.9E37\n", "OL", null)]
    [InlineData("ERR\n", null, "answered “ERR”, which is not a figure")]
    [InlineData("NaN\n", null, "which is not a figure")]
    [InlineData("1e300\n", "OL", null)]
    [InlineData("5e9\n", null, "which no bench shows")]
    [InlineData("\u0001\u0002<b>\n", null, "“··<b>”")]
    public async Task A_meter_is_asked_in_plain_text_and_what_it_says_is_a_figure_or_told_in_words(string line, string? text, string? problem)
    {
        using var meter = new TalkingMeter(Encoding.Latin1.GetBytes(line));
        var answer = await new ScpiMeter("Bench meter", "127.0.0.1", meter.Port, Anybody).MeasureAsync(Volts, Cancellation);
        Assert.Equal(text, answer.Text);
        if (problem is not null) Assert.Contains(problem, answer.Problem);
        Assert.Equal("MEAS:VOLT:DC?", meter.Asked[0]);
    }

    [Theory]
    [InlineData("+8.45E+01\n", 84.5, null)]
    [InlineData("0\n", 0.0, null)]
    [InlineData("5000\n", 5000.0, null)]
    [InlineData("5001\n", null, "no power between 0 and 5000 W")]
    [InlineData("-3\n", null, "no power between 0 and 5000 W")]
    [InlineData("9.9E37\n", null, "shows OL, which is no power")]
    [InlineData("soon\n", null, "answered “soon”, which is not a figure")]
    public async Task A_meter_at_the_wall_is_asked_for_its_watts(string line, double? watts, string? problem)
    {
        using var meter = new TalkingMeter(Encoding.Latin1.GetBytes(line));
        var answer = await new ScpiMeter("Plug meter", "127.0.0.1", meter.Port, Anybody).ReadAsync(DateTimeOffset.UnixEpoch, Cancellation);
        Assert.Equal(watts is { } shown ? [shown] : [], answer.Samples.Select(sample => sample.Power.Value));
        if (problem is not null) Assert.Contains(problem, answer.Problem);
        Assert.Equal("MEAS:POW:AC?", meter.Asked[0]);
    }

    [Fact]
    public async Task A_meter_that_talks_without_end_is_cut_off()
    {
        using var meter = new TalkingMeter(new byte[100_000]);
        var answer = await new ScpiMeter("Bench meter", "127.0.0.1", meter.Port, Anybody).MeasureAsync(Volts, Cancellation);
        Assert.Contains("more than 256 bytes without an end of line", answer.Problem);
    }

    [Fact]
    public async Task A_meter_that_hangs_up_is_tried_once_more()
    {
        using var meter = new TalkingMeter("+1.00E+00\n"u8.ToArray(), hangUps: 1);
        var answer = await new ScpiMeter("Bench meter", "127.0.0.1", meter.Port, Anybody).MeasureAsync(Volts, Cancellation);
        Assert.Equal("1 V", answer.Text);
    }

    [Fact]
    public async Task A_meter_that_says_nothing_or_is_not_there_is_told_in_words()
    {
        using var meter = new TalkingMeter([]);
        var silent = new ScpiMeter("Bench meter", "127.0.0.1", meter.Port, Anybody) { AnswerPatience = TimeSpan.FromMilliseconds(200) };
        Assert.Contains("does not answer in time", (await silent.MeasureAsync(Volts, Cancellation)).Problem);
        var gone = meter.Port;
        meter.Dispose();
        Assert.Contains("cannot be reached", (await new ScpiMeter("Bench meter", "127.0.0.1", gone, Anybody).MeasureAsync(Volts, Cancellation)).Problem);
    }

    [Theory]
    [InlineData("8.8.8.8", false)]
    [InlineData("10.255.255.255", true)]
    [InlineData("11.0.0.0", false)]
    [InlineData("9.255.255.255", false)]
    [InlineData("172.15.255.255", false)]
    [InlineData("172.16.0.0", true)]
    [InlineData("172.31.255.255", true)]
    [InlineData("172.32.0.0", false)]
    [InlineData("192.168.0.1", true)]
    [InlineData("192.169.0.1", false)]
    [InlineData("169.254.7.7", true)]
    [InlineData("127.0.0.1", true)]
    [InlineData("0.0.0.0", false)]
    [InlineData("::1", true)]
    [InlineData("fe80::1", true)]
    [InlineData("fd12::1", true)]
    [InlineData("2001:4860::1", false)]
    [InlineData("::ffff:8.8.8.8", false)]
    [InlineData("::ffff:192.168.0.9", true)]
    public async Task Only_addresses_of_private_networks_are_asked_unless_others_are_named(string address, bool isAsked)
    {
        Assert.Equal(isAsked, (await Anybody.FindAsync(address, 5025, Cancellation)).Length == 1);
        Assert.Single(await new MeterReach(new HashSet<string> { address }, 0).FindAsync(address, 5025, Cancellation));
        if (isAsked) return;
        var answer = await BenchHost.SendAsync(
            host.Browser(), "/meters", "/meters?handler=Add", ("name", "far"), ("address", address.Contains(':') ? $"[{address}]:5025" : address));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.Contains("belongs to no private network", await BenchHost.TextAsync(answer));
    }

    [Theory]
    [InlineData("127.0.0.1")]
    [InlineData("127.9.9.9")]
    [InlineData("::1")]
    [InlineData("localhost")]
    [InlineData("::ffff:127.0.0.1")]
    public async Task The_bench_is_never_asked_itself(string host)
    {
        var reach = new MeterReach(new HashSet<string> { host }, 5280);
        Assert.Empty(await reach.FindAsync(host, 5280, Cancellation));
        Assert.NotEmpty(await reach.FindAsync(host, 5281, Cancellation));
        Assert.Contains("it is the bench itself", (await new ScpiMeter("own", host, 5280, reach).MeasureAsync(Volts, Cancellation)).Problem);
    }

    [Fact]
    public async Task A_meter_is_asked_by_one_at_a_time()
    {
        var first = await Anybody.TurnAsync("meter", 1, Cancellation);
        var second = Anybody.TurnAsync("METER", 1, Cancellation);
        (await Anybody.TurnAsync("meter", 2, Cancellation)).Dispose();
        Assert.False(second.IsCompleted);
        first.Dispose();
        (await second).Dispose();
    }

    private static string Fact(int id, string port, int position)
        => $"/graft/{id}/prove?fact={Uri.EscapeDataString($"/parts/kt31/ports/{port}/pins/{position}")}";

    /// <summary>A meter on a socket of this machine that answers each line with the same bytes; silent when there are none.</summary>
    private sealed class TalkingMeter : IDisposable
    {
        private readonly TcpListener _listener = new(IPAddress.Loopback, 0);
        private readonly CancellationTokenSource _end = new();

        public TalkingMeter(byte[] answer, int hangUps = 0)
        {
            _listener.Start();
            _ = ServeAsync(answer, hangUps);
        }

        public int Port => ((IPEndPoint)_listener.LocalEndpoint).Port;

        public List<string> Asked { get; } = [];

        public void Dispose()
        {
            _end.Cancel();
            _listener.Stop();
        }

        private async Task ServeAsync(byte[] answer, int hangUps)
        {
            while (!_end.IsCancellationRequested)
            {
                using var client = await _listener.AcceptTcpClientAsync(_end.Token);
                using var reader = new StreamReader(client.GetStream());
                Asked.Add(await reader.ReadLineAsync(_end.Token) ?? "");
                if (hangUps-- > 0) continue;
                try
                {
                    if (answer.Length == 0) await Task.Delay(Timeout.Infinite, _end.Token);
                    await client.GetStream().WriteAsync(answer, _end.Token);
                    await Task.Delay(50, _end.Token);
                }
                catch (Exception exception) when (exception is IOException or OperationCanceledException)
                {
                    // The other end has heard enough.
                }
            }
        }
    }
}
