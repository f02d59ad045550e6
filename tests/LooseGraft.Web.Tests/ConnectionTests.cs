using LooseGraft.Data;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace LooseGraft.Web.Tests;

/// <summary>How the bench is connected to: one connection a context, which goes with it.</summary>
public sealed class ConnectionTests
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_context_keeps_one_connection_that_no_other_context_ever_has()
    {
        await using var host = new BenchHost();
        var seen = new HashSet<object>();
        for (var request = 0; request < 20; request++)
        {
            await using var scope = host.Services.CreateAsyncScope();
            await using var other = host.Services.CreateAsyncScope();
            var handle = await HandleAsync(scope);
            Assert.Same(handle, await HandleAsync(scope));
            Assert.True(seen.Add(handle));
            Assert.True(seen.Add(await HandleAsync(other)));
            Assert.Equal([1, 2], await Context(scope).Database.SqlQueryRaw<int>(
                "SELECT foreign_keys AS Value FROM pragma_foreign_keys UNION ALL SELECT synchronous FROM pragma_synchronous").ToListAsync(Cancellation));
        }
    }

    private static BenchContext Context(AsyncServiceScope scope) => scope.ServiceProvider.GetRequiredService<BenchContext>();

    private static async Task<object> HandleAsync(AsyncServiceScope scope)
    {
        await Context(scope).Grafts.CountAsync(Cancellation);
        return ((SqliteConnection)Context(scope).Database.GetDbConnection()).Handle!;
    }
}
