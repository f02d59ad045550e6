using System.Globalization;
using System.Net;
using LooseGraft.Web.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;
using static LooseGraft.Web.Tests.BenchHost;

namespace LooseGraft.Web.Tests;

public sealed class WorkingTests
{
    private const int Slow = 5;

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_graft_that_takes_long_says_how_far_it_is_keeps_nobody_waiting_and_leads_on_when_all_is_known()
    {
        using var bench = BenchHost.On(null, (ReviewDesk.SettingKey, "0"));
        Assert.Equal(Slow, await bench.StoreAsync(store => store.AddAsync(Measured(boards: 4), Cancellation)));
        var browser = Browser(bench);

        var sent = await browser.GetAsync($"/graft/{Slow}/seat", Cancellation);
        Assert.Equal(HttpStatusCode.Redirect, sent.StatusCode);
        var working = sent.Headers.Location!.ToString();
        Assert.Equal($"/graft/{Slow}/working?more=&to=%2Fgraft%2F{Slow}%2Fseat", working);
        var page = await UntilAsync(() => browser.GetStringAsync(working, Cancellation), text => text.Contains(" of 4</em>", StringComparison.Ordinal));
        Assert.Contains("Being worked out", page, StringComparison.Ordinal);
        Assert.Contains("<span>Stock</span> <em>done</em>", page, StringComparison.Ordinal);
        Assert.Contains("<span>Seat</span> <em>at survey ", page, StringComparison.Ordinal);
        Assert.Contains("<span>Feed</span> <em>to come</em>", page, StringComparison.Ordinal);

        Assert.Contains("Its figures are being worked out.", await browser.GetStringAsync("/", Cancellation), StringComparison.Ordinal);
        var other = await UntilAsync(() => browser.GetAsync("/graft/4/wire", Cancellation), answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.True(other.IsSuccessStatusCode);

        var done = await UntilAsync(() => browser.GetAsync(working, Cancellation), answer => answer.StatusCode != HttpStatusCode.OK);
        Assert.Equal($"/graft/{Slow}/seat", done.Headers.Location!.ToString());
        Assert.Contains("Seat", await browser.GetStringAsync($"/graft/{Slow}/seat", Cancellation), StringComparison.Ordinal);
        using var asked = new HttpRequestMessage(HttpMethod.Get, working) { Headers = { { "HX-Request", "true" }, { "HX-Trigger", "working" } } };
        var answered = await browser.SendAsync(asked, Cancellation);
        Assert.Equal(HttpStatusCode.NoContent, answered.StatusCode);
        Assert.Contains($"\"path\":\"/graft/{Slow}/seat\"", answered.Headers.GetValues("HX-Location").Single(), StringComparison.Ordinal);
        await UntilAsync(() => browser.GetStringAsync("/", Cancellation), text => !text.Contains("being worked out", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_change_that_made_a_graft_slow_can_be_taken_back_while_it_is_worked_out()
    {
        using var bench = BenchHost.On(null, (ReviewDesk.SettingKey, "0"));
        var id = await bench.StoreAsync(store => store.AddAsync(Measured(boards: 4) with { Seating = Seating.Empty }, Cancellation));
        await bench.StoreAsync(store => store.ChangeAsync(id, 1, "many distances", graft => Measured(boards: 4) with { Name = graft.Name }, Cancellation));
        var browser = Browser(bench);
        var working = (await browser.GetAsync($"/graft/{id}/seat", Cancellation)).Headers.Location!.ToString();
        Assert.Contains("Take back: many distances", await browser.GetStringAsync(working, Cancellation), StringComparison.Ordinal);
        var taken = await BenchHost.SendAsync(browser, "/", working + "&handler=Undo", ("Revision", "2"));
        Assert.Equal(working, taken.Headers.Location!.ToString());
        Assert.Empty((await bench.GraftAsync(id)).Seating.Surveys);
    }

    [Theory]
    [InlineData("https://elsewhere.example/")]
    [InlineData("//elsewhere.example/")]
    [InlineData("")]
    public async Task It_leads_to_a_page_of_this_bench_only(string to)
    {
        using var bench = BenchHost.On(null);
        using var browser = Browser(bench);
        await browser.GetAsync("/graft/1", Cancellation);
        var answer = await browser.GetAsync($"/graft/1/working?to={Uri.EscapeDataString(to)}", Cancellation);
        Assert.Equal("/graft/1", answer.Headers.Location!.ToString());
    }

    [Fact]
    public async Task A_graft_that_cannot_be_read_says_so_on_its_tag_and_no_other_goes_without_its_figures()
    {
        using var bench = BenchHost.On(null);
        using var browser = Browser(bench);
        await bench.ExecuteAsync("UPDATE Graft SET Document = 'no longer a graft', Revision = Revision + 1 WHERE Id = 3");
        var shelf = await browser.GetStringAsync("/", Cancellation);
        Assert.Equal(1, shelf.Split("could not be worked out").Length - 1);
        Assert.Equal(3, shelf.Split("class=\"shelf-figures\"").Length - 1);
        Assert.DoesNotContain("being worked out", shelf, StringComparison.Ordinal);
    }

    [Fact]
    public async Task However_many_grafts_are_asked_for_each_is_worked_out_once_and_those_of_longest_ago_are_forgotten()
    {
        using var bench = BenchHost.On(null);
        var ferry = (await bench.StoreAsync(store => store.FindAsync(4, Cancellation)))!;
        using var desk = ActivatorUtilities.CreateInstance<ReviewDesk>(bench.Services);
        var jobs = Enumerable.Range(100, 33).Select(id => desk.Ask(ferry with { Id = id })).ToArray();
        foreach (var job in jobs) await job.WaitAsync(Cancellation);
        Assert.Same(jobs[^1], desk.Ask(ferry with { Id = 132 }));
        Assert.Same(jobs[1], desk.Ask(ferry with { Id = 101 }));
        Assert.NotSame(jobs[0], desk.Ask(ferry with { Id = 100 }));
        Assert.NotSame(jobs[^1], desk.Ask(ferry with { Id = 132, Revision = ferry.Revision + 1 }));
    }

    [Fact]
    public async Task What_a_page_tells_beyond_its_review_is_waited_for_as_the_review_is()
    {
        using var bench = BenchHost.On(null, (ReviewDesk.SettingKey, "0"));
        var browser = Browser(bench);
        var working = (await browser.GetAsync("/graft/4/cool?ask=watts&limit=80", Cancellation)).Headers.Location!.ToString();
        Assert.StartsWith("/graft/4/working?more=cool%3F", working, StringComparison.Ordinal);
        var done = await UntilAsync(() => browser.GetAsync(working, Cancellation), answer => answer.StatusCode != HttpStatusCode.OK);
        Assert.Equal("/graft/4/cool?ask=watts&limit=80", done.Headers.Location!.ToString());
        Assert.Contains("at peak: it is then", await browser.GetStringAsync("/graft/4/cool?ask=watts&limit=80", Cancellation), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Each_question_is_worked_out_once_and_of_many_the_first_are_forgotten_but_never_the_review()
    {
        using var bench = BenchHost.On(null);
        var ferry = (await bench.StoreAsync(store => store.FindAsync(4, Cancellation)))!;
        using var desk = ActivatorUtilities.CreateInstance<ReviewDesk>(bench.Services);
        static BeyondReview Question(int number) => new($"question {number}", "a question", Core.Findings.Stage.Cool, (_, _) => { });
        var review = desk.Ask(ferry);
        var first = desk.Ask(ferry, Question(1));
        Assert.Same(first, desk.Ask(ferry, Question(1)));
        Assert.Same(review, desk.Ask(ferry, null));
        foreach (var number in Enumerable.Range(2, 6)) await desk.Ask(ferry, Question(number)).WaitAsync(Cancellation);
        Assert.Same(first, desk.Ask(ferry, Question(1)));
        await desk.Ask(ferry, Question(8)).WaitAsync(Cancellation);
        Assert.NotSame(first, desk.Ask(ferry, Question(1)));
        Assert.Same(review, desk.Ask(ferry));
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("the moon")]
    public void What_names_no_work_is_none(string? key) => Assert.Null(BeyondReview.Find(key));

    [Theory]
    [InlineData("/graft/4/cool", "cool?")]
    [InlineData("facts", "facts")]
    [InlineData("cool?at=%2Fparts%2Fkt31&ask=opening%3Atray%2Fa%26b&limit=70", "cool?at=%2Fparts%2Fkt31&ask=opening%3Atray%2Fa%26b&limit=70")]
    [InlineData("cool?ask=moon&limit=1e9", "cool?")]
    [InlineData("cool?ask=Watts%3Ax&limit=120", "cool?ask=watts&limit=120")]
    [InlineData("cool?ask=opening%3A", "cool?ask=opening")]
    public void What_a_key_names_is_named_by_it_again(string key, string again)
        => Assert.Equal(again, BeyondReview.Find(key.StartsWith('/') ? "cool?" : key)!.Key);

    [Fact]
    public async Task Work_that_nobody_asks_for_any_more_is_given_up()
    {
        using var job = new DeskJob<int>(
            (_, givenUp) => givenUp.WaitHandle.WaitOne() ? throw new OperationCanceledException(givenUp) : 0, TimeSpan.FromMilliseconds(20));
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => job.Result);
        Assert.False(job.TryWant());
    }

    [Fact]
    public async Task Work_that_is_waited_for_goes_on_and_a_reader_who_leaves_does_not_end_it()
    {
        var (turns, isEnough) = (0, false);
        int Work(CancellationToken givenUp)
        {
            while (!Volatile.Read(ref isEnough))
            {
                if (givenUp.WaitHandle.WaitOne(20)) throw new OperationCanceledException(givenUp);
                Interlocked.Increment(ref turns);
            }

            return 7;
        }

        using var job = new DeskJob<int>((_, givenUp) => Work(givenUp), TimeSpan.FromMilliseconds(300));
        using var reader = new CancellationTokenSource();
        var waiting = job.WaitAsync(Cancellation);
        var leaving = job.WaitAsync(reader.Token);
        await reader.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => leaving);
        // Twice as long as anything lives that nobody asks for.
        await UntilAsync(() => Task.FromResult(Volatile.Read(ref turns)), done => done >= 30);
        Assert.True(job.TryWant());
        Volatile.Write(ref isEnough, true);
        Assert.Equal(7, await waiting);
    }

    private static HttpClient Browser(BenchHost bench) => bench.CreateClient(new WebApplicationFactoryClientOptions { AllowAutoRedirect = false });

    // Each of twenty-five holes measured from two edges and from five others, one of them wrongly: a second of work or so for each board.
    private static Graft Measured(int boards)
    {
        var shake = new Random(7);
        Survey Of(string board)
        {
            var holes = Enumerable.Range(0, 25).Select(_ => new PlanPoint(shake.NextDouble() * 200, shake.NextDouble() * 150)).ToArray();
            string Say(double value) => (value + ((shake.NextDouble() - 0.5) * 0.2)).ToString("0.0", CultureInfo.InvariantCulture);
            return new Survey(board,
            [
                .. holes.Index().Select(hole => new SurveySpan($"h{hole.Index}", "left", Say(hole.Item.X))),
                .. holes.Index().Select(hole => new SurveySpan($"h{hole.Index}", "rear", Say(hole.Item.Y))),
                .. from one in Enumerable.Range(0, 25)
                   from step in Enumerable.Range(1, 5)
                   let other = (one + step) % 25
                   select new SurveySpan($"h{one}", $"h{other}", Say(holes[one].To(holes[other]) + (one == 3 && step == 1 ? 3 : 0))),
            ]);
        }

        return Graft.Empty("much measured") with
        {
            Parts = [.. Enumerable.Range(0, boards).Select(index => new Part($"p{index}", $"board {index}", PartKind.Board))],
            Seating = Seating.Empty with { Surveys = [.. Enumerable.Range(0, boards).Select(index => Of($"p{index}"))] },
        };
    }
}
