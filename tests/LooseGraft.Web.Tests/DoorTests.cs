using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using LooseGraft.Trial;
using LooseGraft.Web.Hosting;
using Microsoft.Extensions.Configuration;
using Microsoft.Extensions.Time.Testing;

namespace LooseGraft.Web.Tests;

/// <summary>Who may come in, and how one who may not is kept out.</summary>
public sealed class DoorTests : IDisposable
{
    private const string Passphrase = "four words and a 7";

    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("loose-graft-");

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    public void Dispose() => _folder.Delete(recursive: true);

    [Fact]
    public async Task A_locked_bench_opens_to_its_passphrase_only()
    {
        await using var locked = Locked(Passphrase);
        var browser = locked.Browser();
        Assert.Contains("This bench is locked", await BenchHost.TextAsync(await browser.GetAsync("/graft/1/file", Cancellation)));
        Assert.Equal(HttpStatusCode.OK, (await browser.GetAsync("/health", Cancellation)).StatusCode);
        // Two would be sent as one that is neither.
        Assert.Equal(1, (await browser.GetStringAsync("/enter", Cancellation)).Split("name=\"__RequestVerificationToken\"").Length - 1);
        var wrong = await EnterAsync(browser, "guess");
        Assert.Equal(HttpStatusCode.Unauthorized, wrong.StatusCode);
        Assert.Contains("That is not the passphrase. Try again in 1 second.", await BenchHost.TextAsync(wrong));
        var soon = await EnterAsync(browser, Passphrase);
        Assert.Equal((HttpStatusCode.Unauthorized, 1), (soon.StatusCode, soon.Headers.RetryAfter!.Delta!.Value.Seconds));
        Assert.Contains("Too soon after a wrong one: this was not looked at.", await BenchHost.TextAsync(soon));
        locked.Clock.Advance(TimeSpan.FromSeconds(1));
        var right = await BenchHost.SendAsync(browser, "/enter", "/enter?returnUrl=https://elsewhere.example/", ("passphrase", Passphrase));
        Assert.Equal("/", right.RequestMessage!.RequestUri!.AbsolutePath);
        Assert.Contains("Shelf", await BenchHost.TextAsync(right));
        var left = await BenchHost.SendAsync(browser, "/", "/enter?handler=Leave");
        Assert.Contains("This bench is locked", await BenchHost.TextAsync(left));
        Assert.Contains("This bench is locked", await browser.GetStringAsync("/bin", Cancellation));
    }

    [Fact]
    public async Task Who_came_in_by_a_passphrase_is_out_when_it_changes()
    {
        string cookie;
        await using (var before = Locked(Passphrase)) cookie = await CookieAsync(before);
        foreach (var (passphrase, isIn) in new[] { (Passphrase, true), ("another, with 12", false) })
        {
            await using var after = Locked(passphrase);
            using var request = new HttpRequestMessage(HttpMethod.Get, "/bin") { Headers = { { "Cookie", cookie } } };
            var answer = await after.CreateClient(new() { AllowAutoRedirect = false, HandleCookies = false }).SendAsync(request, Cancellation);
            Assert.Equal(isIn ? HttpStatusCode.OK : HttpStatusCode.Redirect, answer.StatusCode);
        }
    }

    [Fact]
    public async Task One_is_sent_to_the_door_of_the_host_that_was_asked_and_back_to_the_page()
    {
        await using var locked = Locked(Passphrase);
        var client = locked.CreateClient(new() { AllowAutoRedirect = false });
        var asked = await client.GetAsync("/bin?words=fan", Cancellation);
        Assert.Equal("/enter?returnUrl=%2Fbin%3Fwords%3Dfan", asked.Headers.Location!.OriginalString);
        using var piece = new HttpRequestMessage(HttpMethod.Get, "/bin") { Headers = { { "HX-Request", "true" }, { "HX-Current-URL", "http://elsewhere/bin?words=x" } } };
        var answer = await client.SendAsync(piece, Cancellation);
        Assert.Equal((HttpStatusCode.Unauthorized, "/enter?returnUrl=%2Fbin%3Fwords%3Dx"), (answer.StatusCode, answer.Headers.GetValues("HX-Redirect").Single()));
    }

    [Fact]
    public async Task A_host_that_is_refused_is_answered_with_the_headers_too()
    {
        await using var host = BenchHost.On(_folder.FullName, ("DEMO", "none"));
        using var request = new HttpRequestMessage(HttpMethod.Get, "/") { Headers = { Host = "elsewhere.example" } };
        var answer = await host.CreateClient().SendAsync(request, Cancellation);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Contains("default-src 'none'", string.Join("", answer.Headers.GetValues("Content-Security-Policy")));
    }

