using LooseGraft.Core.Feed.Edits;
using LooseGraft.Core.Files;
using LooseGraft.Core.Prove.Edits;
using LooseGraft.Data;
using LooseGraft.Data.Records;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>What happened at the bench stays on record, whatever is undone.</summary>
public sealed class RecordTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static readonly AddObservation Fans = new(new Observation(default, WatchPoint.Fans, true));

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_was_seen_stays_on_record_when_its_edit_is_undone()
    {
        var id = await NewAsync();
        var done = await ChangeAsync(id, 1, Fans);
        var undone = await host.StoreAsync(store => store.UndoAsync(id, done.Current!.Revision, Cancellation));
        Assert.Empty(undone.Current!.Graft.Observations);
        var record = Assert.Single(await RecordsAsync(id));
        Assert.Equal((RecordKind.Observation, Fans.Words(Graft.Empty(""))), (record.Kind, record.Says));
    }

    [Fact]
    public async Task A_correction_is_a_record_of_its_own()
    {
        var id = await NewAsync();
        var wall = await ChangeAsync(id, 1, new AddWallReading(new WallReading("", default, WallWork.Idle, new Watts(41))));
        await ChangeAsync(id, wall.Current!.Revision, new RemoveWallReading(wall.Current.Graft.WallReadings[0].Id));
        Assert.Equal([RecordKind.WallReading, RecordKind.Correction], (await RecordsAsync(id)).Select(record => record.Kind));
    }

    [Fact]
    public async Task An_edit_that_only_decides_and_one_that_is_refused_leave_no_record()
    {
        var id = await NewAsync();
        await ChangeAsync(id, 1, new SetHeadroom(null, 0.3));
        Assert.Equal(SaveOutcome.Stale, (await ChangeAsync(id, 9, Fans)).Outcome);
        Assert.Empty(await RecordsAsync(id));
    }

    [Fact]
    public async Task Records_travel_with_the_file_and_with_a_copy_and_are_no_part_of_what_is_undone()
    {
        var id = await NewAsync();
        await ChangeAsync(id, 1, Fans);
        var records = await RecordsAsync(id);
        var file = GraftFile.Read(await host.Browser().GetByteArrayAsync($"/graft/{id}/file", Cancellation)).Graft!;
        Assert.Equal(records, file.Records);
        var brought = await host.StoreAsync(store => store.AddAsync(file, Cancellation));
        Assert.Equal(records, await RecordsAsync(brought));
        await BenchHost.SendAsync(host.Browser(), "/", "/?handler=Copy", ("id", $"{id}"));
        var copy = (await host.ShelfAsync(Cancellation)).First(graft => graft.Graft.Name == "records, a copy");
        Assert.Equal(records, await RecordsAsync(copy.Id));
        Assert.Empty((await host.GraftAsync(brought)).Records);
    }

    [Fact]
    public async Task The_database_itself_refuses_to_change_a_record_and_lets_it_go_only_with_its_graft()
    {
        var id = await NewAsync();
        await ChangeAsync(id, 1, Fans);
        await using var scope = host.Services.CreateAsyncScope();
        var bench = scope.ServiceProvider.GetRequiredService<BenchContext>();
        var refused = await Assert.ThrowsAsync<SqliteException>(
            () => bench.Records.ExecuteUpdateAsync(record => record.SetProperty(entry => entry.Document, "{}"), Cancellation));
        Assert.Contains("never changed", refused.Message);
        await host.StoreAsync(store => store.ThrowAwayAsync(id, Cancellation));
        await host.StoreAsync(store => store.DestroyAsync(id, Cancellation));
        Assert.Empty(await RecordsAsync(id));
    }

    private Task<int> NewAsync() => host.StoreAsync(store => store.AddAsync(Graft.Empty("records"), Cancellation));

    private Task<SaveResult> ChangeAsync(int id, int revision, GraftEdit edit) => host.StoreAsync(store => store.ChangeAsync(id, revision, edit, Cancellation));

    private async Task<IReadOnlyList<BenchRecord>> RecordsAsync(int id)
    {
        await using var scope = host.Services.CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<RecordBook>().OfAsync(id, Cancellation);
    }
}
