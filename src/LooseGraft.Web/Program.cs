using LooseGraft.Web.Hosting;

var builder = WebApplication.CreateBuilder(args);
if (ListenAddress.TryApply(builder, out var refusal))
{
    builder.AddBench();
    var app = builder.Build();
    await app.OpenBenchAsync();
    app.UseBench();
    await app.RunAsync();
    return 0;
}

await Console.Error.WriteLineAsync(refusal);
return 2;