    [Fact]
    public async Task An_open_line_is_warned_of_and_a_certificate_closes_it()
    {
        await using (var locked = Locked(Passphrase))
        {
            Assert.Contains("This line is not encrypted", await locked.Browser().GetStringAsync("/enter", Cancellation));
            using var encrypted = locked.CreateClient(new() { BaseAddress = new Uri("https://localhost") });
            Assert.DoesNotContain("not encrypted", await encrypted.GetStringAsync("/enter", Cancellation));
        }

        var file = Path.Combine(_folder.FullName, "line.pem");
        using (var key = ECDsa.Create(ECCurve.NamedCurves.nistP256))
        using (var made = new CertificateRequest("CN=localhost", key, HashAlgorithmName.SHA256)
            .CreateSelfSigned(DateTimeOffset.UtcNow.AddDays(-1), DateTimeOffset.UtcNow.AddDays(1)))
            await File.WriteAllTextAsync(file, $"{made.ExportCertificatePem()}\n{key.ExportPkcs8PrivateKeyPem()}", Cancellation);
        var port = StartedProcess.FreePort();
        await using var process = new StartedProcess(_folder.FullName, port, ("CERTIFICATE", file));
        using var trusting = new HttpClientHandler { ServerCertificateCustomValidationCallback = (_, shown, _, _) => shown?.Subject == "CN=localhost" };
        using var browser = new HttpClient(trusting);
        await process.UntilHealthyAsync(browser, "https");
        await File.WriteAllTextAsync(file, "no certificate", Cancellation);
        await using var refused = new StartedProcess(_folder.FullName, StartedProcess.FreePort(), ("CERTIFICATE", file));
        var (code, errors, _) = await refused.EndAsync();
        Assert.Equal(2, code);
        Assert.StartsWith($"CERTIFICATE names {file}, which cannot be read as a certificate with its key.", errors);
    }

    [Fact]
    public void Each_wrong_try_doubles_the_wait_of_its_own_address_and_no_other()
    {
        var (clock, one, other) = (new FakeTimeProvider(), IPAddress.Parse("192.168.0.4"), IPAddress.Parse("192.168.0.5"));
        using var door = Made(clock);
        foreach (var seconds in new[] { 1, 2, 4, 8, 16, 32, 64, 128, 256, 512, 900, 900 })
        {
            var answer = door.Try(one, "guess");
            Assert.Equal((true, seconds), (answer.IsHeard, (int)answer.Wait.TotalSeconds));
            clock.Advance(answer.Wait - TimeSpan.FromMilliseconds(1));
            Assert.False(door.Try(one, Passphrase).IsHeard);
            clock.Advance(TimeSpan.FromMilliseconds(1));
        }

        Assert.True(door.Try(other, Passphrase).IsOpen);
        Assert.True(door.Try(one, Passphrase).IsOpen);
        Assert.Equal(1, door.Try(one, "guess").Wrong);
    }

    [Theory]
    [InlineData(3599, 3)]
    [InlineData(3600, 1)]
    public void An_address_that_was_quiet_for_an_hour_begins_anew(int seconds, int wrong)
    {
        var clock = new FakeTimeProvider();
        using var door = Made(clock);
        for (var attempt = 0; attempt < 2; attempt++) clock.Advance(door.Try(IPAddress.Loopback, "guess").Wait);
        clock.Advance(TimeSpan.FromSeconds(seconds));
        Assert.Equal(wrong, door.Try(IPAddress.Loopback, "guess").Wrong);
    }

    [Theory]
    [InlineData("2001:db8:1:2::3", "2001:db8:1:2:ffff::9", true)]
    [InlineData("2001:db8:1:2::3", "2001:db8:1:3::3", false)]
    [InlineData("::ffff:10.0.0.1", "10.0.0.1", true)]
    public void Addresses_of_one_owner_count_together(string one, string other, bool isSame)
    {
        using var door = Made(new FakeTimeProvider());
        door.Try(IPAddress.Parse(one), "guess");
        Assert.Equal(isSame, !door.Try(IPAddress.Parse(other), Passphrase).IsHeard);
    }

    [Fact]
    public void Of_many_tries_at_once_one_is_heard()
    {
        using var door = Made(new FakeTimeProvider());
        var answers = new DoorAnswer[200];
        Parallel.For(0, answers.Length, index => answers[index] = door.Try(IPAddress.Loopback, $"guess {index}"));
        Assert.Single(answers, answer => answer.IsHeard);
    }

    [Theory]
    [InlineData(null, null, null, true)]
    [InlineData("8080", "127.0.0.1", null, true)]
    [InlineData("0", null, null, false)]
    [InlineData("http", null, null, false)]
    [InlineData(null, "everywhere", null, false)]
    [InlineData(null, "0.0.0.0", null, false)]
    [InlineData(null, "0.0.0.0", "eleven char", false)]
    [InlineData(null, "0.0.0.0", "twelve chars", true)]
    [InlineData(null, null, "short", false)]
    [InlineData(null, "0.0.0.0", "aaaaaaaaaaaaaaaaaaaa", false)]
    [InlineData(null, "0.0.0.0", "abcdabcdabcdabcd", false)]
    [InlineData(null, "0.0.0.0", "abcdeabcdeab", true)]
    public void It_listens_beyond_this_machine_only_with_a_passphrase(string? port, string? bind, string? passphrase, bool mayStart)
        => Assert.Equal(mayStart, ListenAddress.Check(port, bind, passphrase, out _, out _) is null);

    private BenchHost Locked(string passphrase) => BenchHost.On(_folder.FullName, (ListenAddress.PassphraseKey, passphrase), ("DEMO", "none"));

    private static Door Made(FakeTimeProvider clock)
        => new(new ConfigurationBuilder().AddInMemoryCollection([new(ListenAddress.PassphraseKey, Passphrase)]).Build(), clock);

    private static Task<HttpResponseMessage> EnterAsync(HttpClient browser, string passphrase)
        => BenchHost.SendAsync(browser, "/enter", "/enter", ("passphrase", passphrase));

    private static async Task<string> CookieAsync(BenchHost locked)
    {
        var client = locked.CreateClient(new() { AllowAutoRedirect = false });
        var answer = await EnterAsync(client, Passphrase);
        return answer.Headers.GetValues("Set-Cookie").Single(cookie => cookie.StartsWith("loose-graft-door", StringComparison.Ordinal)).Split(';')[0];
    }
}
