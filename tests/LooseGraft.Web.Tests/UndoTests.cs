using System.Text;
using LooseGraft.Core.Files;
using LooseGraft.Core.Tests;
using LooseGraft.Data;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>Undo, tried with every sort of edit there is.</summary>
public sealed class UndoTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Undo_gives_the_bytes_back_whatever_the_edit_was()
    {
        var (demo, edits) = EditSamples.Demos[^1];
        // Nothing is taken from the bin, so that no edit is refused for what lies in it.
        var id = await host.StoreAsync(store => store.AddAsync(demo, Cancellation));
        var (revision, changed) = (1, new HashSet<Type>());
        foreach (var sort in EditSamples.Sorts)
        {
            for (var seed = 1; seed <= 60 && !changed.Contains(sort); seed++)
            {
                var before = await FileAsync(id);
                var done = await host.StoreAsync(store => store.ChangeAsync(id, revision, edits.Make(sort, seed), Cancellation));
                if (done.Outcome != SaveOutcome.Saved || done.Current!.Revision == revision) continue;
                var after = await FileAsync(id);
                Assert.NotEqual(before, after);
                // What is remembered of a graft that was saved is what would be read.
                Assert.Equal(await host.StoreAsync(store => store.FindAsync(id, Cancellation)), done.Current);
                Assert.Equal(after, Encoding.UTF8.GetString(GraftFile.Write(done.Current.Graft)));
                var undone = await host.StoreAsync(store => store.UndoAsync(id, done.Current.Revision, Cancellation));
                Assert.Equal((SaveOutcome.Saved, done.Current.CanUndo), (undone.Outcome, undone.Current!.CanRedo));
                Assert.Equal(before, await FileAsync(id));
                revision = undone.Current.Revision;
                changed.Add(sort);
            }
        }

        // The canary: nearly every sort of edit found something to change. A graft that is put on the shelf holds nothing of the bin that could go back.
        var idle = EditSamples.Sorts.Except(changed).Select(sort => sort.Name).ToArray();
        Assert.True(idle.Length <= 8, $"Nothing to change was found by {string.Join(", ", idle)}.");
    }

    // Written by the store, not from what it remembers of it.
    private async Task<string> FileAsync(int id)
    {
        await using var scope = host.Services.CreateAsyncScope();
        return await scope.ServiceProvider.GetRequiredService<BenchContext>().Grafts.Where(graft => graft.Id == id).Select(graft => graft.Document)
            .SingleAsync(Cancellation);
    }
}
