using System.Diagnostics;
using System.Net;
using System.Text.RegularExpressions;
using LooseGraft.Core.Files;
using LooseGraft.Data;
using LooseGraft.Data.Owned;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.AspNetCore.TestHost;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.DependencyInjection.Extensions;
using Microsoft.Extensions.Time.Testing;

namespace LooseGraft.Web.Tests;

/// <summary>The application in this process, on a real SQLite file in a folder of its own.</summary>
public sealed partial class BenchHost : WebApplicationFactory<Program>
{
    private readonly DirectoryInfo? _ownFolder;
    private readonly Dictionary<string, string> _settings;

    public BenchHost()
        : this(null)
    {
    }

    private BenchHost(string? folder, params (string Key, string Value)[] settings)
    {
        if (folder is null) _ownFolder = Directory.CreateTempSubdirectory("loose-graft-");
        Folder = folder ?? _ownFolder!.FullName;
        _settings = settings.ToDictionary(setting => setting.Key, setting => setting.Value);
    }

    public string Folder { get; }

    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2026, 11, 24, 9, 0, 0, TimeSpan.Zero));

    /// <summary>A host on a folder that outlives it, or with other settings.</summary>
    public static BenchHost On(string? folder, params (string Key, string Value)[] settings) => new(folder, settings);

    /// <summary>A browser without script: follows redirects, keeps cookies.</summary>
    public HttpClient Browser() => CreateClient();

    /// <summary>A weighbridge of one's own: its id, its Feed page, and a browser.</summary>
    public async Task<(int Id, string Page, HttpClient Browser)> WeighbridgeAsync()
    {
        var weighbridge = await GraftAsync(1);
        var id = await StoreAsync(store => store.AddAsync(weighbridge, TestContext.Current.CancellationToken));
        return (id, $"/graft/{id}/feed", Browser());
    }

    /// <summary>The ferry radiogram of the demo data.</summary>
    public static async Task<Graft> FerryAsync()
        => GraftFile.Read(await File.ReadAllBytesAsync(Path.Combine(AppContext.BaseDirectory, "demo", "ferry-radiogram.json"))).Graft!;

    /// <summary>A ferry radiogram of one's own, by its id.</summary>
    public async Task<int> CopyOfFerryAsync()
    {
        var ferry = await FerryAsync();
        return await StoreAsync(store => store.AddAsync(ferry, TestContext.Current.CancellationToken));
    }

    /// <summary>A graft of one board with one header of which nothing is known.</summary>
    public async Task<int> BareAsync()
        => await StoreAsync(store => store.AddAsync(Graft.Empty("bare") with
        {
            Parts = [new Part("board", "board", PartKind.Board)
            {
                Origin = PartOrigin.Donor,
                Ports = [new Port("header", "header", ConnectorTypes.Find("pin-header")!, Gender.Male) { OwnRows = 2, OwnColumns = 5 }],
            }],
        }, TestContext.Current.CancellationToken));

    /// <summary>A graft as it is kept.</summary>
    public async Task<Graft> GraftAsync(int id) => (await StoreAsync(store => store.FindAsync(id, TestContext.Current.CancellationToken)))!.Graft;

    /// <summary>The store itself, for what a page does not show.</summary>
    public async Task<T> StoreAsync<T>(Func<GraftStore, Task<T>> ask)
    {
        await using var scope = Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider.GetRequiredService<GraftStore>());
    }

    /// <summary>The bin, for what a page does not show.</summary>
    public async Task<T> BinAsync<T>(Func<BinStore, Task<T>> ask)
    {
        await using var scope = Services.CreateAsyncScope();
        return await ask(scope.ServiceProvider.GetRequiredService<BinStore>());
    }

    /// <summary>What is concluded of a graft on the day and with the bin of this bench.</summary>
    public Task<Core.Review> SeenAsync(GraftSnapshot snapshot)
        => Services.GetRequiredService<Hosting.ReviewDesk>()
            .SeenAsync(snapshot.Id, Core.Review.Of(snapshot.Graft), always: false, TestContext.Current.CancellationToken);

    /// <summary>Every graft on the shelf, opened.</summary>
    public async Task<IReadOnlyList<GraftSnapshot>> ShelfAsync(CancellationToken cancellation)
    {
        var grafts = new List<GraftSnapshot>();
        foreach (var entry in await StoreAsync(store => store.ShelfAsync(cancellation)))
            grafts.Add((await StoreAsync(store => store.FindAsync(entry.Id, cancellation)))!);
        return grafts;
    }

    /// <summary>Runs a statement on the database behind the application's back.</summary>
    public async Task ExecuteAsync(string statement)
    {
        await using var scope = Services.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<BenchContext>().Database.ExecuteSqlRawAsync(statement);
    }

    /// <summary>Sends a form as the page offers it, with its token.</summary>
    public static async Task<HttpResponseMessage> SendAsync(HttpClient browser, string page, string action, params (string Name, string Value)[] fields)
    {
        var form = new FormUrlEncodedContent(
            fields.Select(field => KeyValuePair.Create(field.Name, field.Value)).Append(new("__RequestVerificationToken", await TokenAsync(browser, page))));
        return await browser.PostAsync(action, form);
    }

    public static async Task<string> TokenAsync(HttpClient browser, string page) => TokenPattern().Match(await browser.GetStringAsync(page)).Groups[1].Value;

    /// <summary>Looks again and again until it is so.</summary>
    public static async Task<T> UntilAsync<T>(Func<Task<T>> look, Func<T, bool> isSo)
    {
        var since = Stopwatch.StartNew();
        while (true)
        {
            var seen = await look();
            if (isSo(seen)) return seen;
            Assert.True(since.Elapsed < TimeSpan.FromMinutes(2), $"It never came to be so. Last seen: {seen}");
            await Task.Delay(20, TestContext.Current.CancellationToken);
        }
    }

    /// <summary>The text of a page as a reader sees it, near enough.</summary>
    public static async Task<string> TextAsync(HttpResponseMessage response) => WebUtility.HtmlDecode(await response.Content.ReadAsStringAsync());

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder.UseSetting("DATA", Folder);
        builder.UseSetting("COPIES", "none");
        builder.UseSetting(LooseGraft.Web.Hosting.ReviewDesk.SettingKey, "60");
        foreach (var (key, value) in _settings) builder.UseSetting(key, value);
        builder.ConfigureTestServices(services => services.Replace(ServiceDescriptor.Singleton<TimeProvider>(Clock)));
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        if (!disposing) return;
        _ownFolder?.Refresh();
        if (_ownFolder is { Exists: true }) _ownFolder.Delete(recursive: true);
    }

    [GeneratedRegex("name=\"__RequestVerificationToken\" type=\"hidden\" value=\"([^\"]+)\"")]
    private static partial Regex TokenPattern();
}
