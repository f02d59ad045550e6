using System.IO.Compression;
using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Tests.House;
using LooseGraft.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>A database that version 1 of the file format wrote: 50 edits on three branches.</summary>
public sealed class VersionTests : IAsyncLifetime
{
    private const string Brought = "Brought to version 3 of the file";

    private readonly DirectoryInfo _folder = Directory.CreateTempSubdirectory("loose-graft-");
    private BenchHost _host = null!;
    private GraftSnapshot _standing = null!;

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    public async ValueTask InitializeAsync()
    {
        var fixture = Root.Folder("tests/LooseGraft.Web.Tests/Fixtures/bench-version-1.db.gz");
        await using (var packed = new GZipStream(File.OpenRead(fixture), CompressionMode.Decompress))
        await using (var bench = File.Create(Path.Combine(_folder.FullName, "bench.db"))) await packed.CopyToAsync(bench, Cancellation);
        _host = BenchHost.On(_folder.FullName);
        _standing = Assert.Single(await _host.ShelfAsync(Cancellation), snapshot => snapshot.Graft.Name.StartsWith("Fifty edits", StringComparison.Ordinal));
    }

    public async ValueTask DisposeAsync()
    {
        await _host.DisposeAsync();
        _folder.Delete(recursive: true);
    }

    [Fact]
    public async Task Every_state_of_the_history_is_read_as_what_it_was_and_none_is_rewritten()
    {
        var history = await HistoryAsync();
        Assert.Equal(50, history.Lines.Count);
        var revision = _standing.Revision;
        foreach (var state in history.Lines.Select(line => (int?)line.Id).Append(null).Append(history.Lines[0].Id))
        {
            var result = await _host.StoreAsync(store => store.GoToAsync(_standing.Id, revision, state, Cancellation));
            revision = result.Current!.Revision;
            var kept = await DocumentAsync();
            Assert.Contains("\"formatVersion\": 1,", kept);
            Assert.Equal(GraftFile.Read(Encoding.UTF8.GetBytes(kept)).Graft, result.Current.Graft);
        }

        Assert.Equal(50, (await HistoryAsync()).Lines.Count);
    }

    [Fact]
    public async Task The_first_edit_makes_two_rows_and_undoing_both_brings_the_old_text_back()
    {
        var before = await DocumentAsync();
        var saved = await _host.StoreAsync(store =>
            store.ChangeAsync(_standing.Id, _standing.Revision, "another aim", graft => graft with { Aim = "other" }, Cancellation));
        Assert.Equal(SaveOutcome.Saved, saved.Outcome);
        Assert.Equal([Brought, "another aim"], (await HistoryAsync()).Lines.Skip(50).Select(line => line.What));
        Assert.Contains("\"formatVersion\": 3,", await DocumentAsync());

        var again = await _host.StoreAsync(store =>
            store.ChangeAsync(_standing.Id, saved.Current!.Revision, "a third aim", graft => graft with { Aim = "third" }, Cancellation));
        Assert.Equal(53, (await HistoryAsync()).Lines.Count);
        var snapshot = again.Current!;
        foreach (var undone in new[] { "a third aim", "another aim", Brought })
        {
            Assert.Equal(undone, snapshot.CanUndo);
            snapshot = (await _host.StoreAsync(store => store.UndoAsync(_standing.Id, snapshot.Revision, Cancellation))).Current!;
        }

        Assert.Equal(before, await DocumentAsync());
        Assert.Equal(_standing.Graft, snapshot.Graft);
    }

    [Fact]
    public async Task An_edit_that_changes_nothing_leaves_the_old_text_alone()
    {
        var saved = await _host.StoreAsync(store => store.ChangeAsync(_standing.Id, _standing.Revision, "nothing", graft => graft, Cancellation));
        Assert.Equal((SaveOutcome.Saved, _standing.Revision), (saved.Outcome, saved.Current!.Revision));
        Assert.Equal(50, (await HistoryAsync()).Lines.Count);
    }

    private Task<GraftHistory> HistoryAsync() => _host.StoreAsync(store => store.HistoryAsync(_standing.Id, Cancellation));

    private async Task<string> DocumentAsync()
    {
        await using var scope = _host.Services.CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<BenchContext>().Database
            .SqlQuery<string>($"SELECT Document AS Value FROM Graft WHERE Id = {_standing.Id}").SingleAsync(Cancellation);
    }
}
