using LooseGraft.Data;
using LooseGraft.Web.Hosting;

var builder = WebApplication.CreateBuilder(args);
if (!ListenAddress.TryApply(builder, out var refusal)) return await RefuseAsync(refusal);
builder.AddBench();
var app = builder.Build();
try
{
    await app.OpenBenchAsync();
}
catch (BenchStartException exception)
{
    return await RefuseAsync(exception.Message);
}

app.UseBench();
await app.RunAsync();
return 0;

static async Task<int> RefuseAsync(string why)
{
    await Console.Error.WriteLineAsync(why);
    return 2;
}
