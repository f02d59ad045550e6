using System.IO.Compression;
using System.Net.Http.Headers;
using CsCheck;
using LooseGraft.Core.Tests;
using LooseGraft.Data;
using LooseGraft.Data.Copies;
using LooseGraft.Data.Photos;
using LooseGraft.Web.Hosting;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>Copies of the bench: when they are made, which are kept, and that one can be put back and the putting back undone.</summary>
public sealed class CopiesTests : IAsyncDisposable
{
    private readonly BenchHost _host = BenchHost.On(Directory.CreateTempSubdirectory("loose-graft-").FullName, ("DEMO", "none"));

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    private BenchCopies Copies => _host.Services.GetRequiredService<BenchCopies>();

    public async ValueTask DisposeAsync()
    {
        await _host.DisposeAsync();
        Directory.Delete(_host.Folder, recursive: true);
    }

    [Fact]
    public async Task A_copy_is_put_back_by_a_button_and_the_putting_back_is_undone_the_same_way()
    {
        var (id, browser) = (await AddAsync("before"), _host.Browser());
        await KeepPhotoAsync();
        Assert.Contains("Copied and checked", await SendAsync(browser, "Make"));
        var copy = Assert.Single(Copies.All());
        Assert.Equal("by hand", copy.Why);
        await ChangeAsync(id, 1, "after");
        var later = await AddAsync("later");
        File.Delete(Photos().Single());
        Assert.Contains("The bench stands as it was copied", await SendAsync(browser, "Restore", ("name", copy.Name)));
        Assert.Equal(["before"], await NamesAsync());
        Assert.Single(Photos());
        Assert.Equal([BenchRestore.BeforeIt, "by hand"], Copies.All().Select(each => each.Why));
        // Nothing that was shown or sent before means something else now: what is numbered goes on where it stood.
        Assert.Equal(SaveOutcome.Stale, await ChangeAsync(id, 2, "by an old page"));
        Assert.True(await AddAsync("new") > later);
        Assert.Equal("before", (await _host.GraftAsync(id)).Name);
        await SendAsync(browser, "Restore", ("name", Copies.All()[0].Name));
        Assert.Equal(["after", "later"], await NamesAsync());
    }

    [Fact]
    public async Task Put_back_by_two_at_once_while_others_save_no_edit_is_lost_that_was_acknowledged()
    {
        var id = await AddAsync("first");
        var copy = await Copies.MakeAsync("by hand", Cancellation);
        var restore = _host.Services.GetRequiredService<BenchRestore>();
        // No more than leaves all copies standing that tell how the bench stood before.
        var restoring = Task.WhenAll(Enumerable.Range(0, 2).Select(_ => Task.Run(async () =>
        {
            for (var turn = 0; turn < (Thinning.Newest - 1) / 2; turn++) await restore.RestoreAsync(copy.Name, isServed: true, Cancellation);
        })));
        var saved = new List<string>();
        while (!restoring.IsCompleted)
        {
            var revision = (await _host.StoreAsync(store => store.FindAsync(id, Cancellation)))!.Revision;
            if (await ChangeAsync(id, revision, $"n{saved.Count}") == SaveOutcome.Saved) saved.Add($"n{saved.Count}");
        }

        await restoring;
        Assert.NotEmpty(saved);
        var kept = Copies.All().Select(each => Copies.Find(each.Name)!).Append(Path.Combine(_host.Folder, "bench.db")).SelectMany(Whats).ToHashSet();
        Assert.DoesNotContain(saved, what => !kept.Contains(what));
    }

    [Fact]
    public async Task The_whole_bench_goes_out_as_one_file_and_comes_in_on_another()
    {
        await AddAsync("carried");
        await KeepPhotoAsync();
        var archive = await _host.Browser().GetByteArrayAsync("/copies/archive", Cancellation);
        await using var other = BenchHost.On(null, ("DEMO", "none"));
        Assert.Contains("The bench stands as in bench.zip", await BringAsync(other.Browser(), archive));
        Assert.Equal(["carried"], (await other.StoreAsync(store => store.ShelfAsync(Cancellation))).Select(entry => entry.Name));
        Assert.Single(Directory.GetFiles(Path.Combine(other.Folder, "photos")));
        Assert.All(Directory.GetFiles(Path.Combine(other.Folder, "copies")), file => Assert.StartsWith("bench ", Path.GetFileName(file)));
    }

