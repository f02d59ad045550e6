using CsCheck;
using LooseGraft.Core.Tests;
using LooseGraft.Data.History;

namespace LooseGraft.Web.Tests;

/// <summary>Undo, redo, and the branches that undoing leaves behind.</summary>
public sealed class HistoryTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task Undo_and_redo_walk_the_whole_chain_and_survive_a_restart()
    {
        var folder = Directory.CreateTempSubdirectory("loose-graft-");
        int id;
        await using (var before = BenchHost.On(folder.FullName))
        {
            id = await before.StoreAsync(store => store.AddAsync(Graft.Empty("zero"), Cancellation));
            foreach (var (revision, name) in new[] { (1, "one"), (2, "two"), (3, "three") })
                await before.StoreAsync(store => store.ChangeAsync(id, revision, name, graft => graft with { Name = name }, Cancellation));
        }

        await using (var after = BenchHost.On(folder.FullName))
        {
            var browser = after.Browser();
            var page = $"/graft/{id}";
            foreach (var (revision, handler, expected) in new[]
            {
                (4, "Undo", "two"), (5, "Undo", "one"), (6, "Undo", "zero"), (7, "Undo", "zero"), (7, "Redo", "one"), (8, "Redo", "two"),
            })
            {
                await BenchHost.SendAsync(browser, page, $"{page}?handler={handler}", ("Revision", $"{revision}"));
                Assert.Equal(expected, (await after.StoreAsync(store => store.FindAsync(id, Cancellation)))!.Graft.Name);
            }
        }

        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task A_branch_that_was_undone_and_overtaken_is_still_reached_from_the_history()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("zero"), Cancellation));
        await host.StoreAsync(store => store.ChangeAsync(id, 1, "first", graft => graft with { Name = "first" }, Cancellation));
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        await host.StoreAsync(store => store.ChangeAsync(id, 3, "second", graft => graft with { Name = "second", Aim = "other" }, Cancellation));
        var lost = (await host.StoreAsync(store => store.HistoryAsync(id, Cancellation))).Lines.Single(line => !line.IsInForce);
        var answer = await BenchHost.SendAsync(
            host.Browser(), $"/graft/{id}/history", $"/graft/{id}/history?handler=GoTo", ("Revision", "4"), ("change", $"{lost.Id}"));
        Assert.Contains("The graft now stands at: first.", await BenchHost.TextAsync(answer));
        Assert.Null((await host.GraftAsync(id)).Aim);
    }

    [Fact]
    public async Task Any_walk_through_the_history_ends_at_the_document_that_was_saved_there()
    {
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("start"), Cancellation));
        var (random, saved) = (new Random(7), new Dictionary<int, string>());
        for (var step = 0; step < 60; step++)
        {
            var now = (await host.StoreAsync(store => store.FindAsync(id, Cancellation)))!;
            if (saved.Count > 0 && random.Next(3) == 0)
            {
                var (target, name) = saved.ElementAt(random.Next(saved.Count));
                var there = await host.StoreAsync(store => store.GoToAsync(id, now.Revision, target, Cancellation));
                Assert.Equal(name, there.Current!.Graft.Name);
            }
            else
            {
                var name = $"name 🌱 {step}";
                await host.StoreAsync(
                    store => store.ChangeAsync(id, now.Revision, name, graft => graft with { Name = name, Aim = new string('x', step + 1) }, Cancellation));
                saved[(await host.StoreAsync(store => store.HistoryAsync(id, Cancellation))).Head!.Value] = name;
            }
        }
    }

    [Fact]
    public void A_splice_leads_there_and_its_inverse_back()
        => Gen.String.Select(Gen.String).Hold((before, after) =>
        {
            var splice = TextSplice.Between(before, after);
            Assert.Equal(after, splice.ApplyTo(before));
            Assert.Equal(before, splice.Inverse.ApplyTo(after));
        });

    [Fact]
    public void A_splice_never_cuts_a_character_in_half()
    {
        var splice = TextSplice.Between("a🌱b", "a🌲b");
        Assert.Equal(("🌱", "🌲"), (splice.Removed, splice.Inserted));
    }
}
