using LooseGraft.Web.Hosting;
using Microsoft.Extensions.Time.Testing;

namespace LooseGraft.Web.Tests;

public sealed class MemoryRestTests
{
    private const long Worth = 64 << 20;
    private const long Quiet = 2 << 20;

    [Theory]
    [InlineData("once when it is quiet after much was asked for", "..R..", Worth, Worth + Quiet + 1, Worth + Quiet + 1, Worth + Quiet + 1, Worth + Quiet + 1)]
    [InlineData("as soon as little enough is asked for", ".R.", Worth, Worth + Quiet, Worth + (2 * Quiet))]
    [InlineData("not while it is asked for things", "....", Worth, 2 * Worth, 3 * Worth, (3 * Worth) + Quiet + 1)]
    [InlineData("not for little", "..R", Worth - 1, Worth - 1, Worth)]
    [InlineData("again after as much once more", ".R....R", Worth, Worth, (2 * Worth) - 1, (2 * Worth) - 1, (2 * Worth) - 1, (2 * Worth) - 1, 2 * Worth)]
    public async Task Memory_is_given_back(string when, string rests, params long[] taken)
    {
        var (clock, look, seen) = (new FakeTimeProvider(), 0, "");
        using var looked = new SemaphoreSlim(0);
        using var rest = new MemoryRest(clock, Taken, () => seen = seen[..^1] + "R");
        await rest.StartAsync(TestContext.Current.CancellationToken);
        foreach (var _ in taken)
        {
            clock.Advance(MemoryRest.Look);
            await looked.WaitAsync(TestContext.Current.CancellationToken);
        }

        await rest.StopAsync(TestContext.Current.CancellationToken);
        Assert.True(rests == seen, $"{when}: {seen}");

        long Taken()
        {
            seen += ".";
            looked.Release();
            return taken[look++];
        }
    }
}