    [Theory]
    [InlineData("text", "it is damaged, or no ZIP file")]
    [InlineData("empty", "there is no bench.db in it")]
    [InlineData("path", "“../bench.db” has no place in one")]
    [InlineData("photo", "is not what its name says")]
    [InlineData("no-database", "is damaged, or is no copy of a bench")]
    [InlineData("other-database", "is no copy of a bench")]
    [InlineData("no-graft", "carried cannot be read: $.name")]
    [InlineData("trigger", "“Evil” has no place in a bench")]
    public async Task An_archive_that_is_none_changes_nothing(string sort, string words)
    {
        await AddAsync("stands");
        Assert.Contains(words, await BringAsync(_host.Browser(), await ArchiveAsync(sort)));
        Assert.Equal(["stands"], await NamesAsync());
        Assert.Empty(Copies.All());
        Assert.DoesNotContain(Directory.GetFiles(Path.Combine(_host.Folder, "copies")), file => file.EndsWith(".db", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("bench 2026-01-01 000000 daily.db")]
    [InlineData("../bench.db")]
    [InlineData("")]
    public async Task A_copy_that_is_not_there_is_told_so(string name)
    {
        await AddAsync("stands");
        Assert.Contains($"There is no copy “{name}”", await SendAsync(_host.Browser(), "Restore", ("name", name)));
    }

    [Fact]
    public async Task A_copy_that_is_damaged_leaves_the_bench_as_it_stood()
    {
        await AddAsync("stands");
        var copy = await Copies.MakeAsync("by hand", Cancellation);
        await File.WriteAllBytesAsync(Copies.Find(copy.Name)!, new byte[20_000], Cancellation);
        Assert.Contains("The bench stands as it stood", await SendAsync(_host.Browser(), "Restore", ("name", copy.Name)));
        Assert.Equal(["stands"], await NamesAsync());
    }

    [Theory]
    [InlineData("damaged")]
    [InlineData("gone")]
    [InlineData("empty")]
    [InlineData("older")]
    public async Task A_bench_that_cannot_be_opened_is_put_back_from_a_shell(string bench)
    {
        await AddAsync("kept");
        var copy = await Copies.MakeAsync("by hand", Cancellation);
        var folder = BenchFolder.At(Directory.CreateTempSubdirectory("loose-graft-").FullName);
        Directory.CreateDirectory(folder.Copies);
        File.Copy(Copies.Find(copy.Name)!, Path.Combine(folder.Copies, copy.Name));
        if (bench == "damaged") await File.WriteAllBytesAsync(folder.Database, new byte[20_000], Cancellation);
        if (bench == "empty") await File.WriteAllBytesAsync(folder.Database, [], Cancellation);
        if (bench == "older") await OlderAsync(folder.Database);
        var (said, refused) = (new StringWriter(), new StringWriter());
        Assert.Equal(2, await CopyCommands.RunAsync(["restore", "nothing"], folder.Path, said, refused));
        Assert.Contains("There is no copy “nothing”", refused.ToString());
        Assert.Equal(0, await CopyCommands.RunAsync(["restore", copy.Name], folder.Path, said, refused));
        Assert.Contains($"The bench stands as in {copy.Name}", said.ToString());
        Assert.Null(await CopyCommands.RunAsync(["--urls", "x"], folder.Path, said, refused));
        await using (var back = BenchHost.On(folder.Path, ("DEMO", "none")))
            Assert.Equal(["kept"], (await back.StoreAsync(store => store.ShelfAsync(Cancellation))).Select(entry => entry.Name));
        Assert.Equal(bench is "damaged" or "empty" ? 1 : 0, Directory.GetFiles(folder.Copies, "damaged *.db").Length);
        Assert.Equal(bench == "older" ? 2 : 1, Directory.GetFiles(folder.Copies, "bench *.db").Length);
        Directory.Delete(folder.Path, recursive: true);
    }

    [Fact]
    public async Task A_bench_that_goes_while_it_is_served_is_put_back_from_a_shell_only()
    {
        var (_, copy) = (await AddAsync("kept"), await Copies.MakeAsync("by hand", Cancellation));
        foreach (var file in Directory.GetFiles(_host.Folder, "bench.db*")) File.Delete(file);
        Assert.Contains("Stop Loose Graft and put the copy back", await SendAsync(_host.Browser(), "Restore", ("name", copy.Name)));
        Assert.Equal(0, await CopyCommands.RunAsync(["restore", copy.Name], _host.Folder, TextWriter.Null, TextWriter.Null));
        await using var again = BenchHost.On(_host.Folder, ("DEMO", "none"));
        Assert.Equal("kept", Assert.Single(await again.StoreAsync(store => store.ShelfAsync(Cancellation))).Name);
    }

    [Fact]
    public async Task A_copy_is_due_a_day_after_the_last_if_something_was_written_since()
    {
        await AddAsync("one");
        // Files carry the machine's time.
        _host.Clock.SetUtcNow(DateTimeOffset.UtcNow);
        Assert.True(Copies.IsDue());
        var made = await Copies.MakeAsync("of the day", Cancellation);
        File.SetLastWriteTimeUtc(Path.Combine(_host.Folder, "bench.db"), made.MadeAt.UtcDateTime.AddHours(1));
        _host.Clock.SetUtcNow(made.MadeAt + BenchCopies.Rhythm - TimeSpan.FromSeconds(1));
        Assert.False(Copies.IsDue());
        _host.Clock.SetUtcNow(made.MadeAt + BenchCopies.Rhythm);
        Assert.True(Copies.IsDue());
        foreach (var file in Directory.GetFiles(_host.Folder, "bench.db*")) File.SetLastWriteTimeUtc(file, made.MadeAt.UtcDateTime);
        Assert.False(Copies.IsDue());
    }

    [Fact]
    public void The_newest_and_the_last_of_days_weeks_and_months_are_kept()
        => Gen.Int[0, 40_000].Array[0, 200].Hold(hours =>
        {
            var all = hours.Distinct().Select(hour => Copy(new DateTimeOffset(2020, 1, 1, 0, 30, 0, TimeSpan.Zero).AddHours(hour))).ToArray();
            var kept = Thinning.Kept(all);
            var newestFirst = all.OrderByDescending(copy => copy.MadeAt).ToArray();
            Assert.Empty(kept.Except(all));
            Assert.Empty(newestFirst.Take(Thinning.Newest).Except(kept));
            Assert.InRange(kept.Count, Math.Min(all.Length, Thinning.Newest), Thinning.Newest + Thinning.Days + Thinning.Weeks + Thinning.Months);
            foreach (var (many, span) in new (int, Func<DateTime, object>)[]
            {
                (Thinning.Days, at => at.Date), (Thinning.Weeks, at => at.Date.AddDays(-(((int)at.DayOfWeek + 6) % 7))),
                (Thinning.Months, at => (at.Year, at.Month)),
            })
            {
                var last = all.GroupBy(copy => span(copy.MadeAt.UtcDateTime)).Select(same => same.MaxBy(copy => copy.MadeAt)!)
                    .OrderByDescending(copy => copy.MadeAt).Take(many);
                Assert.Empty(last.Except(kept));
            }

            // What is let go is needed by none of them, and letting go twice lets go of nothing more.
            Assert.Equal(kept.ToHashSet(), Thinning.Kept(kept).ToHashSet());
        });

    private static async Task OlderAsync(string database)
    {
        await using var bench = new BenchContext(
            (DbContextOptions<BenchContext>)new DbContextOptionsBuilder<BenchContext>().UseBenchFile(database).Options);
        await bench.Database.MigrateAsync(bench.Database.GetMigrations().First(), Cancellation);
    }

    private static BenchCopy Copy(DateTimeOffset at) => new($"bench {at:yyyy-MM-dd HHmmss} x.db", at, "x", 1);

    private Task<int> AddAsync(string name) => _host.StoreAsync(store => store.AddAsync(Graft.Empty(name), Cancellation));

    private async Task<SaveOutcome> ChangeAsync(int id, int revision, string name)
        => (await _host.StoreAsync(store => store.ChangeAsync(id, revision, name, graft => graft with { Name = name }, Cancellation))).Outcome;

    private async Task<IEnumerable<string>> NamesAsync()
        => (await _host.StoreAsync(store => store.ShelfAsync(Cancellation))).Select(entry => entry.Name).Order();

    private static List<string> Whats(string database)
    {
        using var connection = new SqliteConnection($"Data Source={database};Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT What FROM Change";
        using var row = command.ExecuteReader();
        var whats = new List<string>();
        while (row.Read()) whats.Add(row.GetString(0));
        return whats;
    }

    private string[] Photos() => Directory.GetFiles(Path.Combine(_host.Folder, "photos"));

    private Task KeepPhotoAsync()
        => _host.Services.GetRequiredService<PhotoFolder>().KeepAsync(
            new KeptPhoto(Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData("picture"u8)), 1, 1, "picture"u8.ToArray()), Cancellation);

    private static async Task<string> SendAsync(HttpClient browser, string handler, params (string, string)[] fields)
        => await BenchHost.TextAsync(await BenchHost.SendAsync(browser, "/copies", $"/copies?handler={handler}", fields));

    private static async Task<string> BringAsync(HttpClient browser, byte[] archive)
    {
        using var form = new MultipartFormDataContent
        {
            { new ByteArrayContent(archive) { Headers = { ContentType = new MediaTypeHeaderValue("application/zip") } }, "file", "bench.zip" },
            { new StringContent(await BenchHost.TokenAsync(browser, "/copies")), "__RequestVerificationToken" },
        };
        return await BenchHost.TextAsync(await browser.PostAsync("/copies?handler=Bring", form, Cancellation));
    }

    // What may be in a file that says it is a bench.
    private static async Task<byte[]> ArchiveAsync(string sort)
    {
        if (sort == "text") return "no archive"u8.ToArray();
        await using var other = BenchHost.On(null, ("DEMO", "none"));
        await other.StoreAsync(store => store.AddAsync(Graft.Empty("carried"), Cancellation));
        if (sort == "no-graft") await other.ExecuteAsync("UPDATE Graft SET Document = replace(Document, '\"carried\"', '7')");
        if (sort == "trigger") await other.ExecuteAsync("CREATE TRIGGER Evil AFTER UPDATE ON Graft BEGIN DELETE FROM Graft; END");
        var whole = new MemoryStream(await other.Browser().GetByteArrayAsync("/copies/archive", Cancellation));
        if (sort is "no-graft" or "trigger") return whole.ToArray();
        var made = new MemoryStream();
        await using (var archive = new ZipArchive(made, ZipArchiveMode.Create, leaveOpen: true))
        {
            if (sort == "path") await WriteAsync(archive, "../bench.db", [1]);
            if (sort == "photo") await WriteAsync(archive, $"photos/{new string('a', 64)}.jpg", [1]);
            if (sort == "no-database") await WriteAsync(archive, "bench.db", new byte[20_000]);
            if (sort == "other-database") await WriteAsync(archive, "bench.db", await OtherDatabaseAsync());
        }

        return made.ToArray();
    }

    private static async Task<byte[]> OtherDatabaseAsync()
    {
        var file = Path.GetTempFileName();
        await using (var connection = new SqliteConnection($"Data Source={file};Pooling=False"))
        {
            await connection.OpenAsync(Cancellation);
            await using var command = connection.CreateCommand();
            command.CommandText = "CREATE TABLE Graft (Name TEXT, Document TEXT); CREATE TABLE Donor (Model TEXT, Document TEXT)";
            await command.ExecuteNonQueryAsync(Cancellation);
        }

        var bytes = await File.ReadAllBytesAsync(file, Cancellation);
        File.Delete(file);
        return bytes;
    }

    private static async Task WriteAsync(ZipArchive archive, string name, byte[] bytes)
    {
        await using var entry = await archive.CreateEntry(name).OpenAsync(Cancellation);
        await entry.WriteAsync(bytes, Cancellation);
    }
}
