using System.Net;
using System.Net.Sockets;
using LooseGraft.Data;
using LooseGraft.Trial;
using Microsoft.Data.Sqlite;

namespace LooseGraft.Web.Tests;

/// <summary>What keeps the application from starting is one plain sentence, an exit code, and no trace.</summary>
public sealed class RefusedStartTests : IDisposable
{
    private readonly DirectoryInfo _root = Directory.CreateTempSubdirectory("loose-graft-");

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    private BenchFolder Folder => BenchFolder.At(_root.FullName);

    public void Dispose()
    {
        _root.Delete(recursive: true);
    }

    [Fact]
    public async Task A_taken_port_and_a_folder_that_cannot_be_made_end_it_with_a_sentence()
    {
        using var taken = new TcpListener(IPAddress.Loopback, 0);
        taken.Start();
        var port = ((IPEndPoint)taken.LocalEndpoint).Port;
        await File.WriteAllTextAsync(Path.Combine(_root.FullName, "file"), "", Cancellation);
        await using var here = new StartedProcess(_root.FullName, port);
        await using var nowhere = new StartedProcess(Path.Combine(_root.FullName, "file", "bench"), StartedProcess.FreePort());
        foreach (var (process, words) in new[]
        {
            (here, $"Port {port} of 127.0.0.1 is taken, perhaps by another Loose Graft. Stop that one, or set PORT to another number; nothing was changed."),
            (nowhere, $"No folder can be made at {_root.FullName}/file/bench, where the bench is to be kept. Set DATA to one that this user may write in."),
        })
        {
            var (code, errors, log) = await process.EndAsync();
            Assert.Equal((2, words), (code, errors.Trim()));
            Assert.DoesNotContain("Exception", log);
        }
    }

    [Theory]
    [InlineData(0)]
    [InlineData(4096)] // amid its tables
    public async Task A_damaged_bench_is_told_with_where_its_last_copy_lies(int from)
    {
        await OpenAsync();
        var bytes = await File.ReadAllBytesAsync(Folder.Database, Cancellation);
        bytes.AsSpan(from, 4096).Fill(0xAA);
        await File.WriteAllBytesAsync(Folder.Database, bytes, Cancellation);
        var words = (await Assert.ThrowsAsync<BenchStartException>(OpenAsync)).Message;
        Assert.StartsWith($"The bench in {Folder.Database} is damaged or is no bench.", words);
        Assert.EndsWith($"Move that file aside and start again with an empty bench; no copy of it lies in {Folder.Copies}.", words);
        Directory.CreateDirectory(Folder.Copies);
        foreach (var day in new[] { "03", "21", "14" })
            await File.WriteAllTextAsync(Path.Combine(Folder.Copies, $"bench 2026-11-{day} 101500 before X.db"), "", Cancellation);
        Assert.Contains($"Put its last copy back: ./start restore \"bench 2026-11-21 101500 before X.db\" (it lies in {Folder.Copies}).", (await Assert.ThrowsAsync<BenchStartException>(OpenAsync)).Message);
    }

    [Fact]
    public async Task A_bench_that_another_program_holds_is_told()
    {
        await OpenAsync();
        await using var other = new SqliteConnection($"Data Source={Folder.Database};Pooling=False");
        await other.OpenAsync(Cancellation);
        await using var command = other.CreateCommand();
        command.CommandText = "PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE; UPDATE Graft SET Revision = 1";
        await command.ExecuteNonQueryAsync(Cancellation);
        Assert.StartsWith("Another program holds the bench in", (await Assert.ThrowsAsync<BenchStartException>(OpenAsync)).Message);
    }

    [Fact]
    public async Task A_bench_of_a_newer_version_is_left_alone()
    {
        await OpenAsync();
        await using (var newer = new SqliteConnection($"Data Source={Folder.Database};Pooling=False"))
        {
            await newer.OpenAsync(Cancellation);
            await using var command = newer.CreateCommand();
            command.CommandText = "INSERT INTO __EFMigrationsHistory VALUES ('20990101000000_Later', '99')";
            await command.ExecuteNonQueryAsync(Cancellation);
        }

        Assert.Contains("was written by a newer Loose Graft", (await Assert.ThrowsAsync<BenchStartException>(OpenAsync)).Message);
        Assert.False(Directory.Exists(Folder.Copies));
    }

    // https://www.sqlite.org/rescode.html; what the machine's owner may write anywhere cannot be tried for real.
    [Theory]
    [InlineData(5, StorageTrouble.Locked)]
    [InlineData(6, StorageTrouble.Locked)]
    [InlineData(8, StorageTrouble.ReadOnly)]
    [InlineData(14, StorageTrouble.ReadOnly)]
    [InlineData(11, StorageTrouble.Damaged)]
    [InlineData(26, StorageTrouble.Damaged)]
    [InlineData(13, StorageTrouble.Full)]
    [InlineData(1, StorageTrouble.None)]
    public void What_the_database_says_is_understood_however_deep_it_lies(int code, StorageTrouble trouble)
        => Assert.Equal(trouble, StorageTroubles.Of(new InvalidOperationException("outside", new SqliteException("inside", code))));

    [Fact]
    public void A_full_disk_is_told_from_other_faults_of_a_file()
    {
        Assert.Equal(StorageTrouble.Full, StorageTroubles.Of(new IOException("No space left on device", 28)));
        Assert.Equal(StorageTrouble.None, StorageTroubles.Of(new IOException("gone", 2)));
        Assert.Equal(StorageTrouble.ReadOnly, StorageTroubles.Of(new UnauthorizedAccessException()));
    }

    private Task OpenAsync() => BenchStart.OpenAsync(Folder, null, TimeProvider.System, Cancellation);
}
