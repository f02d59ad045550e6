namespace LooseGraft.Web.Tests;

/// <summary>The shelf, which is read again only when something was written.</summary>
public sealed class ShelfTests(BenchHost host) : IClassFixture<BenchHost>
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_was_saved_thrown_away_or_written_by_another_program_shows_at_the_next_look()
    {
        var first = await LookAsync();
        Assert.Equal(first, await LookAsync());
        Assert.DoesNotContain("A lantern", first);
        var id = await host.StoreAsync(store => store.AddAsync(Graft.Empty("A lantern"), Cancellation));
        Assert.Contains("A lantern", await LookAsync());
        await host.StoreAsync(store => store.ChangeAsync(id, 1, "named", graft => graft with { Name = "A lamp" }, Cancellation));
        Assert.Contains("A lamp", await LookAsync());
        await host.StoreAsync(store => store.UndoAsync(id, 2, Cancellation));
        Assert.Contains("A lantern", await LookAsync());
        await host.StoreAsync(store => store.ThrowAwayAsync(id, Cancellation));
        Assert.Contains("Destroy A lantern", await LookAsync());
        await host.ExecuteAsync($"UPDATE Graft SET Name = 'A torch' WHERE Id = {id}");
        Assert.Contains("Destroy A torch", await LookAsync());
        await host.StoreAsync(store => store.DestroyAsync(id, Cancellation));
        Assert.DoesNotContain("A torch", await LookAsync());
    }

    [Fact]
    public async Task What_somebody_chose_to_begin_with_stays_chosen_and_is_chosen_for_nobody_else()
    {
        var page = await BenchHost.TextAsync(await BenchHost.SendAsync(host.Browser(), "/", "/?handler=New", ("name", new string('x', 121)), ("copyOf", "2")));
        Assert.Contains("<option value=\"2\" selected=\"selected\">", page);
        Assert.DoesNotContain("selected=\"selected\">a copy", await LookAsync());
    }

    // Without what is another in each answer, whatever the shelf holds.
    private async Task<string> LookAsync()
    {
        var page = await host.Browser().GetStringAsync("/", Cancellation);
        return System.Text.RegularExpressions.Regex.Replace(page, "__RequestVerificationToken[^>]*>", "");
    }
}
